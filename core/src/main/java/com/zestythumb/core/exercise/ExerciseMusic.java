package com.zestythumb.core.exercise;

import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The music of exercises that are more than a row of chords: lines of {@link ExerciseLines}, moved to where they are wanted. */
final class ExerciseMusic {

    /** Words of the seven letters. */
    private static final List<String> WORDS = List.of(
            "FACE", "BEAD", "CAGE", "EDGE", "DEAF", "FADE", "BADGE", "DECADE", "FACADE", "CABBAGE", "BAGGAGE", "BEDDED",
            "FEED", "DEED", "CAFE", "ADDED");

    private static final int ODD_BARS = 4;
    private static final int KEYS = 12;
    /** E2 and G♯5, beyond which nobody sings; C4, above which a bass leaves no room. */
    private static final int LOWEST = 40;

    private static final int HIGHEST = 80;
    private static final int HIGHEST_BASS = 60;

    private ExerciseMusic() {}

    /** The lines of each set: chords, upper staff, lower staff, and a word. */
    private static final Map<String, List<String[]>> LINES = ExerciseLines.ALL
            .lines()
            .filter(line -> !line.isBlank() && !line.startsWith("#"))
            .map(line -> line.split("; ?", -1))
            .collect(Collectors.groupingBy(parts -> parts[0]));

    /** How many lines a set has. */
    static int count(String set) {
        return LINES.get(set).size();
    }

    /** The lines of a set, of which a seed takes one. */
    static BiFunction<Key, Integer, String> of(String set) {
        List<String[]> lines = LINES.get(set);
        return (key, seed) -> {
            String[] line = lines.get(Math.floorMod(seed / KEYS + seed, lines.size()));
            return moved(line[1], line[2], line[3], key);
        };
    }

    /** From C major or A minor to a key, every note by its own name, in the octave in which it can be sung. */
    private static String moved(String chords, String upper, String lower, Key key) {
        boolean minor = key.toString().endsWith("minor");
        LeadSheet here = Chart.parse("key: " + (minor ? "A minor" : "C major") + "\nmeter: 4/4\n| " + chords + " |"
                + staff("m", upper) + staff("l", lower));
        Interval up = Interval.between(Pitch.parse(minor ? "A3" : "C4"), Pitch.parse(key.tonic() + "4"));
        int[] left = midi(here.bars().stream().flatMap(bar -> bar.allOfLeft().stream()));
        int[] right = midi(here.bars().stream().flatMap(bar -> bar.allOfUpper().stream()));
        boolean bassAlone = right.length == 0 && !lower.contains("[");
        int most = left.length == 0 ? HIGHEST : bassAlone ? HIGHEST_BASS : 0;
        int highest = highest(left.length == 0 ? right : left) + up.semitones();
        // A hand, and four parts, stay where they are written as nearly as can be.
        boolean isHigh = up.semitones() > KEYS / 2 || highest(right) + up.semitones() > HIGHEST + 1;
        boolean lowered = most > 0 ? highest > most : isHigh && left[0] + up.semitones() - KEYS >= LOWEST;
        LeadSheet there = here.mapBars(bar -> bar.withKey(key)
                .withEvents(bar.events().stream()
                        .map(event -> event.with(event.chord().with(note -> note.plus(up))))
                        .toList())
                .mapVoices(voice -> voice.stream()
                        .map(note -> note.isRest() ? note : note.with(moved(note.pitch(), up, lowered)))
                        .toList()));
        return ChartWriter.write(new LeadSheet(there.heading().withKey(key), there.bars()))
                .lines()
                .filter(line -> line.startsWith("|") || line.startsWith("m:") || line.startsWith("l:"))
                .collect(Collectors.joining("\n"));
    }

    private static Pitch moved(Pitch pitch, Interval up, boolean lowered) {
        Pitch moved = pitch.plus(up);
        return lowered ? new Pitch(moved.pitchClass(), moved.octave() - 1) : moved;
    }

    private static String staff(String name, String notes) {
        return notes.isBlank() ? "" : "\n" + name + ": " + notes + " |";
    }

    private static int[] midi(Stream<SheetNote> notes) {
        return notes.filter(note -> !note.isRest())
                .mapToInt(note -> note.pitch().midi())
                .sorted()
                .toArray();
    }

    private static int highest(int[] sorted) {
        return sorted.length == 0 ? 0 : sorted[sorted.length - 1];
    }

    /** One pattern in four bars, and another in one of them. */
    static String oddBar(Key key, int seed) {
        List<List<Integer>> orders = List.of(List.of(0, 2, 1, 2), List.of(0, 1, 2, 1), List.of(0, 2, 2, 1));
        List<Integer> usual = orders.get(Math.floorMod(seed, orders.size()));
        List<Integer> other = orders.get(Math.floorMod(seed + 1, orders.size()));
        List<List<String>> chords = List.of(
                List.of("C,", "E,", "G,"),
                List.of("F,", "A,", "C"),
                List.of("G,", "B,", "D"),
                List.of("C,", "E,", "G,"));
        int odd = Math.floorMod(seed / KEYS + seed, ODD_BARS);
        String hand = IntStream.range(0, ODD_BARS)
                .mapToObj(bar -> (bar == odd ? other : usual)
                        .stream().map(note -> chords.get(bar).get(note) + "2").collect(Collectors.joining(" ")))
                .collect(Collectors.joining(" | "));
        return moved("C | F | G | C", "", hand, key);
    }

    static String riddle(Key key, int seed) {
        String word = WORDS.get(Math.floorMod(seed, WORDS.size()));
        String notes = word.chars().mapToObj(letter -> (char) letter + ",8").collect(Collectors.joining(" | "));
        String chords = word.chars().mapToObj(letter -> (char) letter + "5").collect(Collectors.joining(" | "));
        return "| " + chords + " |\nl: " + notes + " |";
    }
}
