package com.zestythumb.core.analysis;

import java.util.Optional;

/** Dm6 before C holds all of G9 but its root (common practice). */
final class RootlessNinth implements ReadingRule {

    @Override
    public Optional<Reading> read(ChordInContext at) {
        boolean six =
                at.kind() == ChordKind.MINOR && "m6".equals(at.chord().quality().suffix());
        return six && at.aboveTonic() == 2 && at.next() != null && at.here().aboveTonic(at.next()) == 0
                ? Optional.of(at.reading(
                        at.plainNumeral(),
                        Role.DIATONIC,
                        Function.DOMINANT,
                        "the notes of " + at.name(at.key().degree(5))
                                + "9 without its root, so it can go home as that does",
                        ChordInContext.LIKELY))
                : Optional.empty();
    }
}
