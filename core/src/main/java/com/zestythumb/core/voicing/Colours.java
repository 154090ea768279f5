package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.PitchClass;

/** Ninths and thirteenths that players add to a seventh chord where its symbol does not name them (common practice). */
final class Colours {

    private static final Interval NINTH = Interval.parse("M2");
    private static final Interval THIRTEENTH = Interval.parse("M6");
    private static final Interval LOW_NINTH = Interval.parse("m2");
    private static final Interval LOW_THIRTEENTH = Interval.parse("m6");
    private static final Interval FLAT_SEVENTH = Interval.parse("m7");
    private static final Interval FOURTH = Interval.parse("P4");

    private Colours() {}

    /** Its own ninth; else a major one over sevenths and sixths with a perfect fifth; else the root. Null for a triad. */
    static PitchClass ninth(Chord chord) {
        Interval own = chord.quality().numbered(9);
        if (own != null) {
            return chord.root().plus(own);
        }
        Interval fifth = chord.quality().numbered(5);
        boolean plain = fifth != null && fifth.semitones() == 7;
        boolean rich = chord.quality().numbered(7) != null || chord.quality().numbered(6) != null;
        return !rich ? null : plain ? chord.root().plus(NINTH) : chord.root();
    }

    /**
     * Of a dominant its own thirteenth, or a major one in place of a perfect fifth unless its ninth is altered; an eleventh
     * that is named, in place of the fifth; of any other chord its fifth.
     */
    static PitchClass thirteenth(Chord chord) {
        Interval own = chord.quality().numbered(13);
        Interval eleventh = chord.quality().numbered(11);
        Interval fifth = chord.quality().numbered(5);
        if (own != null) {
            return chord.root().plus(own);
        }
        if (eleventh != null && chord.quality().numbered(3) != null) {
            return chord.root().plus(eleventh);
        }
        boolean plain = fifth != null && fifth.semitones() == 7;
        Interval ninth = chord.quality().numbered(9);
        boolean altered = ninth != null && ninth.semitones() % 12 != 2;
        return isDominant(chord) && plain && !altered
                ? chord.root().plus(THIRTEENTH)
                : fifth == null ? null : chord.root().plus(fifth);
    }

    /** The ninth half a step lower, where a dominant has none of its own. */
    static PitchClass lowNinth(Chord chord) {
        return isPlainDominant(chord) ? chord.root().plus(LOW_NINTH) : null;
    }

    /**
     * Whether a colour that no symbol names is not the key's: lowered where a dominant is the fifth degree of a minor key or
     * leads to a minor chord, else not; over other chords a note of the key.
     */
    static boolean isForeign(Chord chord, Tone tone, ChordContext around) {
        PitchClass note = tone.pitch().pitchClass();
        if (!tone.member().isColour() || chord.tones().contains(note)) {
            return false;
        }
        Key key = around.key();
        if (isDominant(chord)) {
            boolean ofMinor = key != null
                    && key.mode().degree(3).semitones() == 3
                    && chord.root().soundsLike(key.degree(5))
                    && !leadsToMajor(chord, around.next());
            boolean low = note.equals(lowNinth(chord)) || note.equals(lowThirteenth(chord));
            return low != (ofMinor || leadsToMinor(chord, around.next()));
        }
        return key != null && key.signatureOf(note.letter()) != note.alteration();
    }

    /** The sixth that a boogie has above any root. */
    static PitchClass sixth(Chord chord) {
        return chord.root().plus(THIRTEENTH);
    }

    /** The minor seventh that a boogie has above any root. */
    static PitchClass flatSeventh(Chord chord) {
        return chord.root().plus(FLAT_SEVENTH);
    }

    /** The chord's own seventh; a minor one where it names none. */
    static PitchClass ownSeventh(Chord chord) {
        Interval own = chord.quality().numbered(7);
        return own == null ? flatSeventh(chord) : chord.root().plus(own);
    }

    /** The thirteenth half a step lower, where a dominant has none of its own. */
    static PitchClass lowThirteenth(Chord chord) {
        return isPlainDominant(chord) ? chord.root().plus(LOW_THIRTEENTH) : null;
    }

    private static boolean isPlainDominant(Chord chord) {
        Interval fifth = chord.quality().numbered(5);
        return isDominant(chord)
                && fifth != null
                && fifth.semitones() == 7
                && chord.quality().numbered(9) == null
                && chord.quality().numbered(13) == null;
    }

    /** Whether a dominant leads a fifth down to a minor chord, whose key has its ninth and thirteenth lowered. */
    static boolean leadsToMinor(Chord chord, Chord next) {
        return leadsTo(chord, next, 3);
    }

    private static boolean leadsToMajor(Chord chord, Chord next) {
        return leadsTo(chord, next, 4);
    }

    private static boolean leadsTo(Chord chord, Chord next, int thirdOfNext) {
        Interval third = next == null ? null : next.quality().numbered(3);
        return third != null
                && third.semitones() == thirdOfNext
                && next.root().soundsLike(chord.root().plus(FOURTH))
                && isDominant(chord);
    }

    /** A major third with a minor seventh. */
    static boolean isDominant(Chord chord) {
        Interval third = chord.quality().numbered(3);
        Interval seventh = chord.quality().numbered(7);
        return third != null && seventh != null && third.semitones() == 4 && seventh.semitones() == 10;
    }

    /** Which member a note is, added colours too. */
    static ChordTone member(Chord chord, PitchClass note) {
        ChordTone member = ChordTone.of(chord, note);
        if (member != ChordTone.FOREIGN || note.equals(chord.bass())) {
            return member;
        }
        boolean ninth = note.equals(chord.root().plus(NINTH))
                || note.equals(chord.root().plus(LOW_NINTH));
        boolean thirteenth = note.equals(chord.root().plus(THIRTEENTH))
                || note.equals(chord.root().plus(LOW_THIRTEENTH));
        boolean seventh = note.equals(flatSeventh(chord));
        return ninth ? ChordTone.NINTH : thirteenth ? ChordTone.THIRTEENTH : seventh ? ChordTone.SEVENTH : member;
    }
}
