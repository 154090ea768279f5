package com.zestythumb.core.solving;

import com.zestythumb.core.solving.ChoiceGraph.Edge;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntPredicate;

/**
 * Some of the candidates of each chord: those that can still matter.
 *
 * @param kept for each chord which of its candidates, rising, never none
 */
record CandidateSubset(int[][] kept) {

    /** Those of a chord that pass. */
    private static int[] some(int candidates, IntPredicate wanted) {
        int[] some = new int[candidates];
        int count = 0;
        for (int c = 0; c < candidates; c++) {
            if (wanted.test(c)) {
                some[count++] = c;
            }
        }
        return Arrays.copyOf(some, count);
    }

    /**
     * Those through which the whole becomes less than so much dearer, and those of some path.
     *
     * @param charges a number for each candidate of each chord
     * @param whole tells how much dearer
     */
    static CandidateSubset nearerThan(int room, int[][] charges, Cheapest whole, Cheapest path) {
        int[][] kept = new int[charges.length][];
        for (int i = 0; i < kept.length; i++) {
            int chord = i;
            kept[i] = some(
                    charges[i].length,
                    c -> whole.price(chord, c) < room || c == whole.choice(chord) || c == path.choice(chord));
        }
        return new CandidateSubset(kept);
    }

    /** What these have of numbers for all. */
    int[][] of(int[][] all) {
        int[][] some = new int[all.length][];
        for (int i = 0; i < some.length; i++) {
            some[i] = at(all[i], kept[i]);
        }
        return some;
    }

    /** The ways from the candidates of each chord to those of the next. */
    int[][][] between(int[][][] onward) {
        int[][][] some = new int[onward.length][][];
        for (int i = 0; i + 1 < some.length; i++) {
            some[i] = at(onward[i], kept[i], kept[i + 1]);
        }
        return some;
    }

    List<Edge> between(List<Edge> edges) {
        return edges.stream()
                .map(edge -> new Edge(edge.from(), edge.to(), at(edge.costs(), kept[edge.from()], kept[edge.to()])))
                .toList();
    }

    /** Which of all candidates a choice of these means. */
    int[] places(int[] choice) {
        int[] places = new int[choice.length];
        for (int i = 0; i < places.length; i++) {
            places[i] = kept[i][choice[i]];
        }
        return places;
    }

    /** Where a candidate stands among those of its chord; below 0 where it is none of them. */
    int place(int chord, int candidate) {
        return Arrays.binarySearch(kept[chord], candidate);
    }

    private static int[][] at(int[][] matrix, int[] rows, int[] columns) {
        int[][] some = new int[rows.length][];
        for (int i = 0; i < some.length; i++) {
            some[i] = at(matrix[rows[i]], columns);
        }
        return some;
    }

    private static int[] at(int[] row, int[] places) {
        int[] some = new int[places.length];
        for (int i = 0; i < some.length; i++) {
            some[i] = row[places[i]];
        }
        return some;
    }
}
