package com.zestythumb.core.solving;

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
            forward[layer] = costs.of(layer).clone();
            if (forward[layer].length == 0) {
                throw new IllegalArgumentException("layer " + layer + " has no candidate");
            }
            if (layer > 0) {
                addCheapest(forward[layer - 1], costs.toNext(layer - 1), forward[layer]);
            }
        }
        // The same two layers come again and again, and are turned round once.
        Map<int[][], int[][]> turned = new IdentityHashMap<>();
        for (int layer = layers - 1; layer >= 0; layer--) {
            backward[layer] = new int[forward[layer].length];
            if (layer + 1 < layers) {
                int[] onward = Matrices.sum(costs.of(layer + 1), backward[layer + 1]);
                int[][] back = turned.computeIfAbsent(costs.toNext(layer), Matrices::transposed);
                addCheapest(onward, back, backward[layer]);
            }
        }
        return new LayeredPath(forward, backward, follow(forward, backward, costs));
    }

    /**
     * To each of the second the least of the first and the way from there; row after row, as processors like it. What costs
     * more by itself than the way from the cheapest to anything cannot be on a cheapest way.
     */
    private static void addCheapest(int[] from, int[][] edges, int[] to) {
        int cheapest = Matrices.placeOfLeast(from);
        int[] best = Matrices.plus(edges[cheapest], from[cheapest]);
        int most = Arrays.stream(best).max().orElseThrow();
        for (int i = 0; i < from.length; i++) {
            int soFar = from[i];
            if (i == cheapest || soFar >= most) {
                continue;
            }
            int[] row = edges[i];
            for (int j = 0; j < best.length; j++) {
                best[j] = Math.min(best[j], soFar + row[j]);
            }
        }
        for (int j = 0; j < to.length; j++) {
            to[j] += best[j];
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
            choice[layer] = Matrices.placeOfLeast(Matrices.sum(costs.toNext(layer - 1)[choice[layer - 1]], onward));
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
