package com.zestythumb.core.hearing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.ChordEvent.Timing;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Guess;
import com.zestythumb.core.sheet.TextSpan;
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

    /** A span of its own keeps a repeated chord from being written as held. */
    private static final TextSpan SOME = new TextSpan(1, 1, 1);

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

    /** A guess with its odds, in a bar of a sheet; a silence where it has no name. */
    public ChordEvent event(int bar, Fraction from, Fraction length) {
        Guess guess = !isNamed()
                ? null
                : new Guess(
                        percent(confidence),
                        others.stream()
                                .map(other -> new Guess.Other(other.chord(), percent(other.odds())))
                                .toList());
        return new ChordEvent(name, bar, from, length, Timing.PLAIN, guess, null, SOME);
    }

    private static int percent(double odds) {
        return (int) Math.max(1, Math.min(99, Math.round(100 * odds)));
    }
}
