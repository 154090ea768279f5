package com.zestythumb.core.analysis;

import java.util.Optional;

/** A seventh chord at rest, on one or four of a blues. */
final class BluesSeventh implements ReadingRule {

    @Override
    public Optional<Reading> read(ChordInContext at) {
        boolean atRest =
                at.blues() && at.kind() == ChordKind.DOMINANT && (at.aboveTonic() == 0 || at.aboveTonic() == 5);
        return atRest
                ? Optional.of(at.plain(
                        Role.BLUES, "its seventh is a colour of the blues and need not go on", ChordInContext.LIKELY))
                : Optional.empty();
    }
}
