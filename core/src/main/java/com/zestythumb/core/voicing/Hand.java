package com.zestythumb.core.voicing;

import com.zestythumb.core.pitch.Pitch;
import java.util.List;
import java.util.Objects;

/**
 * What a student's left hand reaches and where on the keyboard it lives.
 *
 * @param reach what its fingers hold with ease, pair by pair
 * @param lowest the lowest note it is sent to
 * @param highest the highest note it is sent to, at least an octave above the lowest
 * @param rolls whether what it cannot hold may be rolled, as far as a tenth
 * @param reading what whose hand it is reads with ease
 */
public record Hand(Reach reach, Pitch lowest, Pitch highest, boolean rolls, ReadingLevel reading) {

    public static final int SMALLEST_SPAN = 5;
    static final int FINGERS = 5;
    public static final int LARGEST_SPAN = 19;
    private static final int AN_OCTAVE = 12;

    /** A major tenth. */
    private static final int TENTH = 16;

    /** A major third. */
    private static final int SWING = 4;

    /** A hand to start from, before it is measured. */
    public record Usual(String name, int span) {}

    /** Usual hands, in semitones from thumb to little finger (common practice). */
    public static final List<Usual> USUAL = List.of(
            new Usual("Young child", 8), new Usual("Small", 10), new Usual("Medium", 12), new Usual("Large adult", 15));

    /** An adult's comfortable octave, from C2 to A4 (common practice). */
    public static final Hand OCTAVE = ofSpan(12);

    public Hand {
        Objects.requireNonNull(reach, "reach");
        Objects.requireNonNull(lowest, "lowest");
        Objects.requireNonNull(highest, "highest");
        Objects.requireNonNull(reading, "reading");
        check(reach.span());
        if (highest.midi() - lowest.midi() < AN_OCTAVE) {
            throw new IllegalArgumentException("from " + lowest.pretty() + " to " + highest.pretty()
                    + " is less than an octave; give the left hand a little more room");
        }
        if (lowest.midi() < 21 || highest.midi() > 108) {
            throw new IllegalArgumentException("a piano goes from A0 to C8; keep the hand on it");
        }
    }

    /** A usual hand of this span. */
    public Hand(int span, Pitch lowest, Pitch highest) {
        this(Reach.ofSpan(check(span)), lowest, highest, false, ReadingLevel.ANYTHING);
    }

    private static int check(int span) {
        if (span < SMALLEST_SPAN || span > LARGEST_SPAN) {
            throw new IllegalArgumentException("a hand spans 5 semitones (a fourth) to 19 (a twelfth), not " + span);
        }
        return span;
    }

    public static Hand ofSpan(int semitones) {
        return new Hand(semitones, Pitch.parse("C2"), Pitch.parse("A4"));
    }

    public Hand with(Reach other) {
        return new Hand(other, lowest, highest, rolls, reading);
    }

    public Hand reading(ReadingLevel other) {
        return new Hand(reach, lowest, highest, rolls, other);
    }

    public Hand rolling(boolean other) {
        return new Hand(reach, lowest, highest, other, reading);
    }

    /** Semitones from little finger to thumb that it holds with ease; 12 is an octave. */
    public int span() {
        return reach.span();
    }

    /** Middle of its range as a MIDI key number, where it is at home. */
    public int home() {
        return (lowest.midi() + highest.midi()) / 2;
    }

    /** By how many semitones a grip lies beyond what it holds, or rolls. */
    public int beyond(Grip grip) {
        return grip.width() > span() && rolls && grip.width() <= TENTH
                ? beyondRolled(grip.midiKeys())
                : reach.beyond(grip.midiKeys());
    }

    /** A hand that rolls swings a third farther than it spans, from each key to the next (common practice). */
    private int beyondRolled(int[] keys) {
        int beyond = 0;
        for (int i = 1; i < keys.length; i++) {
            beyond = Math.max(beyond, keys[i] - keys[i - 1] - span() - SWING);
        }
        return beyond;
    }

    /** Whether it can play a grip only by rolling it. */
    public boolean mustRoll(Grip grip) {
        return rolls && grip.width() <= TENTH && reach.beyond(grip.midiKeys()) > 0;
    }
}
