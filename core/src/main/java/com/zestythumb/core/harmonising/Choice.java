package com.zestythumb.core.harmonising;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.PitchClass;

/**
 * A chord that may be taken.
 *
 * @param chord the chord
 * @param aboveTonic half steps of its root above the tonic; −1 for one the teacher set that the key does not know
 * @param does what it does in the key
 * @param price what it costs wherever it stands: least for one, four and five
 * @param level from which level on it is taken without a further price
 */
record Choice(Chord chord, int aboveTonic, Does does, double price, Level level) {

    /** What a chord does, by which it is told what may follow. */
    enum Does {
        HOME,
        DOMINANT,
        SUBDOMINANT,
        /** Near home: six and three. */
        STABLE,
        /** The dominant of a chord that is not home, and must go there. */
        APPLIED,
        /** The teacher's own. */
        SET
    }

    /** Whether a note is the seventh that a dominant may take. */
    boolean takesAsSeventh(PitchClass note) {
        return (does == Does.DOMINANT || does == Does.APPLIED)
                && chord.quality().numbered(3) != null
                && !chord.quality().hasMinorThird()
                && Math.floorMod(note.semitone() - root(), 12) == 10;
    }

    boolean has(PitchClass note) {
        return chord.tones().stream().anyMatch(tone -> tone.soundsLike(note));
    }

    int bass() {
        return chord.bass().semitone();
    }

    int root() {
        return chord.root().semitone();
    }
}
