package com.zestythumb.core.analysis;

import java.util.Optional;

/** A dominant seventh that slides down a half step. */
final class TritoneSubstitute implements ReadingRule {

    @Override
    public Optional<Reading> read(ChordInContext at) {
        if (at.kind() != ChordKind.DOMINANT || at.next() == null || at.aboveTonic() == 8 && at.isMinor()) {
            return Optional.empty();
        }
        int goal = Math.floorMod(at.aboveTonic() - 1, 12);
        boolean slides =
                at.here().aboveTonic(at.next()) == goal && (goal == 0 || Degrees.target(goal, at.key()) != null);
        boolean ordinary = at.here().isDiatonicRoot() && at.aboveTonic() != 5 || goal == 7;
        if (!slides || ordinary || at.here().bassMember() > 0) {
            return Optional.empty();
        }
        String of = goal == 0 ? null : Degrees.target(goal, at.key());
        return Optional.of(at.reading(
                Numeral.applied("subV", at.chord(), of),
                Role.TRITONE_SUBSTITUTE,
                Function.DOMINANT,
                "it stands for the dominant a tritone away, shares its third and seventh, and slides down a half step",
                ChordInContext.LIKELY));
    }
}
