package com.zestythumb.core.analysis;

import com.zestythumb.core.analysis.KeyEvidence.Heard;
import java.util.Arrays;
import java.util.List;

/**
 * Finds the keys that a row of chords goes through: of all ways to give each chord a key, the one with the lowest
 * price. Chords cost what {@link KeyEvidence} says, a change of key more than a short tonicisation would save. A
 * stretch in the middle is a key of its own only if it lasts five chords and has a close, or closes twice (common
 * practice of harmony teaching); the first may be shorter, the last needs four chords and a close. Exact, by dynamic
 * programming over chords, keys and how far a stretch has come (Viterbi 1967): O(chords × 72).
 */
final class KeySearch {

    private static final int LONG_ENOUGH = 5;
    private static final int CLOSES_ENOUGH = 2;
    /** Stretches that need no proof: the first one, one the chart or the teacher names. */
    private static final int PROVEN = 0;

    private static final int STAGES = 1 + LONG_ENOUGH * (CLOSES_ENOUGH + 1);

    private static final double CHANGE = 2.4;
    private static final double FARTHER = 0.18;
    private static final double[][] CHANGES = changes();
    private static final int[] SIGNATURES = signatures();
    private static final int[][][] ONWARD = onward();
    private static final boolean[] OF_ITS_OWN = ofItsOwn();

    /** Stands for a stage before that was in another key. */
    private static final byte ANOTHER_KEY = -1;

    private final KeyEvidence evidence;
    private final int count;
    /** For each chord, key of the evidence and stage: the stage before. */
    private final byte[][] before;
    /** For each chord the key that was left for each signature, and for each key the stage in which it is left. */
    private final byte[][] cameFrom;

    private final byte[][] leftAt;

    private KeySearch(List<Heard> chords) {
        this.evidence = new KeyEvidence(chords);
        this.count = chords.size();
        this.before = new byte[count][evidence.keys.length * STAGES];
        this.cameFrom = new byte[count][];
        this.leftAt = new byte[count][evidence.keys.length];
    }

    /** The keys in their order; none where there are no chords. */
    static List<KeySpan> find(List<Heard> chords) {
        return chords.isEmpty() ? List.of() : new KeySearch(chords).find();
    }

    private List<KeySpan> find() {
        double[][] best = new double[evidence.keys.length][STAGES];
        double[][] next = new double[evidence.keys.length][STAGES];
        for (int k = 0; k < best.length; k++) {
            int key = evidence.keys[k];
            Arrays.fill(best[k], Double.POSITIVE_INFINITY);
            best[k][PROVEN] = evidence.beginning(key) + evidence.prices[0][key];
        }
        for (int i = 1; i < count; i++) {
            Entries entries = new Entries(leaving(best, i));
            cameFrom[i] = entries.from;
            int moves = evidence.isStruckAgain(i) ? 0 : 1;
            for (int k = 0; k < best.length; k++) {
                goOn(i, k, moves, best[k], next[k]);
                enter(i, k, entries, next[k]);
            }
            double[][] behind = best;
            best = next;
            next = behind;
        }
        return new KeySpans(evidence).of(path(best));
    }

    private static int stage(int length, int closes) {
        return 1 + (Math.min(length, LONG_ENOUGH) - 1) * (CLOSES_ENOUGH + 1) + Math.min(closes, CLOSES_ENOUGH);
    }

    private static int length(int stage) {
        return (stage - 1) / (CLOSES_ENOUGH + 1) + 1;
    }

    private static int closes(int stage) {
        return (stage - 1) % (CLOSES_ENOUGH + 1);
    }

    /** By stage, whether a stretch that has come so far is a key of its own. */
    private static boolean[] ofItsOwn() {
        boolean[] own = new boolean[STAGES];
        own[PROVEN] = true;
        for (int stage = 1; stage < STAGES; stage++) {
            boolean longEnough = closes(stage) >= 1 && length(stage) >= LONG_ENOUGH;
            own[stage] = longEnough || closes(stage) >= CLOSES_ENOUGH;
        }
        return own;
    }

    /** The cheapest way to have been in each key until now and be free to leave it. */
    private double[] leaving(double[][] best, int i) {
        boolean spoken = isSpoken(i);
        double[] leaving = new double[best.length];
        for (int k = 0; k < best.length; k++) {
            double unproven = spoken ? 0 : evidence.leavingTheFirst(evidence.keys[k]);
            leaving[k] = best[k][PROVEN] + unproven;
            for (byte stage = 1; stage < STAGES; stage++) {
                if ((spoken || OF_ITS_OWN[stage]) && best[k][stage] < leaving[k]) {
                    leaving[k] = best[k][stage];
                    leftAt[i][k] = stage;
                }
            }
        }
        return leaving;
    }

