package com.zestythumb.core.analysis;

import java.util.Optional;

/** A chord of the other mode on the same tonic. */
final class BorrowedChord implements ReadingRule {

    @Override
    public Optional<Reading> read(ChordInContext at) {
        boolean fits = at.here().isInOtherMode();
        if (!fits) {
            return Optional.empty();
        }
        String mode = at.isMinor() ? "major" : "minor";
        String reason = at.isMinor() && at.aboveTonic() == 0
                ? "the major chord at the end of a minor tune"
                : "borrowed from " + at.name(at.key().tonic()) + " " + mode;
        return Optional.of(at.plain(Role.BORROWED, reason, ChordInContext.LIKELY));
    }
}
