package com.zestythumb.core.hearing;

import com.zestythumb.core.analysis.Fit;
import com.zestythumb.core.analysis.Kind;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.PitchClass;
import java.util.List;

/**
 * The chords that are looked for in notes: every usual kind on every root, as a number from 0. How unusual a kind is
 * and what it costs to lack each of its tones are prices, in the manner of Pardo and Birmingham (Algorithms for
 * Chordal Analysis, Computer Music Journal 26:2, 2002).
 */
final class ChordLabel {

    /** Kinds with what they cost beyond a plain triad: plain before rich (common practice). */
    private record Row(Quality quality, double rarity) {}

    private static final List<Row> ROWS = List.of(
            row("", 0),
            row("m", 0),
            row("7", 0.4),
            row("m7", 0.8),
            row("maj7", 1.5),
            row("dim", 0.6),
            row("m7b5", 0.9),
            row("dim7", 0.9),
            row("sus4", 1.2),
            row("7sus4", 1.7),
            row("6", 1.9),
            row("m6", 2.3),
            row("aug", 1.3),
            row("mM7", 2.0),
            row("sus2", 1.8),
            row("add9", 2.2),
            row("madd9", 2.3),
            row("9", 2.0),
            row("m9", 2.5),
            row("maj9", 2.8),
            row("7b9", 1.8),
            row("7#5", 1.7));

    static final int ROOTS = 12;
    static final int COUNT = ROOTS * ROWS.size();
    static final int KEYS = 24;

    private static final int[][] TONES = new int[COUNT][];
    private static final double[][] LACKING = new double[ROWS.size()][];
    private static final int[][] FIFTHS = new int[ROWS.size()][];
    private static final int[] LEADS_TO = new int[COUNT];
    /** What it costs to hear a chord in each of the major and minor keys, 0 for the tonic. */
    static final double[][] STRANGENESS = new double[COUNT][KEYS];

    private static final double OF_THE_KEY = 0.45;
    /** The sixth is added to the tonic; elsewhere the same notes are a seventh chord inverted. */
    private static final double SIXTH_AT_HOME = 1.1;

    static {
        for (int kind = 0; kind < ROWS.size(); kind++) {
            Quality quality = ROWS.get(kind).quality();
            LACKING[kind] = quality.intervals().stream()
                    .mapToDouble(tone -> lacking(quality, tone))
                    .toArray();
            FIFTHS[kind] = quality.intervals().stream()
                    .mapToInt(tone -> PitchClass.parse("C").plus(tone).fifths())
                    .toArray();
            Kind heard = Kind.of(Chord.of(PitchClass.parse("C"), quality));
            for (int root = 0; root < ROOTS; root++) {
                int label = kind * ROOTS + root;
                int at = root;
                TONES[label] = quality.intervals().stream()
                        .mapToInt(tone -> (at + tone.semitones()) % ROOTS)
                        .toArray();
                boolean sixth = quality.numbered(6) != null;
                boolean two = quality.equals(Quality.MINOR_SEVENTH);
                LEADS_TO[label] = heard == Kind.DOMINANT || two
                        ? (root + 5) % 12
                        : heard.isDiminished() ? (root + 1) % 12 : sixth ? (root + 7) % 12 : -1;
                for (int key = 0; key < KEYS; key++) {
                    STRANGENESS[label][key] =
                            OF_THE_KEY * (Fit.price(Math.floorMod(root - key, 12), heard, key / 12) - 1)
                                    - (sixth && root == key % 12 ? SIXTH_AT_HOME : 0);
                }
            }
        }
    }

    private ChordLabel() {}

    private static Row row(String suffix, double rarity) {
        return new Row(Quality.parse(suffix), rarity);
    }

    /** A fifth is missed least, then the third; a seventh that is not there makes another chord. */
    private static double lacking(Quality quality, Interval tone) {
        // All tones of a diminished seventh are alike, and none stands for it alone.
        if (quality.equals(Quality.DIMINISHED_SEVENTH)) {
            return 1.3;
        }
        boolean extended = quality.intervals().size() > 3;
        // Without third or fifth a sixth chord is its relative's triad or seventh.
        if (quality.numbered(6) != null && tone.steps() < 5) {
            return 1.6;
        }
        return switch (tone.steps()) {
            case 0 -> 1.5;
            case 2 -> extended ? 1.0 : 0.8;
            case 4 -> tone.equals(Interval.PERFECT_FIFTH) ? 0.3 : 1.4;
            default -> 2.6;
        };
    }

    static int root(int label) {
        return label % ROOTS;
    }

    static Quality quality(int label) {
        return ROWS.get(label / ROOTS).quality();
    }

    static double rarity(int label) {
        return ROWS.get(label / ROOTS).rarity();
    }

    /** Its tones, 0 (C) to 11 (B), the root first. */
    static int[] tones(int label) {
        return TONES[label];
    }

    /** How far each of its tones is spelled from the root on the line of fifths, by the same count. */
    static int[] fifths(int label) {
        return FIFTHS[label / ROOTS];
    }

    /** What it costs to lack each of its tones, by the same count. */
    static double[] lacking(int label) {
        return LACKING[label / ROOTS];
    }

    /** The root into which it leads as a dominant, a two with its seventh, a leading-tone chord, a four with its sixth do; else −1. */
    static int leadsTo(int label) {
        return LEADS_TO[label];
    }

    /** The chord under a name for its root, its bass told by the slash where it is another. */
    static Chord spelled(int label, PitchClass root, int bass, PitchClass foreignBass) {
        Chord plain = Chord.of(root, quality(label));
        PitchClass low = plain.tones().stream()
                .filter(tone -> tone.semitone() == bass)
                .findFirst()
                .orElse(foreignBass);
        return new Chord(root, quality(label), low);
    }
}