    /** Whether the chart or the teacher names another key here than for the chord before. */
    private boolean isSpoken(int i) {
        Heard now = evidence.heard(i);
        Heard last = evidence.heard(i - 1);
        boolean told = now.told() != null && last.told() != null && !now.told().equals(last.told());
        return told || now.fixed() != null || last.fixed() != null;
    }

    private void goOn(int i, int k, int moves, double[] from, double[] to) {
        int key = evidence.keys[k];
        Arrays.fill(to, Double.POSITIVE_INFINITY);
        int closes = evidence.closes[i][key] ? 1 : 0;
        double price = evidence.prices[i][key] - evidence.arrivals[i][key];
        for (int stage = 0; stage < STAGES; stage++) {
            double way = from[stage] + price;
            if (way < Double.POSITIVE_INFINITY) {
                int next = ONWARD[stage][moves][closes];
                if (way < to[next]) {
                    to[next] = way;
                    before[i][k * STAGES + next] = (byte) stage;
                }
            }
        }
    }

    /** By stage, whether the chord moves on, and whether it closes: the stage behind it. */
    private static int[][][] onward() {
        int[][][] onward = new int[STAGES][2][2];
        for (int stage = 0; stage < STAGES; stage++) {
            for (int moves = 0; moves < 2; moves++) {
                for (int closes = 0; closes < 2; closes++) {
                    onward[stage][moves][closes] =
                            stage == PROVEN ? PROVEN : stage(length(stage) + moves, closes(stage) + closes);
                }
            }
        }
        return onward;
    }

    /** The cheapest way into each signature, from whichever key it comes: a change costs by its signatures alone. */
    private final class Entries {

        private final double[] least = new double[KeyState.TONICS];
        private final byte[] from = new byte[KeyState.TONICS];

        Entries(double[] leaving) {
            double[] cheapest = new double[KeyState.TONICS];
            byte[] left = new byte[KeyState.TONICS];
            Arrays.fill(cheapest, Double.POSITIVE_INFINITY);
            for (byte k = 0; k < leaving.length; k++) {
                int signature = SIGNATURES[evidence.keys[k]];
                if (leaving[k] < cheapest[signature]) {
                    cheapest[signature] = leaving[k];
                    left[signature] = k;
                }
            }
            for (int to = 0; to < KeyState.TONICS; to++) {
                least[to] = Double.POSITIVE_INFINITY;
                for (int signature = 0; signature < KeyState.TONICS; signature++) {
                    double way = cheapest[signature] + CHANGES[signature][to];
                    if (way < least[to]) {
                        least[to] = way;
                        from[to] = left[signature];
                    }
                }
            }
        }
    }

    private void enter(int i, int k, Entries entries, double[] to) {
        int key = evidence.keys[k];
        int signature = SIGNATURES[key];
        double way = entries.least[signature] + evidence.entering(i, key) + evidence.prices[i][key];
        // What begins with a phrase is sooner taken for a key of its own: three chords will do.
        boolean phrase = evidence.heard(i).begins() != KeyEvidence.Begins.NOTHING;
        int stage = isSpoken(i) ? PROVEN : stage(phrase ? 3 : 1, 0);
        if (way < to[stage]) {
            to[stage] = way;
            before[i][k * STAGES + stage] = ANOTHER_KEY;
        }
    }

    private int[] path(double[][] best) {
        int at = 0;
        int stage = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int k = 0; k < best.length; k++) {
            for (int s = 0; s < STAGES; s++) {
                if (OF_ITS_OWN[s] && best[k][s] < least) {
                    least = best[k][s];
                    at = k;
                    stage = s;
                }
            }
        }
        int[] path = new int[count];
        for (int i = count - 1; i > 0; i--) {
            path[i] = evidence.keys[at];
            int step = before[i][at * STAGES + stage];
            at = step == ANOTHER_KEY ? cameFrom[i][SIGNATURES[path[i]]] : at;
            stage = step == ANOTHER_KEY ? leftAt[i][at] : step;
        }
        path[0] = evidence.keys[at];
        return path;
    }

    /** From one signature to another, as places on the circle of fifths. */
    private static double[][] changes() {
        double[][] changes = new double[KeyState.TONICS][KeyState.TONICS];
        for (int from = 0; from < KeyState.TONICS; from++) {
            for (int to = 0; to < KeyState.TONICS; to++) {
                int distance = Math.abs(from - to);
                changes[from][to] = CHANGE + FARTHER * Math.min(distance, KeyState.TONICS - distance);
            }
        }
        return changes;
    }

    private static int[] signatures() {
        int[] signatures = new int[KeyState.COUNT];
        for (int key = 0; key < KeyState.COUNT; key++) {
            signatures[key] = KeyState.signature(key);
        }
        return signatures;
    }
}
