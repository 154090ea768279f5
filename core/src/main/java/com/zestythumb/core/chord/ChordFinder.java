package com.zestythumb.core.chord;

import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.pitch.Spelling;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Names the chord that some notes make. Every usual kind on every root is held against the notes, in the
 * manner of Pardo and Birmingham (Algorithms for Chordal Analysis, Computer Music Journal 26:2, 2002):
 * what it explains counts for it, what it does not explain and what it lacks counts against it. Beyond
 * that: the bass is more likely the root, chords of the key are likelier than others, and of names for the
 * same notes that one is taken which leads by a fifth or a leading tone to the chord that follows.
 */
public final class ChordFinder {

    /**
     * A name for the notes.
     *
     * @param chord the chord, its bass told by the slash where it is not the root
     * @param score how well it explains them: 1 for a complete triad in root position in its key and
     *     nothing else; below 0 where more speaks against it than for it
     */
    public record Guess(Chord chord, double score) {}

    private static final int KEYS = 12;
    private static final double STRANGER = 1.4;
    private static final double ROOT_IN_BASS = 0.20;
    private static final double MEMBER_IN_BASS = 0.08;
    private static final double IN_KEY = 0.12;
    private static final double LEADS_ON = 0.16;
    private static final double NEAR = 0.35;
    private static final double SIXTH_ELSEWHERE = 0.10;
    private static final double DIMINISHED_SEVENTH_TONE = 0.45;
    private static final double CLEARLY_THERE = 0.16;

    /** A kind that is looked for, how unusual it is, and what it costs to lack each of its tones. */
    private record Template(Quality quality, double rarity) {

        double lacking(Interval tone) {
            boolean extended = quality.intervals().size() > 3;
            // All tones of a diminished seventh are alike, and none stands for it alone.
            if (quality.equals(Quality.DIMINISHED_SEVENTH)) {
                return DIMINISHED_SEVENTH_TONE;
            }
            return switch (tone.steps()) {
                case 0 -> 0.55;
                case 2 -> extended ? 0.30 : 0.22;
                case 4 -> tone.equals(Interval.PERFECT_FIFTH) ? 0.08 : 0.45;
                default -> 0.6;
            };
        }
    }

    private static final List<Template> TEMPLATES = List.of(
            template("", 0),
            template("m", 0),
            template("7", 0.02),
            template("m7", 0.04),
            template("maj7", 0.05),
            template("dim", 0.06),
            template("m7b5", 0.07),
            template("dim7", 0.07),
            template("sus4", 0.09),
            template("7sus4", 0.12),
            template("6", 0.10),
            template("m6", 0.11),
            template("aug", 0.12),
            template("mM7", 0.15),
            template("sus2", 0.12),
            template("add9", 0.14),
            template("madd9", 0.15),
            template("9", 0.13),
            template("m9", 0.14),
            template("maj9", 0.15),
            template("7b9", 0.14),
            template("7#5", 0.16));

    private static Template template(String suffix, double rarity) {
        return new Template(Quality.parse(suffix), rarity);
    }

    private ChordFinder() {}

    /**
     * Names for some notes, likeliest first; at least one unless there are no notes.
     *
     * @param weights how much each of the twelve keys from C sounds: duration, loudness or a plain count
     * @param bass the lowest of them, 0 (C) to 11 (B)
     * @param key the key in which they are heard and spelled
     * @param next the root of the chord that follows, or null
     */
    public static List<Guess> name(double[] weights, int bass, Key key, PitchClass next) {
        double sum = 0;
        for (double weight : weights) {
            sum += weight;
        }
        List<Guess> guesses = new ArrayList<>();
        if (sum <= 0) {
            return guesses;
        }
        double[][] fits = new double[KEYS][TEMPLATES.size()];
        double best = Double.NEGATIVE_INFINITY;
        for (int root = 0; root < KEYS; root++) {
            for (int t = 0; t < TEMPLATES.size(); t++) {
                fits[root][t] = fit(weights, sum, root, TEMPLATES.get(t), bass);
                best = Math.max(best, fits[root][t]);
            }
        }
        // Key and following chord can lift a name by no more than this; only those in reach are spelled.
        double reach = best - NEAR - IN_KEY - LEADS_ON;
        for (int root = 0; root < KEYS; root++) {
            for (int t = 0; t < TEMPLATES.size(); t++) {
                if (fits[root][t] > reach) {
                    Chord chord = spelled(root, TEMPLATES.get(t).quality(), bass, key);
                    guesses.add(new Guess(chord, fits[root][t] + context(chord, key, next)));
                }
            }
        }
        guesses.sort(Comparator.comparingDouble(guess -> -guess.score()));
        return near(guesses);
    }

    /** The best name and those that come close to it. */
    private static List<Guess> near(List<Guess> guesses) {
        double best = guesses.isEmpty() ? 0 : guesses.get(0).score();
        return guesses.stream()
                .filter(guess -> guess.score() > best - NEAR)
                .limit(4)
                .toList();
    }

    private static double fit(double[] weights, double sum, int root, Template template, int bass) {
        double explained = 0;
        double lacking = 0;
        boolean bassBelongs = false;
        for (Interval tone : template.quality().intervals()) {
            int key = (root + tone.semitones()) % KEYS;
            explained += weights[key];
            // A tone that hardly sounds is hardly there.
            lacking += template.lacking(tone) * (1 - Math.sqrt(Math.min(1, weights[key] / (sum * CLEARLY_THERE))));
            bassBelongs |= key == bass;
        }
        double strangers = (sum - explained) / sum;
        double inBass = root == bass ? ROOT_IN_BASS : bassBelongs ? MEMBER_IN_BASS : -ROOT_IN_BASS;
        return explained / sum - STRANGER * strangers - lacking - template.rarity() + inBass - ROOT_IN_BASS - IN_KEY;
    }

    private static double context(Chord chord, Key key, PitchClass next) {
        List<PitchClass> tones = chord.tones();
        double inside = tones.stream().filter(tone -> belongs(tone, key)).count() / (double) tones.size();
        boolean fallingFifth =
                next != null && chord.root().plus(Interval.PERFECT_FOURTH).soundsLike(next);
        boolean diminished = chord.quality().suffix().startsWith("dim");
        boolean leadingTone = next != null
                && diminished
                && chord.root().plus(Interval.MINOR_SECOND).soundsLike(next);
        boolean sixth = chord.quality().suffix().endsWith("6");
        // The sixth is added to the tonic and to what goes home; elsewhere a seventh chord is inverted.
        boolean home =
                key.tonic().equals(chord.root()) || next != null && key.tonic().soundsLike(next);
        boolean unlikely = sixth && !home;
        return IN_KEY * inside * inside
                + (fallingFifth && !sixth || leadingTone ? LEADS_ON : 0)
                - (unlikely ? SIXTH_ELSEWHERE : 0);
    }

    /** In minor the raised sixth and seventh belong as well. */
    private static boolean belongs(PitchClass tone, Key key) {
        int alteration = key.alterationOf(tone);
        boolean minor = key.mode() == Mode.MINOR;
        return alteration == 0 || minor && alteration == 1 && key.degreeOf(tone) == 7;
    }

    private static Chord spelled(int root, Quality quality, int bass, Key key) {
        PitchClass name = Spelling.of(root, key, quality.intervals());
        Chord plain = Chord.of(name, quality);
        PitchClass low = plain.tones().stream()
                .filter(tone -> tone.semitone() == bass)
                .findFirst()
                .orElseGet(() -> Spelling.of(bass, key, Quality.MAJOR.intervals()));
        return new Chord(name, quality, low);
    }
}
