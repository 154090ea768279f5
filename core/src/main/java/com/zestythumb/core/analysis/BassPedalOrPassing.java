package com.zestythumb.core.analysis;

import java.util.Optional;

/** A six-four chord between two others, over a bass that stays or passes by. */
final class BassPedalOrPassing implements ReadingRule {

    @Override
    public Optional<Reading> read(ChordInContext at) {
        if (!at.here().isSixFourBetween()) {
            return Optional.empty();
        }
        if (at.here().isBassHeld()) {
            return Optional.of(at.plain(
                    Role.PEDAL, "the upper notes step away and come back while the bass stays", ChordInContext.LIKELY));
        }
        return at.here().isBassPassing()
                ? Optional.of(at.plain(
                        Role.PASSING, "its bass passes by step from one chord to the next", ChordInContext.LIKELY))
                : Optional.empty();
    }
}
