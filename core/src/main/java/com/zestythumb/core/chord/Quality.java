package com.zestythumb.core.chord;

import com.zestythumb.core.pitch.Interval;
import java.util.Arrays;
import java.util.List;

/**
 * The kinds of chord, one row each: the suffix printed, what it is called, its intervals above the
 * root in thirds order, and other spellings that are read. A new kind is a new row.
 */
public enum Quality {
    MAJOR("", "major", "P1 M3 P5", "M", "maj"),
    MINOR("m", "minor", "P1 m3 P5", "min", "mi", "-"),
    DIMINISHED("dim", "diminished", "P1 m3 d5", "°", "o"),
    AUGMENTED("aug", "augmented", "P1 M3 A5", "+", "#5"),
    SUSPENDED_SECOND("sus2", "suspended second", "P1 M2 P5"),
    SUSPENDED_FOURTH("sus4", "suspended fourth", "P1 P4 P5", "sus"),
    SIXTH("6", "sixth", "P1 M3 P5 M6", "maj6", "M6"),
    MINOR_SIXTH("m6", "minor sixth", "P1 m3 P5 M6", "min6", "-6"),
    ADDED_NINTH("add9", "added ninth", "P1 M3 P5 M9", "add2", "(add9)"),
    MINOR_ADDED_NINTH("madd9", "minor, added ninth", "P1 m3 P5 M9", "m(add9)", "minadd9"),
    DOMINANT_SEVENTH("7", "dominant seventh", "P1 M3 P5 m7", "dom7"),
    MAJOR_SEVENTH("maj7", "major seventh", "P1 M3 P5 M7", "M7", "Δ7", "Δ", "ma7", "j7"),
    MINOR_SEVENTH("m7", "minor seventh", "P1 m3 P5 m7", "min7", "mi7", "-7"),
    HALF_DIMINISHED("m7b5", "half-diminished seventh", "P1 m3 d5 m7", "m7♭5", "min7b5", "-7b5", "ø7", "ø", "m7(b5)"),
    DIMINISHED_SEVENTH("dim7", "diminished seventh", "P1 m3 d5 d7", "°7", "o7"),
    MINOR_MAJOR_SEVENTH("mM7", "minor, major seventh", "P1 m3 P5 M7", "mmaj7", "m(maj7)", "minmaj7", "-Δ7"),
    AUGMENTED_SEVENTH("7#5", "augmented seventh", "P1 M3 A5 m7", "aug7", "+7", "7♯5", "7(#5)"),
    SEVENTH_SUSPENDED_FOURTH("7sus4", "seventh, suspended fourth", "P1 P4 P5 m7", "7sus"),
    DOMINANT_NINTH("9", "ninth", "P1 M3 P5 m7 M9", "dom9"),
    DOMINANT_FLAT_NINTH("7b9", "seventh, flat ninth", "P1 M3 P5 m7 m9", "7♭9", "7(b9)"),
    MAJOR_NINTH("maj9", "major ninth", "P1 M3 P5 M7 M9", "M9", "Δ9", "ma9"),
    MINOR_NINTH("m9", "minor ninth", "P1 m3 P5 m7 M9", "min9", "mi9", "-9");

    private final String suffix;
    private final String description;
    private final List<Interval> intervals;
    private final List<String> aliases;

    Quality(String suffix, String description, String intervals, String... aliases) {
        this.suffix = suffix;
        this.description = description;
        this.intervals =
                Arrays.stream(intervals.split(" ")).map(Interval::parse).toList();
        this.aliases = List.of(aliases);
    }

    /** What is printed behind the root: {@code "m7b5"}. */
    public String suffix() {
        return suffix;
    }

    /** What a teacher calls it: {@code "half-diminished seventh"}. */
    public String description() {
        return description;
    }

    /** Spelled intervals above the root, the root first, in thirds order. */
    public List<Interval> intervals() {
        return intervals;
    }

    /** Other suffixes that are read as this kind. */
    public List<String> aliases() {
        return aliases;
    }

    /** The interval above the root with this number, 3 for the third; null where the kind has none. */
    public Interval numbered(int number) {
        for (Interval interval : intervals) {
            if (interval.steps() == number - 1) {
                return interval;
            }
        }
        return null;
    }

    /** Whether the chord has a seventh, and so takes the figures 7, 6/5, 4/3, 4/2. */
    public boolean hasSeventh() {
        return numbered(7) != null;
    }
}
