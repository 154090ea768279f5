package com.zestythumb.core.voiceleading;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import java.util.Optional;

/** One thing a teacher looks for. A new rule is a new class and a line in {@link Findings}. */
interface Rule {

    /**
     * Looks at a chord and the one before it.
     *
     * @param before the chord played before, null at the beginning
     */
    Optional<Finding> check(ArrangedChord before, ArrangedChord chord, Arrangement whole);
}
