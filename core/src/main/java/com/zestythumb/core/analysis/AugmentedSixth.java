package com.zestythumb.core.analysis;

import java.util.Optional;

/** Italian, French and German sixths. */
final class AugmentedSixth implements ReadingRule {

    @Override
    public Optional<Reading> read(ChordInContext at) {
        boolean onFlatSix = at.aboveTonic() == 8 && at.kind() == ChordKind.DOMINANT;
        if (!onFlatSix || !at.here().goesToDominant()) {
            return Optional.empty();
        }
        boolean french = at.chord().quality().numbered(5) != null
                && at.chord().quality().numbered(5).semitones() == 6;
        boolean italian = at.chord().quality().numbered(5) == null;
        return Optional.of(at.reading(
                new Numeral(italian ? "It" : french ? "Fr" : "Ger", "+6", null),
                Role.AUGMENTED_SIXTH,
                Function.SUBDOMINANT,
                "an augmented sixth: its outer notes push apart to the dominant's octave",
                ChordInContext.LIKELY));
    }
}
