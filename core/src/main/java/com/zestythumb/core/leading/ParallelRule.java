package com.zestythumb.core.leading;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.pitch.Interval;
import java.util.Optional;

/**
 * Bass and top of the hand moving in parallel perfect fifths or octaves (any textbook of harmony; a
 * fault in the strict and keyboard schools, a sound in popular music).
 */
final class ParallelRule implements Rule {

    @Override
    public Optional<Finding> check(ArrangedChord before, ArrangedChord chord, Arrangement whole) {
        if (before == null
                || before.voicing().lowest().midi() == chord.voicing().lowest().midi()) {
            return Optional.empty();
        }
        Interval then = outer(before);
        Interval now = outer(chord);
        boolean sameDirection = Integer.signum(chord.voicing().lowest().midi()
                        - before.voicing().lowest().midi())
                == Integer.signum(chord.voicing().highest().midi()
                        - before.voicing().highest().midi());
        if (!sameDirection || !isSame(then, now)) {
            return Optional.empty();
        }
        boolean fifths = now.steps() % 7 == 4;
        return Optional.of(Places.finding(
                fifths ? Finding.Kind.PARALLEL_FIFTHS : Finding.Kind.PARALLEL_OCTAVES,
                chord,
                whole,
                "bass and top go in parallel " + (fifths ? "fifths" : "octaves") + " from "
                        + whole.sheet().heading().print(before.chord()) + " to "
                        + whole.sheet().heading().print(chord.chord()),
                "fine in popular styles; else take another inversion so that one voice stays"));
    }

    private static Interval outer(ArrangedChord chord) {
        return Interval.between(chord.voicing().lowest(), chord.voicing().highest());
    }

    private static boolean isSame(Interval then, Interval now) {
        return kind(then) != 0 && kind(then) == kind(now);
    }

    /** 5 for a perfect fifth, 8 for an octave, either with octaves between; 0 for all else. */
    private static int kind(Interval interval) {
        int within = interval.semitones() % 12;
        int steps = interval.steps() % 7;
        if (steps == 4 && within == 7) {
            return 5;
        }
        return steps == 0 && within == 0 && interval.steps() > 0 ? 8 : 0;
    }
}
