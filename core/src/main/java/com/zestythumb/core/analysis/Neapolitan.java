package com.zestythumb.core.analysis;

import java.util.Optional;

/** The major chord a half step above home. */
final class Neapolitan implements ReadingRule {

    @Override
    public Optional<Reading> read(ChordInContext at) {
        boolean flatTwo = at.aboveTonic() == 1
                && at.kind() == ChordKind.MAJOR
                && !at.chord().quality().hasSeventh();
        if (!flatTwo
                || !(at.here().goesToDominant() || at.isMinor() || at.here().bassMember() == 1)) {
            return Optional.empty();
        }
        String figures = at.plainNumeral().figures();
        return Optional.of(at.reading(
                new Numeral("N", figures, null),
                Role.NEAPOLITAN,
                Function.SUBDOMINANT,
                "the Neapolitan: a major chord a half step above home, on its way to the dominant",
                at.here().goesToDominant() ? ChordInContext.SURE : ChordInContext.LIKELY));
    }
}
