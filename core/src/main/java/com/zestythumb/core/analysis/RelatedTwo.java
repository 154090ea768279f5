package com.zestythumb.core.analysis;

import java.util.Optional;

/** The ii of an applied dominant; without that dominant it is a chord for itself. */
final class RelatedTwo implements ReadingRule {

    @Override
    public Optional<Reading> read(ChordInContext at) {
        return at.here().goesToFifthBelow() && ChordKind.of(at.next()) == ChordKind.DOMINANT
                ? asTwo(at)
                : Optional.empty();
    }

    /** The same without asking what follows. */
    static Optional<Reading> asTwo(ChordInContext at) {
        boolean two = at.kind() == ChordKind.MINOR || at.kind() == ChordKind.HALF_DIMINISHED;
        String target = Degrees.target(Math.floorMod(at.aboveTonic() + 10, 12), at.key());
        return two && target != null
                ? Optional.of(at.reading(
                        Numeral.applied(at.kind() == ChordKind.MINOR ? "ii" : "iiø", at.chord(), target),
                        Role.RELATED,
                        Function.SUBDOMINANT,
                        "it prepares the dominant that follows, as ii does in its key",
                        ChordInContext.LIKELY))
                : Optional.empty();
    }
}
