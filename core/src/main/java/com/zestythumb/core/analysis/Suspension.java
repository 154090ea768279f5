package com.zestythumb.core.analysis;

import com.zestythumb.core.chord.Quality;
import java.util.Optional;

/** A chord that holds a note in place of its third. */
final class Suspension implements ReadingRule {

    @Override
    public Optional<Reading> read(ChordInContext at) {
        if (at.kind() != ChordKind.SUSPENDED) {
            return Optional.empty();
        }
        boolean resolves = at.next() != null
                && at.next().root().soundsLike(at.chord().root())
                && ChordKind.of(at.next()) != ChordKind.SUSPENDED;
        return Optional.of(at.plain(
                Role.SUSPENDED,
                resolves
                        ? "a note is held over and steps " + way(at) + " into the next chord"
                        : "a note is held in place of the third",
                resolves ? ChordInContext.SURE : ChordInContext.LIKELY));
    }

    /** A fourth steps down to the third, a second steps up to it. */
    private static String way(ChordInContext at) {
        Quality quality = at.chord().quality();
        return quality.numbered(4) == null && quality.numbered(11) == null ? "up" : "down";
    }
}
