package com.zestythumb.core.solving;

import java.util.Arrays;

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
        int[][] next = new int[layers][];
        for (int layer = 0; layer < layers; layer++) {
            forward[layer] = costs.of(layer).clone();
            if (forward[layer].length == 0) {
                throw new IllegalArgumentException("layer " + layer + " has no candidate");
            }
            if (layer > 0) {
                addCheapestWayHere(forward[layer - 1], costs.toNext(layer - 1), forward[layer]);
            }
        }
        for (int layer = layers - 1; layer >= 0; layer--) {
            backward[layer] = new int[forward[layer].length];
            next[layer] = new int[forward[layer].length];
            if (layer + 1 < layers) {
                int[] onward = sum(costs.of(layer + 1), backward[layer + 1]);
                findCheapestWayOn(costs.toNext(layer), onward, backward[layer], next[layer]);
            }
        }
        return new LayeredPath(forward, backward, follow(forward, backward, next));
    }

    private static void addCheapestWayHere(int[] before, int[][] edges, int[] here) {
        int[] best = new int[here.length];
        Arrays.fill(best, Integer.MAX_VALUE);
        for (int i = 0; i < before.length; i++) {
            int[] row = edges[i];
            int soFar = before[i];
            for (int j = 0; j < best.length; j++) {
                best[j] = Math.min(best[j], soFar + row[j]);
            }
        }
        for (int j = 0; j < here.length; j++) {
            here[j] += best[j];
        }
    }

    private static void findCheapestWayOn(int[][] edges, int[] onward, int[] backward, int[] next) {
        for (int i = 0; i < backward.length; i++) {
            int[] row = edges[i];
            int best = Integer.MAX_VALUE;
            for (int j = 0; j < onward.length; j++) {
                if (row[j] + onward[j] < best) {
                    best = row[j] + onward[j];
                    next[i] = j;
                }
            }
            backward[i] = best;
        }
    }

    private static int[] sum(int[] a, int[] b) {
        int[] sum = new int[a.length];
        for (int i = 0; i < a.length; i++) {
            sum[i] = a[i] + b[i];
        }
        return sum;
    }

    private static int[] follow(int[][] forward, int[][] backward, int[][] next) {
        int[] choice = new int[forward.length];
        if (choice.length == 0) {
            return choice;
        }
        for (int i = 1; i < forward[0].length; i++) {
            if (forward[0][i] + backward[0][i] < forward[0][choice[0]] + backward[0][choice[0]]) {
                choice[0] = i;
            }
        }
        for (int layer = 1; layer < choice.length; layer++) {
            choice[layer] = next[layer - 1][choice[layer - 1]];
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
