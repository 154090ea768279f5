package com.zestythumb.core.hearing;

import com.zestythumb.core.analysis.ChordKind;
import com.zestythumb.core.analysis.Fit;
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
    private static final int[][] LEADS_TO = new int[COUNT][];
    private static final int[][] ARRIVES = new int[COUNT][];
    private static final boolean[][] LEADS = new boolean[COUNT][ROOTS];
    /** Ways to arrive on a root: at rest, suspended, from its own suspension, and home from a five without seventh. */
    static final int WAYS_TO_ARRIVE = 4;

    private static final int SUSPENDED = ROOTS;
    private static final int RESOLVED = 2 * ROOTS;
    private static final int PLAINLY_HOME = 3 * ROOTS;

    /** What it costs to hear a chord in each of the major and minor keys, 0 for the tonic. */
    static final double[][] STRANGENESS = new double[COUNT][KEYS];

    private static final double OF_THE_KEY = 0.45;
    /** The sixth is added to the tonic; elsewhere the same notes are a seventh chord inverted. */
    private static final double SIXTH_AT_HOME = 0.8;

    static {
        for (int kind = 0; kind < ROWS.size(); kind++) {
            Quality quality = ROWS.get(kind).quality();
            LACKING[kind] = quality.intervals().stream()
                    .mapToDouble(tone -> lacking(quality, tone))
                    .toArray();
            FIFTHS[kind] = quality.intervals().stream()
                    .mapToInt(tone -> PitchClass.parse("C").plus(tone).fifths())
                    .toArray();
            ChordKind heard = ChordKind.of(Chord.of(PitchClass.parse("C"), quality));
            for (int root = 0; root < ROOTS; root++) {
                int label = kind * ROOTS + root;
                int at = root;
                TONES[label] = quality.intervals().stream()
                        .mapToInt(tone -> (at + tone.semitones()) % ROOTS)
                        .toArray();
                boolean sixth = quality.numbered(6) != null;
                ARRIVES[label] = arrives(quality, root);
                LEADS_TO[label] = leadsTo(quality, root);
                // A four with its sixth and a five without its seventh lead home, and nowhere else.
                boolean homeAlone = sixth || quality.equals(Quality.MAJOR);
                for (int tonic = 0; tonic < ROOTS; tonic++) {
                    LEADS[label][tonic] = !homeAlone || LEADS_TO[label][0] % ROOTS == tonic;
                }
                for (int key = 0; key < KEYS; key++) {
                    STRANGENESS[label][key] =
                            OF_THE_KEY * (Fit.price(Math.floorMod(root - key, 12), heard, key / 12) - 1)
                                    - (sixth && root == key % 12 ? SIXTH_AT_HOME : 0);
                }
            }
        }
    }

    private ChordLabel() {}

    /**
     * Where a chord leads (common practice): a fifth down as a dominant or a two, a half step up as a leading-tone
     * chord, a fifth up as a four with its sixth, and a suspension onto its own root.
     */
    private static int[] leadsTo(Quality quality, int root) {
        ChordKind kind = ChordKind.of(Chord.of(PitchClass.parse("C"), quality));
        int fifthDown = (root + 5) % ROOTS;
        int halfStepUp = (root + 1) % ROOTS;
        if (kind == ChordKind.SUSPENDED) {
            return new int[] {fifthDown, RESOLVED + root};
        }
        if (quality.equals(Quality.HALF_DIMINISHED)) {
            return new int[] {halfStepUp, SUSPENDED + halfStepUp, fifthDown, SUSPENDED + fifthDown};
        }
        if (kind.isDiminished()) {
            return new int[] {halfStepUp, SUSPENDED + halfStepUp};
        }
        if (quality.numbered(6) != null) {
            return new int[] {(root + 7) % ROOTS};
        }
        if (quality.equals(Quality.MAJOR)) {
            return new int[] {PLAINLY_HOME + fifthDown};
        }
        boolean leads = kind == ChordKind.DOMINANT || quality.equals(Quality.MINOR_SEVENTH);
        return leads ? new int[] {fifthDown, SUSPENDED + fifthDown} : new int[0];
    }

    private static int[] arrives(Quality quality, int root) {
        boolean suspended = ChordKind.of(Chord.of(PitchClass.parse("C"), quality)) == ChordKind.SUSPENDED;
        return quality.numbered(6) != null
                ? new int[0]
                : suspended ? new int[] {SUSPENDED + root} : new int[] {root, RESOLVED + root, PLAINLY_HOME + root};
    }

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
            case 0 -> 1.4;
            case 2 -> extended ? 1.0 : 0.65;
            // Without its fifth a half-diminished seventh is told by its key and by where it goes.
            case 4 -> tone.equals(Interval.PERFECT_FIFTH) ? 0.33 : quality.equals(Quality.HALF_DIMINISHED) ? 0.6 : 1.4;
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

    /** Whether it leads somewhere in this key. */
    static boolean leads(int label, int key) {
        return LEADS[label][key % ROOTS];
    }

    /** The {@link #WAYS_TO_ARRIVE} by {@link #ROOTS} places into which it leads. */
    static int[] leadsTo(int label) {
        return LEADS_TO[label];
    }

    /** The {@link #WAYS_TO_ARRIVE} by {@link #ROOTS} places at which it arrives. */
    static int[] arrives(int label) {
        return ARRIVES[label];
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
