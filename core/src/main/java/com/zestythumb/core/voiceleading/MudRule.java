package com.zestythumb.core.voiceleading;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.voicing.LowIntervalLimits;
import java.util.Optional;

/** Close intervals so low that they blur: {@link LowIntervalLimits} with two semitones' grace. */
final class MudRule implements Rule {

    private static final int GRACE = 2;

    @Override
    public Optional<Finding> check(ArrangedChord before, ArrangedChord chord, Arrangement whole) {
        if (LowIntervalLimits.depth(chord.voicing().keys()) <= GRACE) {
            return Optional.empty();
        }
        return Optional.of(Places.finding(
                Finding.Kind.MUD,
                chord,
                whole,
                whole.sheet().heading().print(chord.chord()) + " lies low and close, from "
                        + whole.sheet()
                                .heading()
                                .names()
                                .fromEnglish(chord.voicing().lowest().pretty()) + ": it will sound muddy",
                "play it higher, or leave a middle note out"));
    }
}
