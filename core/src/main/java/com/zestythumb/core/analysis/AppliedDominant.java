package com.zestythumb.core.analysis;

import java.util.Optional;

/** The dominant of a chord that is not home. */
final class AppliedDominant implements ReadingRule {

    @Override
    public Optional<Reading> read(ChordInContext at) {
        int goal = Math.floorMod(at.aboveTonic() + 5, 12);
        String target = Degrees.target(goal, at.key());
        boolean major = at.kind() == ChordKind.DOMINANT
                || at.kind() == ChordKind.MAJOR && !at.here().hasMajorSeventh()
                || at.kind() == ChordKind.AUGMENTED;
        boolean rootFits = at.here().isRootInScale() || at.here().goesToFifthBelow();
        // The major tonic that closes a minor tune leads nowhere.
        boolean closes = at.isMinor()
                && at.aboveTonic() == 0
                && at.kind() == ChordKind.MAJOR
                && !at.here().goesToFifthBelow();
        boolean plainTriad = closes
                || at.kind() == ChordKind.MAJOR
                        && !at.here().goesToFifthBelow()
                        && at.aboveTonic() == (at.isMinor() ? 5 : 10);
        if (target == null
                || !major
                || !rootFits
                || plainTriad
                || at.isMinor() && at.aboveTonic() == 8 && !at.here().goesToFifthBelow()) {
            return Optional.empty();
        }
        boolean resolves = at.here().goesToFifthBelow();
        String goalName = at.name(Degrees.noteOf(target, at.key()))
                + (Character.isLowerCase(target.charAt(0)) ? " minor" : " major");
        return Optional.of(at.reading(
                Numeral.applied("V" + (at.kind() == ChordKind.AUGMENTED ? "+" : ""), at.chord(), target),
                Role.APPLIED,
                Function.DOMINANT,
                "the dominant of " + goalName + ", the " + target
                        + (resolves ? ", where it goes" : ", where it does not go"),
                resolves ? ChordInContext.SURE : ChordInContext.OPEN));
    }
}
