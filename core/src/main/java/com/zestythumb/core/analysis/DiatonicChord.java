package com.zestythumb.core.analysis;

import java.util.Optional;

/** A chord of the key, the raised notes of minor among them. */
final class DiatonicChord implements ReadingRule {

    @Override
    public Optional<Reading> read(ChordInContext at) {
        boolean raised = at.isMinor()
                && (at.aboveTonic() == 7 || at.aboveTonic() == 11 && at.kind().isDiminished());
        boolean inKey = at.here().isInKey();
        boolean plainDominant = at.aboveTonic() == 7 && ChordKind.canLead(at.chord());
        boolean leading = at.isMinor() && at.aboveTonic() == 11 && at.kind().isDiminished()
                || !at.isMinor()
                        && at.aboveTonic() == 11
                        && (at.kind() == ChordKind.DIMINISHED || at.kind() == ChordKind.HALF_DIMINISHED);
        boolean melodicMinor = at.isMinor()
                && !at.here().goesToFifthBelow()
                && (at.aboveTonic() == 5 && at.kind() == ChordKind.MAJOR
                        || at.aboveTonic() == 2 && at.kind() == ChordKind.MINOR
                        || at.aboveTonic() == 9
                                && at.kind().isDiminished()
                                && at.kind() != ChordKind.DIMINISHED_SEVENTH);
        boolean augmentedMediant = at.isMinor() && at.aboveTonic() == 3 && at.kind() == ChordKind.AUGMENTED;
        boolean leadsAway = at.kind() == ChordKind.DOMINANT
                && at.aboveTonic() != 7
                && at.here().goesToFifthBelow();
        if (leadsAway || !(inKey || plainDominant || leading || melodicMinor || augmentedMediant)) {
            return Optional.empty();
        }
        Function function = augmentedMediant ? Function.DOMINANT : at.function(at.aboveTonic());
        String reason = at.aboveTonic() == 0
                ? "home: the chord of rest in " + at.name(at.key())
                : switch (function) {
                    case TONIC -> "a chord of " + at.name(at.key()) + " that is nearly at rest";
                    case SUBDOMINANT -> "a chord of " + at.name(at.key()) + " that leads away from home";
                    case DOMINANT ->
                        (leading && at.kind().isDiminished()
                                        ? DiminishedChord.withoutRoot(
                                                        at, at.key().tonic()) + ": "
                                        : "")
                                + "it wants to go home to " + at.name(at.key().tonic());
                };
        String form = raised && at.kind() != ChordKind.MINOR
                ? ", with the raised seventh of the minor scale"
                : melodicMinor
                        ? ", with the raised sixth of the minor scale"
                        : at.kind() == ChordKind.OPEN ? ", without its third; the scale tells which" : "";
        return Optional.of(at.reading(at.plainNumeral(), Role.DIATONIC, function, reason + form, ChordInContext.SURE));
    }
}
