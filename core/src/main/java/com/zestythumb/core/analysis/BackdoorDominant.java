package com.zestythumb.core.analysis;

import java.util.Optional;

/** The seventh chord a whole step below home. */
final class BackdoorDominant implements ReadingRule {

    @Override
    public Optional<Reading> read(ChordInContext at) {
        boolean flatSeven = !at.isMinor()
                && at.aboveTonic() == 10
                && at.kind() == ChordKind.DOMINANT
                && at.next() != null
                && at.here().aboveTonic(at.next()) == 0;
        return flatSeven
                ? Optional.of(at.reading(
                        at.plainNumeral(),
                        Role.BACKDOOR,
                        Function.DOMINANT,
                        "the way home by the back door: a whole step up instead of a fifth down",
                        ChordInContext.LIKELY))
                : Optional.empty();
    }
}
