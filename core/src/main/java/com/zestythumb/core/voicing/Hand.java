package com.zestythumb.core.voicing;

import com.zestythumb.core.pitch.Pitch;
import java.util.Objects;

/**
 * What a student's left hand reaches and where on the keyboard it lives.
 *
 * @param span semitones from little finger to thumb that it holds with ease; 12 is an octave
 * @param lowest the lowest note it is sent to
 * @param highest the highest note it is sent to, at least two octaves above the lowest so that
 *     every close chord finds room in every inversion
 */
public record Hand(int span, Pitch lowest, Pitch highest) {

    public static final int SMALLEST_SPAN = 5;
    public static final int LARGEST_SPAN = 19;
    private static final int TWO_OCTAVES = 24;

    /** An adult's comfortable octave, from E2 to E4 (common practice). */
    public static final Hand OCTAVE = ofSpan(12);

    public Hand {
        Objects.requireNonNull(lowest, "lowest");
        Objects.requireNonNull(highest, "highest");
        if (span < SMALLEST_SPAN || span > LARGEST_SPAN) {
            throw new IllegalArgumentException("a hand spans 5 semitones (a fourth) to 19 (a twelfth), not " + span);
        }
        if (highest.midi() - lowest.midi() < TWO_OCTAVES) {
            throw new IllegalArgumentException("from " + lowest.pretty() + " to " + highest.pretty()
                    + " is less than two octaves; give the left hand a little more room");
        }
        if (lowest.midi() < 21 || highest.midi() > 108) {
            throw new IllegalArgumentException("a piano goes from A0 to C8; keep the hand on it");
        }
    }

    public static Hand ofSpan(int semitones) {
        return new Hand(semitones, Pitch.parse("E2"), Pitch.parse("E4"));
    }

    /** Middle of its range as a MIDI key number, where it is at home. */
    public int home() {
        return (lowest.midi() + highest.midi()) / 2;
    }
}
