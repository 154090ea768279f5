package com.zestythumb.core.chord;

import com.zestythumb.core.pitch.Interval;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;

/**
 * The kind of a chord: the suffix printed behind the root, what it is called, and its intervals above
 * the root in thirds order. Two qualities with the same intervals are one, under one normal suffix.
 */
public final class Quality {

    private static final Comparator<Interval> IN_THIRDS =
            Comparator.comparingInt(Interval::steps).thenComparingInt(Interval::semitones);

    public static final Quality MAJOR = of("", "major", "P1 M3 P5");
    public static final Quality MINOR = of("m", "minor", "P1 m3 P5");
    public static final Quality DIMINISHED = of("dim", "diminished", "P1 m3 d5");
    public static final Quality AUGMENTED = of("aug", "augmented", "P1 M3 A5");
    public static final Quality SUSPENDED_SECOND = of("sus2", "suspended second", "P1 M2 P5");
    public static final Quality SUSPENDED_FOURTH = of("sus4", "suspended fourth", "P1 P4 P5");
    public static final Quality SIXTH = of("6", "sixth", "P1 M3 P5 M6");
    public static final Quality MINOR_SIXTH = of("m6", "minor sixth", "P1 m3 P5 M6");
    public static final Quality DOMINANT_SEVENTH = of("7", "dominant seventh", "P1 M3 P5 m7");
    public static final Quality MAJOR_SEVENTH = of("maj7", "major seventh", "P1 M3 P5 M7");
    public static final Quality MINOR_SEVENTH = of("m7", "minor seventh", "P1 m3 P5 m7");
    public static final Quality HALF_DIMINISHED = of("m7b5", "half-diminished seventh", "P1 m3 d5 m7");
    public static final Quality DIMINISHED_SEVENTH = of("dim7", "diminished seventh", "P1 m3 d5 d7");

    private final String suffix;
    private final String description;
    private final List<Interval> intervals;
    private final int hash;

    Quality(String suffix, String description, Collection<Interval> intervals) {
        this.suffix = suffix;
        this.description = description;
        this.intervals = intervals.stream().distinct().sorted(IN_THIRDS).toList();
        this.hash = intervals().hashCode();
    }

    static Quality of(String suffix, String description, String intervals) {
        return new Quality(
                suffix,
                description,
                Arrays.stream(intervals.split(" ")).map(Interval::parse).toList());
    }

    /**
     * Reads a suffix in any of its spellings: {@code "m7b5"}, {@code "ø"}, {@code "13(#11,b9)"}.
     *
     * @throws IllegalArgumentException if no kind of chord is written so
     */
    public static Quality parse(String suffix) {
        return SuffixReader.read(suffix)
                .orElseThrow(() -> new IllegalArgumentException("\"" + suffix + "\" is no kind of chord"));
    }

    /**
     * The kind with exactly these intervals, named as a teacher would: by the nearest plain kind and what
     * is altered, added or left out.
     *
     * @throws IllegalArgumentException if no symbol says it
     */
    public static Quality of(Collection<Interval> intervals) {
        return SuffixWriter.nameOf(intervals)
                .orElseThrow(() -> new IllegalArgumentException("no symbol stands for " + intervals));
    }

    /** The kinds in common use, one row each, simplest first. */
    public static List<Quality> common() {
        return QualityTable.ROWS.stream().map(QualityTable.Row::quality).toList();
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

    /** Whether the third is minor, and a numeral for the chord lower case. */
    public boolean hasMinorThird() {
        return Interval.MINOR_THIRD.equals(numbered(3));
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Quality that && intervals.equals(that.intervals);
    }

    @Override
    public int hashCode() {
        return hash;
    }

    @Override
    public String toString() {
        return suffix + " (" + intervals.stream().map(Interval::toString).collect(Collectors.joining(" ")) + ")";
    }
}
