package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A phrase of the examiner's lists (examiner-faults.txt tells the form).
 *
 * @param texture of a left hand: block, broken, or bass first; empty where voices are sung
 * @param chords bar by bar
 * @param voices what stands in each voice, a word to a chord, by its letter
 * @param rest the fields behind the voices
 */
record ExaminerCase(
        String line,
        School school,
        String key,
        String texture,
        List<List<String>> chords,
        Map<String, List<String>> voices,
        List<String> rest) {

    private static final int BAR = 8;

    static ExaminerCase of(String line) {
        List<String> fields = new ArrayList<>(
                Arrays.stream(line.split(" ; ")).map(String::strip).toList());
        School school = School.STRICT;
        if (fields.get(0).equals("P") || fields.get(0).equals("K")) {
            school = fields.remove(0).equals("P") ? School.POPULAR : School.CLASSICAL;
        }
        String key = fields.remove(0);
        boolean hand = List.of("block", "broken", "bass").contains(fields.get(0));
        String texture = hand ? fields.remove(0) : "";
        List<List<String>> chords = Arrays.stream(fields.remove(0).split("\\|"))
                .map(bar -> List.of(bar.strip().split(" +")))
                .toList();
        Map<String, List<String>> voices = new LinkedHashMap<>();
        while (!fields.isEmpty() && fields.get(0).matches("[SATBMH] .*")) {
            String voice = fields.remove(0);
            voices.put(voice.substring(0, 1), List.of(voice.substring(2).strip().split(" +")));
        }
        return new ExaminerCase(line, school, key, texture, chords, voices, fields);
    }

    /** As a chart, so much higher. */
    String chart(Interval up) {
        boolean minor = key.endsWith("m");
        String heading = "key: " + PitchClass.parse(key.replace("m", "")).plus(up) + (minor ? " minor" : " major")
                + "\nmeter: 4/4\ntempo: 60\n| "
                + chords.stream()
                        .map(bar -> bar.stream()
                                .map(chord -> Chord.parse(chord)
                                        .with(note -> note.plus(up))
                                        .toString())
                                .collect(Collectors.joining(" ")))
                        .collect(Collectors.joining(" | "))
                + " |";
        return heading + staff("m: ", up, "S", "A", "M") + staff("l: ", up, "T", "B", "H") + "\n";
    }

    private String staff(String sign, Interval up, String... names) {
        List<List<String>> bars = Stream.of(names)
                .filter(voices::containsKey)
                .map(name -> bars(name, up))
                .toList();
        if (bars.isEmpty()) {
            return "";
        }
        List<String> joined = new ArrayList<>();
        for (int bar = 0; bar < chords.size(); bar++) {
            int at = bar;
            joined.add(bars.stream().map(voice -> voice.get(at)).collect(Collectors.joining(" & ")));
        }
        return "\n" + sign + String.join(" | ", joined) + " |";
    }

    /** What a voice has, bar by bar. */
    private List<String> bars(String voice, Interval up) {
        List<String> bars = new ArrayList<>();
        List<String> words = voices.get(voice);
        String last = "";
        int chord = 0;
        for (List<String> bar : chords) {
            StringBuilder notes = new StringBuilder();
            for (int i = 0; i < bar.size(); i++) {
                int length = BAR / bar.size();
                String[] shares = words.get(chord++).split(",");
                for (String share : shares) {
                    if (share.equals("~")) {
                        if (notes.isEmpty()) {
                            bars.set(bars.size() - 1, bars.get(bars.size() - 1).strip() + "-");
                        } else {
                            notes.setLength(notes.length() - 1);
                            notes.append("- ");
                        }
                    } else {
                        last = share;
                    }
                    notes.append(notes(last, up, length / shares.length, voice.equals("H")));
                }
            }
            bars.add(notes.toString());
        }
        return bars;
    }

    private String notes(String word, Interval up, int length, boolean hand) {
        if (!hand) {
            return abc(word, up) + length + " ";
        }
        List<String> keys =
                Arrays.stream(word.split("\\+")).map(key -> abc(key, up)).toList();
        if (texture.equals("block") || keys.size() == 1) {
            return chord(keys, length);
        }
        if (texture.equals("bass")) {
            return chord(keys.subList(0, 1), length / 2) + chord(keys.subList(1, keys.size()), length / 2);
        }
        String first = keys.subList(0, keys.size() - 1).stream()
                .map(key -> key + length / 4 + " ")
                .collect(Collectors.joining());
        return first + keys.get(keys.size() - 1) + (length - (keys.size() - 1) * (length / 4)) + " ";
    }

    private static String chord(List<String> keys, int length) {
        return keys.size() == 1 ? keys.get(0) + length + " " : "[" + String.join("", keys) + "]" + length + " ";
    }

    private static String abc(String name, Interval up) {
        Pitch pitch = Pitch.parse(name).plus(up);
        int alteration = pitch.pitchClass().alteration();
        String sign = alteration == 0 ? "=" : (alteration > 0 ? "^" : "_").repeat(Math.abs(alteration));
        String letter = pitch.pitchClass().letter().toString();
        int octave = Math.floorDiv(pitch.staffStep(), 7);
        return sign
                + (octave >= 5
                        ? letter.toLowerCase(Locale.ROOT) + "'".repeat(octave - 5)
                        : letter + ",".repeat(4 - octave));
    }

    Arrangement arranged(Interval up) {
        return Arrangement.of(
                Chart.read(chart(up)).sheet(),
                Choices.USUAL.with(Hand.ofSpan(14)).with(school));
    }

    /** The letter of the voice that has a note at the beginning of a chord. */
    String voiceOf(int chord, Pitch pitch) {
        return voices.entrySet().stream()
                .filter(voice ->
                        List.of(voice.getValue().get(chord).split("[,+]")).contains(pitch.toString()))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse("?");
    }
}
