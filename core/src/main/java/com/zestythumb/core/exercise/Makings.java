package com.zestythumb.core.exercise;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** The music of exercises that are more than a row of chords: written in C, and moved to where it is wanted. */
final class Makings {

    /** Words of the seven letters. */
    private static final List<String> WORDS = List.of(
            "FACE", "BEAD", "CAGE", "EDGE", "DEAF", "FADE", "BADGE", "DECADE", "FACADE", "CABBAGE", "BAGGAGE", "BEDDED",
            "FEED", "DEED", "CAFE", "ADDED");

    private static final int ODD_BARS = 4;

    private Makings() {}

    /** Sopranos of textbooks' first exercises, with their chords (from memory). */
    private static final List<String[]> TUNES = List.of(
            new String[] {"C F G C", "E5 F5 D5 E5"},
            new String[] {"C G C F C", "E5 D5 E5 F5 E5"},
            new String[] {"C Am F G C", "E5 E5 F5 D5 C5"});

    static String underTune(Key key, int seed) {
        String[] tune = TUNES.get(Math.floorMod(seed / 12 + seed, TUNES.size()));
        Interval up = up(key);
        return symbols(tune[0], up) + "\nm: "
                + Arrays.stream(tune[1].split(" "))
                        .map(note -> abc(Pitch.parse(note).plus(up), up.semitones() > HIGHEST_UP) + "8")
                        .collect(Collectors.joining(" | "))
                + " |";
    }

    /** Basses with their chords, after the order of figures in treatises of thoroughbass (from memory; the basses are ours). */
    private static final List<String[]> BASSES = List.of(
            new String[] {"C | F | G | C", "C3 F3 G3 C3"},
            new String[] {"C | G/B | C | Dm/F | G | C", "C3 B2 C3 F3 G3 C3"},
            new String[] {"C | Am | F | G | C", "C3 A2 F2 G2 C3"},
            new String[] {"C | G7/B | C | F | G7 | C", "C3 B2 C3 F3 G3 C3"},
            new String[] {"C | G7/D | C/E | F | Gsus4 G | C", "C3 D3 E3 F3 G3 C3"},
            new String[] {"C | F | G7/F | C/E | Dm7/F | G | C", "C3 F3 F3 E3 F3 G3 C3"},
            new String[] {"C | Dm/F | C/G G | C", "C3 F3 G3 C3"},
            new String[] {"C | Fadd9 F | G | C", "C3 F3 G3 C3"},
            new String[] {"C | G | Em7 C/E | F | G7 | C", "C3 G3 E3 F3 G3 C3"},
            new String[] {"C | Am | D7/F# | G | C", "C3 A2 F#2 G2 C3"},
            new String[] {"C | D7/A | G/B | C", "C3 A2 B2 C3"},
            new String[] {"C | A7/C# | Dm | G7 | C", "C3 C#3 D3 G2 C3"});

    private static final List<String[]> BASSES_IN_MINOR = List.of(
            new String[] {"Am | Dm | E | Am", "A2 D3 E3 A2"},
            new String[] {"Am | E/G# | Am | Dm | E7 | Am", "A2 G#2 A2 D3 E3 A2"},
            new String[] {"Am | E7/B | Am/C | E | Am", "A2 B2 C3 E3 A2"},
            new String[] {"Am | Dm/F | E | Am", "A3 F3 E3 A3"},
            new String[] {"Am | E7/G# | Am | Dm | Esus4 E | Am", "A2 G#2 A2 D3 E3 A2"},
            new String[] {"Am | G#dim/B | Am/C | Dm | E | Am", "A2 B2 C3 D3 E3 A2"},
            new String[] {"Am | Dm | E7/D | Am/C | E | Am", "A2 D3 D3 C3 E3 A2"});

    /** C4, above which a tenor has no room; an octave lower none of these lies below E2. */
    private static final int HIGHEST_BASS = 60;

    static String overBass(Key key, int seed) {
        return overBass(BASSES, seed, up(key));
    }

    static String overBassInMinor(Key key, int seed) {
        return overBass(BASSES_IN_MINOR, seed, Interval.between(Pitch.parse("A3"), Pitch.parse(key.tonic() + "4")));
    }

