package com.zestythumb.core.hearing;

import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Fraction;

/**
 * A note that sounds in a bar.
 *
 * @param midi the key
 * @param name how it is spelled; null where nobody tells, as in MIDI
 * @param onset quarter notes after the bar line
 * @param duration quarter notes within the bar
 */
public record Sounding(int midi, PitchClass name, Fraction onset, Fraction duration) {

    public Sounding(int midi, Fraction onset, Fraction duration) {
        this(midi, null, onset, duration);
    }

    Fraction end() {
        return onset.plus(duration);
    }
}
