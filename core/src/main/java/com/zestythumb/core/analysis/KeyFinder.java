package com.zestythumb.core.analysis;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.pitch.PitchClass;

/**
 * Finds the key of a whole piece: the one whose profile of tone weights, as listeners judged them,
 * correlates best with the tones that sound (Krumhansl, Cognitive Foundations of Musical Pitch, 1990).
 */
public final class KeyFinder {

    /** Krumhansl and Kessler, Psychological Review 89 (1982): ratings of the twelve tones from the tonic. */
    private static final double[] MAJOR = {6.35, 2.23, 3.48, 2.33, 4.38, 4.09, 2.52, 5.19, 2.39, 3.66, 2.29, 2.88};

    private static final double[] MINOR = {6.33, 2.68, 3.52, 5.38, 2.60, 3.53, 2.54, 4.75, 3.98, 2.69, 3.34, 3.17};

    private static final String[] TONICS = {"C", "Db", "D", "Eb", "E", "F", "F#", "G", "Ab", "A", "Bb", "B"};
    private static final String[] MINOR_TONICS = {"C", "C#", "D", "Eb", "E", "F", "F#", "G", "G#", "A", "Bb", "B"};

    private KeyFinder() {}

    /**
     * The likeliest key; C major where nothing sounds.
     *
     * @param weights how much each of the twelve keys from C sounds
     */
    public static Key find(double[] weights) {
        Key best = Key.parse("C");
        double highest = 0;
        for (int tonic = 0; tonic < 12; tonic++) {
            double major = correlation(weights, MAJOR, tonic);
            double minor = correlation(weights, MINOR, tonic);
            if (Math.max(major, minor) > highest) {
                highest = Math.max(major, minor);
                best = major >= minor
                        ? new Key(PitchClass.parse(TONICS[tonic]), Mode.MAJOR)
                        : new Key(PitchClass.parse(MINOR_TONICS[tonic]), Mode.MINOR);
            }
        }
        return best;
    }

    /** How much some tone weights are like those of a key, −1 to 1. */
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
