package com.zestythumb.core.analysis;

import com.zestythumb.core.analysis.Analysis.Lean;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.ArrayList;
import java.util.List;

/**
 * How much to lean on each chord, 0 to 5: least on the tonic, then other stable chords, subdominants,
 * dominants, applied dominants and diminished sevenths; heavier on the first beat and towards the end of the
 * phrase; a resolution is always lighter than what it resolves (common practice).
 */
final class Weights {

    private static final double HEAVY = 3;

    private static final double MOST = 5;
    private static final double LIGHTER = 0.5;

    private Weights() {}

    static List<Double> of(List<Reading> readings, LeadSheet sheet, List<ChordEvent> events, Places places) {
        List<Double> weights = new ArrayList<>();
        for (int i = 0; i < readings.size(); i++) {
            Reading reading = readings.get(i);
            ChordEvent event = events.get(i);
            double weight = base(reading)
                    + dissonance(reading)
                    + meter(sheet.bars().get(event.bar()), event)
                    + place(reading, places.inPhrase(event.bar()));
            if (i > 0 && resolves(readings.get(i - 1), reading)) {
                weight = Math.min(weight, weights.get(i - 1) - LIGHTER);
            }
            weights.add(Math.max(0, Math.min(MOST, weight)));
        }
        return weights;
    }

    /** A dominant into its goal, a six-four into its dominant, a suspension into its chord. */
    private static boolean resolves(Reading before, Reading now) {
        return switch (before.role()) {
            case CADENTIAL -> true;
            case SUSPENDED -> before.chord().root().soundsLike(now.chord().root());
            default ->
                before.function() == Function.DOMINANT
                        && (before.numeral().of() == null
                                ? now.function() == Function.TONIC
                                : now.numeral().roman().equals(before.numeral().of()));
        };
    }

    /** The first chord of a bar is a little heavier, one off the beat lighter. */
    private static double meter(Bar bar, ChordEvent event) {
        Fraction at = event.start().plus(bar.offset());
        if (at.equals(Fraction.ZERO)) {
            return 0.2;
        }
        return at.dividedBy(bar.meter().beatLength()).isWhole() ? 0 : -0.2;
    }

    /** Whatever is not home grows towards the end of the phrase; home is lightest there. */
    private static double place(Reading reading, double inPhrase) {
        return reading.function() == Function.TONIC ? -0.2 * inPhrase : 0.4 * inPhrase;
    }

    private static double base(Reading reading) {
        return switch (reading.role()) {
            case APPLIED, AUGMENTED_SIXTH, TRITONE_SUBSTITUTE -> 4;
            case NEAPOLITAN, CADENTIAL -> 4.2;
            case COMMON_TONE, CHROMATIC -> 3.4;
            case BORROWED, BACKDOOR, RELATED -> 3;
            default ->
                switch (reading.function()) {
                    case TONIC -> reading.numeral().roman().equalsIgnoreCase("I") ? 1 : 1.6;
                    case SUBDOMINANT -> 2.3;
                    // The minor chord on the fifth degree pulls less.
                    case DOMINANT -> ChordKind.of(reading.chord()) == ChordKind.MINOR ? 2.3 : 3.2;
                };
        };
    }

    private static double dissonance(Reading reading) {
        return switch (ChordKind.of(reading.chord())) {
            case DIMINISHED_SEVENTH -> 0.7;
            case SUSPENDED -> 0.9;
            case AUGMENTED, DIMINISHED, HALF_DIMINISHED -> 0.4;
            case DOMINANT -> reading.role() == Role.BLUES ? 0 : 0.3;
            default -> reading.chord().quality().hasSeventh() ? 0.2 : 0;
        };
    }

    /** In each phrase the heaviest chord that a lighter one follows; the later of equals. */
    static List<Lean> leans(Places places, List<ChordEvent> events, List<Double> weights) {
        List<Lean> leans = new ArrayList<>();
        int from = 0;
        for (int end : places.phraseEnds()) {
            int heaviest = -1;
            int i = from;
            for (; i < events.size() && events.get(i).bar() <= end; i++) {
                boolean letsGo = i + 1 < events.size() && weights.get(i + 1) < weights.get(i);
                if (letsGo && (heaviest < 0 || weights.get(i) >= weights.get(heaviest))) {
                    heaviest = i;
                }
            }
            if (heaviest >= 0 && weights.get(heaviest) >= HEAVY) {
                leans.add(new Lean(heaviest, heaviest + 1));
            }
            from = i;
        }
        return leans;
    }
}
