package com.zestythumb.core.pitch;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A spelled interval: an augmented fourth is not a diminished fifth.
 *
 * @param steps letter names between the two notes, 0 for a unison, 4 for a fifth, 7 for an octave
 * @param semitones keys between the two notes
 */
public record Interval(int steps, int semitones) {

    /** Semitones of the major and perfect intervals of one octave, by steps. */
    private static final int[] NATURAL = {0, 2, 4, 5, 7, 9, 11};

    /** Steps from a piano's lowest key to its highest, and a little beyond. */
    private static final int WHOLE_PIANO = 56;

    private static final Pattern SYNTAX = Pattern.compile("([PMmAd])(\\d{1,2})");
    private static final String[] NUMBER_WORDS = {
        "unison", "second", "third", "fourth", "fifth", "sixth", "seventh", "octave", "ninth", "tenth"
    };

    public static final Interval UNISON = parse("P1");
    public static final Interval MINOR_SECOND = parse("m2");
    public static final Interval MAJOR_SECOND = parse("M2");
    public static final Interval MINOR_THIRD = parse("m3");
    public static final Interval MAJOR_THIRD = parse("M3");
    public static final Interval PERFECT_FOURTH = parse("P4");
    public static final Interval PERFECT_FIFTH = parse("P5");
    public static final Interval OCTAVE = parse("P8");

    public Interval {
        if (steps < 0 || steps > WHOLE_PIANO) {
            throw new IllegalArgumentException("an interval spans 0 to " + WHOLE_PIANO + " steps, not " + steps);
        }
        if (Math.abs(semitones - natural(steps)) > 3) {
            throw new IllegalArgumentException(semitones + " semitones are no kind of " + ordinal(steps + 1));
        }
    }

    // Compared and hashed so often that what records have by themselves takes its time until it is warm.
    @Override
    public boolean equals(Object other) {
        return other instanceof Interval o && steps == o.steps && semitones == o.semitones;
    }

    @Override
    public int hashCode() {
        return 31 * steps + semitones;
    }

    /** Reads {@code "m3"}, {@code "P5"}, {@code "A4"}, {@code "d7"}, {@code "M9"}. */
    public static Interval parse(String text) {
        Matcher m = SYNTAX.matcher(text);
        if (!m.matches() || m.group(2).equals("0")) {
            throw new IllegalArgumentException("\"" + text + "\" is not an interval; write m3, P5 or A4");
        }
        int steps = Integer.parseInt(m.group(2)) - 1;
        boolean perfect = isPerfect(steps);
        int change = switch (m.group(1).charAt(0)) {
            case 'A' -> 1;
            case 'd' -> perfect ? -1 : -2;
            case 'm' -> -1;
            default -> 0;
        };
        if ((perfect ? "Mm" : "P").contains(m.group(1))) {
            throw new IllegalArgumentException("there is no interval " + text);
        }
        return new Interval(steps, natural(steps) + change);
    }

    /** The interval from the lower to the upper of two pitches, whichever comes first. */
    public static Interval between(Pitch a, Pitch b) {
        Pitch low = a.staffStep() <= b.staffStep() ? a : b;
        Pitch high = low == a ? b : a;
        return new Interval(high.staffStep() - low.staffStep(), high.midi() - low.midi());
    }

    /** The number in words: {@code "third"}. */
    public String numberName() {
        return steps < NUMBER_WORDS.length ? NUMBER_WORDS[steps] : ordinal(steps + 1);
    }

    private static String ordinal(int number) {
        return number + "th";
    }

    private static boolean isPerfect(int steps) {
        int simple = steps % 7;
        return simple == 0 || simple == 3 || simple == 4;
    }

    private static int natural(int steps) {
        return NATURAL[steps % 7] + 12 * (steps / 7);
    }

    /** The short name {@link #parse} reads back, for all but doubly altered intervals. */
    @Override
    public String toString() {
        int change = semitones - natural(steps);
        String kind;
        if (isPerfect(steps)) {
            kind = change == 0 ? "P" : change > 0 ? "A".repeat(change) : "d".repeat(-change);
        } else {
            kind = change == 0 ? "M" : change == -1 ? "m" : change > 0 ? "A".repeat(change) : "d".repeat(-change - 1);
        }
        return kind + (steps + 1);
    }
}
