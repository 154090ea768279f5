package com.zestythumb.core.sheet;

import com.zestythumb.core.pitch.Pitch;

/**
 * A note or rest of the tune.
 *
 * @param pitch the pitch; null for a rest
 * @param onset quarter notes after the bar line
 * @param duration quarter notes that it sounds
 * @param tied whether it is tied to the next note
 * @param tuplet its place in a tuplet, or null
 * @param syllable the syllable sung to it; empty where there is none
 */
public record MelodyNote(Pitch pitch, Fraction onset, Fraction duration, boolean tied, Tuplet tuplet, String syllable) {

    public MelodyNote(Pitch pitch, Fraction onset, Fraction duration) {
        this(pitch, onset, duration, false, null, "");
    }

    public boolean isRest() {
        return pitch == null;
    }

    public Fraction end() {
        return onset.plus(duration);
    }

    /** How long it is written: a triplet eighth is an eighth. */
    public Fraction written() {
        return tuplet == null ? duration : tuplet.written(duration);
    }

    public MelodyNote with(Pitch other) {
        return new MelodyNote(other, onset, duration, tied, tuplet, syllable);
    }

    public MelodyNote withSyllable(String sung) {
        return new MelodyNote(pitch, onset, duration, tied, tuplet, sung);
    }

    public MelodyNote withTie(boolean toNext) {
        return new MelodyNote(pitch, onset, duration, toNext, tuplet, syllable);
    }
}
