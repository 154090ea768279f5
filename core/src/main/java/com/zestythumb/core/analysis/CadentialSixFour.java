package com.zestythumb.core.analysis;

import java.util.Optional;

/** The tonic over its fifth that leans on the dominant behind it. */
final class CadentialSixFour implements ReadingRule {

    @Override
    public Optional<Reading> read(ChordInContext at) {
        if (!at.here().isCadential()) {
            return Optional.empty();
        }
        return Optional.of(at.reading(
                at.plainNumeral(),
                Role.CADENTIAL,
                Function.DOMINANT,
                "the notes of home over the dominant's bass: it leans on the chord that follows",
                ChordInContext.SURE));
    }
}
