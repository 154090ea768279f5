package com.zestythumb.core.hearing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.sheet.Fraction;
import java.util.List;

/**
 * A chord that was heard in notes.
 *
 * @param start quarter notes after the bar line
 * @param duration quarter notes
 * @param name the likeliest name; null for silence, and where no chord explains what sounds
 * @param confidence 0 to 1: how likely it is the right one; 0 where no chord explains what sounds
 * @param others at most three others that are worth a thought, the likeliest first
 */
public record HeardChord(Fraction start, Fraction duration, Chord name, double confidence, List<Other> others) {

    /**
     * Another name.
     *
     * @param odds 0 to 1
     */
    public record Other(Chord chord, double odds) {}

    public HeardChord {
        others = List.copyOf(others);
    }

    public boolean isNamed() {
        return name != null;
    }

    /** Whether something sounds that is no chord, such as a cluster. */
    public boolean isNoChord() {
        return name == null && confidence == 0;
    }
}
