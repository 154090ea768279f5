package com.zestythumb.core.analysis;

/**
 * Tone weights of the keys as listeners judged them, and how much those of a piece are like them (Krumhansl, Cognitive
 * Foundations of Musical Pitch, 1990).
 */
public final class KeyProfiles {

    /** Krumhansl and Kessler, Psychological Review 89 (1982): ratings of the twelve tones from the tonic. */
    private static final double[] MAJOR = {6.35, 2.23, 3.48, 2.33, 4.38, 4.09, 2.52, 5.19, 2.39, 3.66, 2.29, 2.88};

    private static final double[] MINOR = {6.33, 2.68, 3.52, 5.38, 2.60, 3.53, 2.54, 4.75, 3.98, 2.69, 3.34, 3.17};

    private KeyProfiles() {}

    /**
     * How much tone weights are like those of a key, −1 to 1.
     *
     * @param weights how much each of the twelve keys from C sounds
     * @param tonic 0 (C) to 11 (B)
     */
    public static double likeness(double[] weights, int tonic, boolean minor) {
        return correlation(weights, minor ? MINOR : MAJOR, tonic);
    }

    private static double correlation(double[] weights, double[] profile, int tonic) {
        double meanWeight = mean(weights);
        double meanProfile = mean(profile);
        double together = 0;
        double weightSquares = 0;
        double profileSquares = 0;
        for (int i = 0; i < 12; i++) {
            double w = weights[(tonic + i) % 12] - meanWeight;
            double p = profile[i] - meanProfile;
            together += w * p;
            weightSquares += w * w;
            profileSquares += p * p;
        }
        return weightSquares == 0 ? 0 : together / Math.sqrt(weightSquares * profileSquares);
    }

    private static double mean(double[] values) {
        double sum = 0;
        for (double value : values) {
            sum += value;
        }
        return sum / values.length;
    }
}
