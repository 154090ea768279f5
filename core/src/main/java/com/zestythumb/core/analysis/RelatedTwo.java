package com.zestythumb.core.analysis;

import java.util.Optional;

/** The ii of an applied dominant; without that dominant it is a chord for itself, unless it is ii of the minor chord that it goes to. */
final class RelatedTwo implements ReadingRule {

    private static final int STEP = 2;

    @Override
    public Optional<Reading> read(ChordInContext at) {
        return at.here().goesToFifthBelow() && ChordKind.of(at.next()) == ChordKind.DOMINANT
                ? asTwo(at)
                : Optional.empty();
    }

    /** A half-diminished chord that goes where the ii of a minor key goes: to its dominant, or home. It is that before it is anything else. */
    static Optional<Reading> inMinor(ChordInContext at) {
        if (at.next() == null || at.kind() != ChordKind.HALF_DIMINISHED) {
            return Optional.empty();
        }
        boolean home = ChordKind.of(at.next()) == ChordKind.MINOR
                && Degrees.between(at.next().root(), at.chord().root()) == STEP;
        return home ? asTwo(at) : new RelatedTwo().read(at);
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
                        at.next() == null || ChordKind.of(at.next()) == ChordKind.DOMINANT
                                ? "it prepares the dominant that follows, as ii does in its key"
                                : "it goes to the chord of which it is ii",
                        ChordInContext.LIKELY))
                : Optional.empty();
    }
}
