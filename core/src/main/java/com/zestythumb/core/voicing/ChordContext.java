package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import java.util.List;

/**
 * What goes on around a chord while it sounds.
 *
 * @param close whether a phrase comes to rest on it at an authentic or plagal close
 * @param phraseEnd whether a phrase ends on it
 * @param tune the notes of the tune that sound over it
 * @param upper these with all that is written beneath the tune on its staff
 * @param strong those of them that begin with it or on a strong beat
 * @param last the last of them where a phrase ends; else null
 * @param lastOfTune the note from which the tune goes on; null where it rests, a phrase ends, or an ornament leads on
 * @param next the chord written next; null at the end
 * @param basses whether its chart writes basses behind slashes
 * @param key its key; null where none is clear
 */
public record ChordContext(
        boolean close,
        boolean phraseEnd,
        List<Pitch> tune,
        List<Pitch> upper,
        List<Pitch> strong,
        Pitch last,
        Pitch lastOfTune,
        Chord next,
        boolean basses,
        Key key) {

    private static final int HALF_STEP_BELOW = 11;

    public static final ChordContext NOTHING =
            new ChordContext(false, false, List.of(), List.of(), null, null, false, null);

    /** With a tune that is alone on its staff. */
    public ChordContext(
            boolean close,
            boolean phraseEnd,
            List<Pitch> tune,
            List<Pitch> strong,
            Pitch last,
            Chord next,
            boolean basses,
            Key key) {
        this(
                close,
                phraseEnd,
                tune,
                tune,
                strong,
                last,
                phraseEnd || tune.isEmpty() ? null : tune.get(tune.size() - 1),
                next,
                basses,
                key);
    }

    public ChordContext {
        tune = List.copyOf(tune);
        upper = List.copyOf(upper);
        strong = List.copyOf(strong);
    }

    /** The note of the tune with which a chord begins; null where it rests. */
    public Pitch firstOfTune() {
        return tune.isEmpty() ? null : tune.get(0);
    }

    /** Whether a strong note of the tune has the same name. */
    public boolean has(Tone tone) {
        for (Pitch note : strong) {
            if (Math.floorMod(note.midi() - tone.pitch().midi(), 12) == 0) {
                return true;
            }
        }
        return false;
    }

    /** By how many half steps the hands come to the lowest note above them on the page, or beyond it: 1 for its key. */
    public int reachedBy(Voicing voicing) {
        int lowest = Integer.MAX_VALUE;
        for (Pitch note : upper) {
            lowest = Math.min(lowest, note.midi());
        }
        int highest = 0;
        for (Grip grip : voicing.bothHands()) {
            highest = Math.max(highest, grip.highest().midi());
        }
        return Math.max(0, highest - lowest + 1);
    }

    /** The note half a step under the keynote; null where no key is clear. */
    public PitchClass leadingTone() {
        return key == null ? null : leadingTone(key);
    }

    /** The note half a step under the keynote, which minor and modal keys raise where they have one. */
    public static PitchClass leadingTone(Key key) {
        PitchClass seventh = key.degree(7);
        int above = seventh.above(key.tonic());
        return above == HALF_STEP_BELOW
                ? seventh
                : new PitchClass(seventh.letter(), seventh.alteration() + HALF_STEP_BELOW - above);
    }
}
