package com.zestythumb.core.solving;

import com.zestythumb.core.stopping.StoppedException;
import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.Map;

/**
 * The cheapest way through layers of candidates, one from each layer, by dynamic programming: exact
 * for any costs that depend on a candidate and on two neighbours. Time O(layers × candidates²),
 * memory O(layers × candidates). R. Bellman, "Dynamic Programming", 1957, chapter 3; the two passes
 * are the max-product form of forward–backward (A. Viterbi, IEEE Trans. Inf. Theory 13, 1967; from
 * memory).
 */
public final class LayeredPath implements Cheapest {

    /** The costs of a path, in whole units, none of them negative. */
    public interface Costs {

        /** What each candidate of a layer costs by itself. */
        int[] of(int layer);

        /** What it costs to go from each candidate of a layer (row) to each of the next (column). */
        int[][] toNext(int layer);

        /** The same where candidates share ways; the costs may be the same object for layers that are alike. */
        default Steps steps(int layer) {
            return Steps.each(toNext(layer), of(layer + 1).length);
        }
    }

    /**
     * What it costs to go on, where candidates that are left or come to in the same way share a row or a column.
     *
     * @param costs a row for each way to leave, a column for each way to come
     * @param rows for each candidate of the layer its row
     * @param columns for each candidate of the next its column
     */
    record Steps(int[][] costs, int[] rows, int[] columns) {

        /** Each candidate has a row or column of its own. */
        static Steps each(int[][] costs, int next) {
            return new Steps(costs, Matrices.places(costs.length), Matrices.places(next));
        }

        /** Each paid for so many times. */
        Steps times(int factor) {
            return factor == 1 ? this : new Steps(Matrices.times(costs, factor), rows, columns);
        }
    }

    private final int[][] forward;
    private final int[][] backward;
    private final int[] choice;

    private LayeredPath(int[][] forward, int[][] backward, int[] choice) {
        this.forward = forward;
        this.backward = backward;
        this.choice = choice;
    }

    /** Finds the cheapest path; of equal ones, the first by the order of the candidates. */
    public static LayeredPath through(int layers, Costs costs) {
        int[][] forward = new int[layers][];
        int[][] backward = new int[layers][];
        for (int layer = 0; layer < layers; layer++) {
            StoppedException.ifInterrupted();
            forward[layer] = costs.of(layer).clone();
            if (forward[layer].length == 0) {
                throw new IllegalArgumentException("layer " + layer + " has no candidate");
            }
            if (layer > 0) {
                Steps steps = costs.steps(layer - 1);
                addCheapest(forward[layer - 1], steps.rows(), steps.costs(), steps.columns(), forward[layer]);
            }
        }
        // The same two layers come again and again, and are turned round once.
        Map<int[][], int[][]> turned = new IdentityHashMap<>();
        for (int layer = layers - 1; layer >= 0; layer--) {
            StoppedException.ifInterrupted();
            backward[layer] = new int[forward[layer].length];
            if (layer + 1 < layers) {
                Steps steps = costs.steps(layer);
                int[] onward = Matrices.sum(costs.of(layer + 1), backward[layer + 1]);
                int[][] back = turned.computeIfAbsent(steps.costs(), Matrices::transposed);
                addCheapest(onward, steps.columns(), back, steps.rows(), backward[layer]);
            }
        }
        return new LayeredPath(forward, backward, follow(forward, backward, costs));
    }

    /**
     * To each of the second the least of the first and the way from there; row after row, as processors like it. What costs
     * more by itself than the way from the cheapest to anything cannot be on a cheapest way.
     */
    private static void addCheapest(int[] from, int[] rows, int[][] edges, int[] columns, int[] to) {
        int[] leaving = new int[edges.length];
        Arrays.fill(leaving, Matrices.FAR);
        for (int i = 0; i < from.length; i++) {
            leaving[rows[i]] = Math.min(leaving[rows[i]], from[i]);
        }
        int cheapest = Matrices.placeOfLeast(leaving);
        int[] best = Matrices.plus(edges[cheapest], leaving[cheapest]);
        int most = Matrices.most(best);
        for (int i = 0; i < leaving.length; i++) {
            if (i != cheapest && leaving[i] < most) {
                Matrices.lower(best, edges[i], leaving[i]);
            }
        }
        for (int j = 0; j < to.length; j++) {
            to[j] += best[columns[j]];
        }
    }

    /** Layer by layer the first candidate that is on a cheapest way on. */
    private static int[] follow(int[][] forward, int[][] backward, Costs costs) {
        int[] choice = new int[forward.length];
        if (choice.length == 0) {
            return choice;
        }
        choice[0] = Matrices.placeOfLeast(Matrices.sum(forward[0], backward[0]));
        for (int layer = 1; layer < choice.length; layer++) {
            int[] onward = Matrices.sum(costs.of(layer), backward[layer]);
            Steps steps = costs.steps(layer - 1);
            int[] row = steps.costs()[steps.rows()[choice[layer - 1]]];
            for (int j = 0; j < onward.length; j++) {
                onward[j] += row[steps.columns()[j]];
            }
            choice[layer] = Matrices.placeOfLeast(onward);
        }
        return choice;
    }

    /** Index of the chosen candidate of a layer. */
    @Override
    public int choice(int layer) {
        return choice[layer];
    }

    /** Cost of the whole path; 0 for no layers. */
    @Override
    public int total() {
        return choice.length == 0 ? 0 : forward[0][choice[0]] + backward[0][choice[0]];
    }

    /** How much dearer the best whole path becomes when it must go through this candidate. */
    @Override
    public int price(int layer, int candidate) {
        return forward[layer][candidate] + backward[layer][candidate] - total();
    }
}
