package com.zestythumb.formats;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.checking.Finding;
import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.formats.importing.Importer;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Pages in four parts and for the piano, clean ones and such with planted faults; the lists were written before the parts were read. */
class PagesInPartsTest {

    private static final Hand WIDE = Hand.ofSpan(19);

    /** What depends on the hand and the octave. */
    private static final Set<String> OF_THE_HAND = Set.of(
            "stretch", "stretch-within", "stretch-right", "held-too-far", "finger-twice", "leap", "mud", "range");

    private static final List<String> KEYS =
            List.of("P1", "m2", "M2", "m3", "M3", "P4", "A4", "P5", "m6", "M6", "m7", "M7");

    private static List<String> lines(String file) {
        try (var in = Objects.requireNonNull(PagesInPartsTest.class.getResourceAsStream("/parts/" + file), file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .toList();
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    /** A page of a list: what stands before the colons, and behind them. */
    private static List<Map<String, String>> pages(String file) {
        List<Map<String, String>> pages = new ArrayList<>();
        Map<String, String> page = new HashMap<>();
        for (String line : lines(file)) {
            if (line.contains(" key:")) {
                page = new HashMap<>();
                pages.add(page);
            }
            for (String part : line.split(" \\| ")) {
                String[] pair = part.split(":", 2);
                page.put(pair[0].strip(), pair[1].strip());
            }
        }
        return pages;
    }

    /** As a page of ABC with two staves of two voices each, so much higher. */
    private static String abc(Map<String, String> page, Interval up) {
        String[] key = page.get("key").split(" ");
        int beats = page.get("S").split(" ").length;
        int meter = Math.min(beats, 4);
        PitchClass tonic = PitchClass.parse(key[0]).plus(up);
        String right = hand(page, "S", "A", meter, up);
        for (String name : page.getOrDefault("chords", "").split(" ")) {
            right = name.isEmpty() ? right : named(right, name, up);
        }
        return "X:1\nM:" + meter + "/4\nL:1/8\nK:" + tonic + (key[1].equals("minor") ? "m" : "") + "\nV:1\n" + right
                + "\nV:2 clef=bass\n" + hand(page, "T", "B", meter, up) + "\n";
    }

    /** With a symbol before the next note that has none. */
    private static String named(String voice, String chord, Interval up) {
        String symbol = Chord.parse(chord).with(note -> note.plus(up)).toString();
        return voice.replaceFirst("(^| )(?=[=^_][A-Ga-g][',]*\\d)(?<!\" )", "$1\"" + symbol + "\" ");
    }

    private static String hand(Map<String, String> page, String upper, String lower, int meter, Interval up) {
        List<String> above = bars(page.get(upper), meter, up);
        List<String> below = bars(page.get(lower), meter, up);
        List<String> bars = new ArrayList<>();
        for (int i = 0; i < above.size(); i++) {
            bars.add(above.get(i) + " & " + below.get(i));
        }
        return String.join(" | ", bars) + " |";
    }

    /** A voice as a chart has it, bar by bar; what is held on is tied. */
    private static List<String> bars(String line, int meter, Interval up) {
        List<String> bars = new ArrayList<>();
        StringBuilder bar = new StringBuilder();
        String last = "";
        int beat = 0;
        for (String word : line.split(" ")) {
            String[] shares = word.split("\\.");
            for (String share : shares) {
                boolean held = share.equals("~");
                last = held ? last : abc(near(share, up));
                bar.append(held ? "- " : " ").append(last).append(2 / shares.length);
            }
            beat++;
            if (beat % meter == 0) {
                bars.add(bar.toString());
                bar.setLength(0);
            }
        }
        if (!bar.isEmpty()) {
            bars.add(bar + " z" + 2 * (meter - beat % meter));
        }
        return bars.stream().map(one -> one.strip().replace(" - ", "- ")).toList();
    }

    /** So much higher, or an octave below that where it is more than a half step: the hands stay where they are at home. */
    private static Pitch near(String pitch, Interval up) {
        int octave = pitch.length() - 1;
        int down = up.semitones() > 1 ? 1 : 0;
        return Pitch.parse(pitch.substring(0, octave) + (pitch.charAt(octave) - '0' - down))
                .plus(up);
    }

    private static String abc(Pitch pitch) {
        int alteration = pitch.pitchClass().alteration();
        String sign = alteration == 0 ? "=" : (alteration > 0 ? "^" : "_").repeat(Math.abs(alteration));
        int octave = (pitch.staffStep() - pitch.pitchClass().letter().ordinal()) / 7;
        String letter = pitch.pitchClass().letter().toString();
        return sign
                + (octave >= 5
                        ? letter.toLowerCase(Locale.ROOT) + "'".repeat(octave - 5)
                        : letter + ",".repeat(4 - octave));
    }

    private static List<Finding> findings(String abc, School school) {
        LeadSheet sheet = Importer.read("page.abc", abc.getBytes(StandardCharsets.UTF_8))
                .get(0)
                .sheet();
        Arrangement page = Arrangement.of(sheet, Choices.USUAL.with(WIDE).with(school));
        return Findings.in(page).stream()
                .filter(finding -> !OF_THE_HAND.contains(finding.kind().code()))
                .toList();
    }

    @Test
    void findsNothingInCleanParts() {
        List<String> alarms = new ArrayList<>();
        int chords = 0;
        for (Map<String, String> page : pages("models.txt")) {
            for (String key : KEYS) {
                chords += page.get("S").split(" ").length;
                for (Finding finding : findings(abc(page, Interval.parse(key)), School.STRICT)) {
                    if (!finding.severity().isAboveHint()) {
                        continue;
                    }
                    alarms.add(page.get("name") + " " + key + ": " + finding.fault());
                }
            }
        }
        System.out.printf("false alarms in parts: %d in %d chords %s%n", alarms.size(), chords, alarms);
        assertThat(100.0 * alarms.size() / chords).as(String.join("\n", alarms)).isLessThan(1);
    }

    @Test
    void findsWhatWasPlantedIntoParts() {
        List<String> wrong = new ArrayList<>();
        for (Map<String, String> page : pages("page-faults.txt")) {
            Set<String> expected = new TreeSet<>(List.of(page.get("codes").split(" ")));
            for (String key : KEYS) {
                Set<String> found = findings(abc(page, Interval.parse(key)), School.STRICT).stream()
                        .map(finding -> finding.kind().code())
                        .collect(Collectors.toCollection(TreeSet::new));
                if (!found.containsAll(expected)) {
                    wrong.add(expected + " in " + key + ", found " + found);
                }
            }
        }
        assertThat(wrong).as(String.join("\n", wrong)).isEmpty();
    }
}
