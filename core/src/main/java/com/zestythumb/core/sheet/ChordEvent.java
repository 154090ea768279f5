package com.zestythumb.core.sheet;

import com.zestythumb.core.chord.Chord;

/**
 * A chord that sounds for a while, or a silence.
 *
 * @param chord the chord; null where the bar says N.C. or could not be read
 * @param bar index of its bar in the written order, from 0
 * @param start quarter notes after the bar line
 * @param duration quarter notes
 */
public record ChordEvent(Chord chord, int bar, Fraction start, Fraction duration) {

    public boolean isSilent() {
        return chord == null;
    }

    public Fraction end() {
        return start.plus(duration);
    }
}
