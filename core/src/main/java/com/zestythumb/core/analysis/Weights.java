package com.zestythumb.core.analysis;

import java.util.ArrayList;
import java.util.List;

/**
 * How much to lean on each chord, 0 to 5: least on the tonic, then other stable chords, subdominants,
 * dominants, applied dominants and diminished sevenths; a resolution is always lighter than what it
 * resolves (common practice).
 */
final class Weights {

    private static final double MOST = 5;
    private static final double LIGHTER = 0.5;

    private Weights() {}

    static List<Double> of(List<Reading> readings) {
        List<Double> weights = new ArrayList<>();
        for (int i = 0; i < readings.size(); i++) {
            Reading reading = readings.get(i);
            double weight = base(reading) + dissonance(reading);
            boolean resolution = i > 0
                    && reading.function() == Function.TONIC
                    && readings.get(i - 1).function() == Function.DOMINANT;
            if (resolution) {
                weight = Math.min(weight, weights.get(i - 1) - LIGHTER);
            }
            weights.add(Math.max(0, Math.min(MOST, weight)));
        }
        return weights;
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
                    case DOMINANT -> Kind.of(reading.chord()) == Kind.MINOR ? 2.3 : 3.2;
                };
        };
    }

    private static double dissonance(Reading reading) {
        return switch (Kind.of(reading.chord())) {
            case DIMINISHED_SEVENTH -> 0.7;
            case SUSPENDED -> 0.9;
            case AUGMENTED, DIMINISHED, HALF_DIMINISHED -> 0.4;
            case DOMINANT -> reading.role() == Role.BLUES ? 0 : 0.3;
            default -> reading.chord().quality().hasSeventh() ? 0.2 : 0;
        };
    }
}
