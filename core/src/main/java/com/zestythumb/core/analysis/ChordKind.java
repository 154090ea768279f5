package com.zestythumb.core.analysis;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pitch.Interval;

/** What a chord is to the ear, whatever it adds: the classes by which harmony is computed. */
public enum ChordKind {
    MAJOR,
    /** Major with a minor seventh, whatever is altered above it. */
    DOMINANT,
    MINOR,
    DIMINISHED,
    HALF_DIMINISHED,
    DIMINISHED_SEVENTH,
    AUGMENTED,
    SUSPENDED,
    /** Without third: an open fifth. */
    OPEN;

    private static final Interval MINOR_SEVENTH = Interval.parse("m7");
    private static final Interval DIMINISHED_SEVENTH_TONE = Interval.parse("d7");
    private static final Interval DIMINISHED_FIFTH = Interval.parse("d5");

    public static ChordKind of(Chord chord) {
        Quality quality = chord.quality();
        Interval third = quality.numbered(3);
        Interval fifth = quality.numbered(5);
        Interval seventh = quality.numbered(7);
        if (third == null) {
            return quality.numbered(4) != null || quality.numbered(2) != null || quality.numbered(11) != null
                    ? SUSPENDED
                    : OPEN;
        }
        if (third.equals(Interval.MINOR_THIRD)) {
            if (!DIMINISHED_FIFTH.equals(fifth)) {
                return MINOR;
            }
            return MINOR_SEVENTH.equals(seventh)
                    ? HALF_DIMINISHED
                    : DIMINISHED_SEVENTH_TONE.equals(seventh) ? DIMINISHED_SEVENTH : DIMINISHED;
        }
        if (MINOR_SEVENTH.equals(seventh)) {
            return DOMINANT;
        }
        boolean augmented = fifth != null && fifth.semitones() == 8;
        return augmented ? AUGMENTED : MAJOR;
    }

    /** Whether it can act as a dominant: a major triad or dominant seventh. */
    boolean canLead() {
        return this == MAJOR || this == DOMINANT || this == AUGMENTED;
    }

    /** Whether a chord can act as a dominant: a major seventh is at rest and leads nowhere. */
    static boolean canLead(Chord chord) {
        return of(chord).canLead() && !hasMajorSeventh(chord);
    }

    static boolean hasMajorSeventh(Chord chord) {
        Interval seventh = chord.quality().numbered(7);
        return seventh != null && seventh.semitones() == 11;
    }

    public boolean isDiminished() {
        return this == DIMINISHED || this == HALF_DIMINISHED || this == DIMINISHED_SEVENTH;
    }
}
