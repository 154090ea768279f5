package com.zestythumb.core.voicing;

/**
 * The cheapest way through layers of candidates, one from each layer, by dynamic programming: exact
 * for any costs that depend on a candidate and on two neighbours. Time O(layers × candidates²),
 * memory O(layers × candidates). R. Bellman, "Dynamic Programming", 1957, chapter 3; the two passes
 * are the max-product form of forward–backward (A. Viterbi, IEEE Trans. Inf. Theory 13, 1967; from
 * memory).
 */
public final class LayeredPath {

    /** The costs of a path, in whole units; both must be non-negative and finite. */
    public interface Costs {
        int of(int layer, int candidate);

        /** Cost of going from a candidate of this layer to one of the next. */
        int between(int layer, int candidate, int next);
    }

    private final int[][] forward;
    private final int[][] backward;
    private final int[] choice;

    private LayeredPath(int[][] forward, int[][] backward, int[] choice) {
        this.forward = forward;
        this.backward = backward;
        this.choice = choice;
    }

    /**
     * Finds the cheapest path; of equal ones, the first by the order of the candidates.
     *
     * @param sizes candidates in each layer, each at least one
     */
    public static LayeredPath through(int[] sizes, Costs costs) {
        int layers = sizes.length;
        int[][] forward = new int[layers][];
        int[][] backward = new int[layers][];
        int[][] next = new int[layers][];
        for (int layer = layers - 1; layer >= 0; layer--) {
            backward[layer] = new int[sizes[layer]];
            next[layer] = new int[sizes[layer]];
            if (sizes[layer] == 0) {
                throw new IllegalArgumentException("layer " + layer + " has no candidate");
            }
        }
        for (int layer = 0; layer < layers; layer++) {
            forward[layer] = new int[sizes[layer]];
            for (int j = 0; j < sizes[layer]; j++) {
                forward[layer][j] = costs.of(layer, j);
            }
        }
        for (int layer = 0; layer + 1 < layers; layer++) {
            int[] here = forward[layer];
            int[] there = forward[layer + 1];
            for (int j = 0; j < there.length; j++) {
                int best = Integer.MAX_VALUE;
                for (int i = 0; i < here.length; i++) {
                    best = Math.min(best, here[i] + costs.between(layer, i, j));
                }
                there[j] += best;
            }
        }
        for (int layer = layers - 2; layer >= 0; layer--) {
            for (int i = 0; i < sizes[layer]; i++) {
                int best = Integer.MAX_VALUE;
                for (int j = 0; j < sizes[layer + 1]; j++) {
                    int onward = costs.between(layer, i, j) + costs.of(layer + 1, j) + backward[layer + 1][j];
                    if (onward < best) {
                        best = onward;
                        next[layer][i] = j;
                    }
                }
                backward[layer][i] = best;
            }
        }
        return new LayeredPath(forward, backward, follow(forward, backward, next));
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
    public int choice(int layer) {
        return choice[layer];
    }

    /** Cost of the whole path; 0 for no layers. */
    public int total() {
        return choice.length == 0 ? 0 : forward[0][choice[0]] + backward[0][choice[0]];
    }

    /** How much dearer the best whole path becomes when it must go through this candidate. */
    public int price(int layer, int candidate) {
        return forward[layer][candidate] + backward[layer][candidate] - total();
    }
}