    private static String overBass(List<String[]> rows, int seed, Interval up) {
        String[] row = rows.get(Math.floorMod(seed / 12 + seed, rows.size()));
        List<Pitch> bass = Arrays.stream(row[1].split(" "))
                .map(note -> Pitch.parse(note).plus(up))
                .toList();
        boolean lower = bass.stream().anyMatch(note -> note.midi() > HIGHEST_BASS);
        return symbols(row[0], up) + "\nl: "
                + bass.stream().map(note -> abc(note, lower) + "8").collect(Collectors.joining(" | "))
                + " |";
    }

    /** One pattern in four bars, and another in one of them. */
    static String oddBar(Key key, int seed) {
        List<List<Integer>> orders = List.of(List.of(0, 2, 1, 2), List.of(0, 1, 2, 1), List.of(0, 2, 2, 1));
        List<Integer> usual = orders.get(Math.floorMod(seed, orders.size()));
        List<Integer> other = orders.get(Math.floorMod(seed + 1, orders.size()));
        List<List<String>> chords = List.of(
                List.of("C3", "E3", "G3"),
                List.of("F3", "A3", "C4"),
                List.of("G3", "B3", "D4"),
                List.of("C3", "E3", "G3"));
        int odd = Math.floorMod(seed / 12 + seed, ODD_BARS);
        Interval up = up(key);
        String hand = "";
        for (int bar = 0; bar < chords.size(); bar++) {
            for (int order : bar == odd ? other : usual) {
                hand += abc(Pitch.parse(chords.get(bar).get(order)).plus(up), up.semitones() > HALF) + "2 ";
            }
            hand += "| ";
        }
        return symbols("C F G C", up) + "\nl: " + hand.strip();
    }

    /** Clean steps and one at which a rule is broken. */
    static String fault(Key key, int seed) {
        List<String[]> rows = List.of(
                new String[] {"C Dm G C", "C3 E3 G3/D3 F3 A3/B2 D3 G3/C3 E3 G3"},
                new String[] {"C G Am F G", "E3 G3 C4/D3 G3 B3/E3 A3 C4/F3 A3 C4/G3 B3 D4"},
                new String[] {"C F G C", "C3 E3 G3/C3 F3 A3/D3 G3 B3/C3 E3 G3"},
                new String[] {"F G C F", "F3 A3 C4/G3 B3 D4/G3 C4 E4/F3 A3 C4"});
        String[] row = rows.get(Math.floorMod(seed / 12 + seed, rows.size()));
        Interval up = up(key);
        return symbols(row[0], up) + "\nl: "
                + Arrays.stream(row[1].split("/"))
                        .map(chord -> Arrays.stream(chord.split(" "))
                                .map(note -> abc(Pitch.parse(note).plus(up), up.semitones() > HALF))
                                .collect(Collectors.joining("", "[", "]8")))
                        .collect(Collectors.joining(" | "))
                + " |";
    }

    static String riddle(Key key, int seed) {
        String word = WORDS.get(Math.floorMod(seed, WORDS.size()));
        String notes = word.chars().mapToObj(letter -> (char) letter + ",8").collect(Collectors.joining(" | "));
        String chords = word.chars().mapToObj(letter -> (char) letter + "5").collect(Collectors.joining(" | "));
        return "| " + chords + " |\nl: " + notes + " |";
    }

    private static Interval up(Key key) {
        return Interval.between(Pitch.parse("C4"), Pitch.parse(key.tonic() + "4"));
    }

    private static String symbols(String chords, Interval up) {
        String bars = chords.contains("|") ? chords : chords.replace(" ", " | ");
        return Arrays.stream(bars.split(" "))
                .map(word -> word.equals("|")
                        ? word
                        : Chord.parse(word).with(note -> note.plus(up)).toString())
                .collect(Collectors.joining(" ", "| ", " |"));
    }

    /** Half an octave: what is moved farther up goes an octave lower, so that it stays where the hands are at home. */
    private static final int HALF = 5;
    /** The same for a soprano up to F5. */
    private static final int HIGHEST_UP = 4;

    /** Every sign is written. */
    private static String abc(Pitch pitch, boolean lower) {
        int alteration = pitch.pitchClass().alteration();
        String sign = alteration == 0 ? "=" : (alteration > 0 ? "^" : "_").repeat(Math.abs(alteration));
        String letter = pitch.pitchClass().letter().toString();
        int octave = Math.floorDiv(pitch.staffStep(), 7) - (lower ? 1 : 0);
        return sign
                + (octave >= 5
                        ? letter.toLowerCase(Locale.ROOT) + "'".repeat(octave - 5)
                        : letter + ",".repeat(4 - octave));
    }
}
