package com.zestythumb.core.voiceleading;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import java.util.Optional;

/** A chord wider than the student's hand (common practice: never force a stretch). */
final class StretchRule implements Rule {

    @Override
    public Optional<Finding> check(ArrangedChord before, ArrangedChord chord, Arrangement whole) {
        int width = chord.voicing().width();
        int span = whole.choices().hand().span();
        if (width <= span) {
            return Optional.empty();
        }
        return Optional.of(Places.finding(
                Finding.Kind.STRETCH,
                chord,
                whole,
                whole.sheet().heading().print(chord.chord()) + " spans " + width + " half steps; this hand reaches "
                        + span,
                "take a nearer inversion or leave a note out; never force a stretch, and stop at pain"));
    }
}
