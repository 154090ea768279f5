package com.zestythumb.core.pitch;

import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A spelled note at its place on the keyboard, in scientific pitch notation: middle C is C4.
 *
 * @param pitchClass the spelled name
 * @param octave the octave number, which changes between B and C
 */
public record Pitch(PitchClass pitchClass, int octave) implements Comparable<Pitch> {

    private static final String[] ON_THE_KEYS = {
        "left of the two black keys",
        "the left of the two black keys",
        "between the two black keys",
        "the right of the two black keys",
        "right of the two black keys",
        "left of the three black keys",
        "the left of the three black keys",
        "between the left two of the three black keys",
        "the middle one of the three black keys",
        "between the right two of the three black keys",
        "the right of the three black keys",
        "right of the three black keys"
    };

    private static final Pattern SYNTAX = Pattern.compile("(.+?)(-?\\d)");

    public Pitch {
        Objects.requireNonNull(pitchClass, "pitchClass");
        if (octave < -1 || octave > 9) {
            throw new IllegalArgumentException("octave " + octave + " lies outside every keyboard");
        }
    }

    // Compared and hashed so often that what records have by themselves takes its time until it is warm.
    @Override
    public boolean equals(Object other) {
        return other instanceof Pitch o && octave == o.octave && pitchClass.equals(o.pitchClass);
    }

    @Override
    public int hashCode() {
        return 31 * pitchClass.hashCode() + octave;
    }

    /** Reads {@code "Eb3"}, {@code "F#4"}. */
    public static Pitch parse(String text) {
        Matcher m = SYNTAX.matcher(text);
        if (!m.matches()) {
            throw new IllegalArgumentException("\"" + text + "\" is not a pitch; write C4, F#3 or Bb2");
        }
        return new Pitch(PitchClass.parse(m.group(1)), Integer.parseInt(m.group(2)));
    }

    /** The lowest pitch of that name at or above a MIDI key number. */
    public static Pitch atOrAbove(PitchClass name, int midi) {
        int octave = Math.floorDiv(midi - name.letter().semitones() - name.alteration() + 11, 12) - 1;
        return new Pitch(name, octave);
    }

    /** MIDI key number; middle C is 60 (MIDI 1.0). */
    public int midi() {
        return 12 * (octave + 1) + pitchClass.letter().semitones() + pitchClass.alteration();
    }

    /** Lines and spaces above C0: two notes a step apart on the staff differ by one. */
    public int staffStep() {
        return 7 * octave + pitchClass.letter().ordinal();
    }

    /** The pitch an interval higher: {@code parse("Eb3").plus(Interval.MAJOR_THIRD)} is G3. */
    public Pitch plus(Interval interval) {
        int target = staffStep() + interval.steps();
        return new Pitch(pitchClass.plus(interval), Math.floorDiv(target, 7));
    }

    /** Whether this is one of the five black keys of the octave. */
    public boolean isBlackKey() {
        int s = Math.floorMod(midi(), 12);
        return s == 1 || s == 3 || s == 6 || s == 8 || s == 10;
    }

    /** Spelling with the printed signs: {@code "E♭3"}. */
    public String pretty() {
        return pitchClass.pretty() + octave;
    }

    /** Lower keys first; notes on the same key in the order of their staff places. */
    @Override
    public int compareTo(Pitch other) {
        int byKey = Integer.compare(midi(), other.midi());
        return byKey != 0 ? byKey : Integer.compare(staffStep(), other.staffStep());
    }

    @Override
    public String toString() {
        return pitchClass.toString() + octave;
    }

    /** Where its key lies among black and white ones, as one tells a child: {@code "left of the two black keys"}. */
    public String onTheKeys() {
        return ON_THE_KEYS[Math.floorMod(midi(), ON_THE_KEYS.length)];
    }
}
