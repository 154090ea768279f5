package com.zestythumb.core.solving;

import com.zestythumb.core.solving.ChoiceGraph.Edge;
import com.zestythumb.core.stopping.StoppedException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The cheapest choice in a graph of chords, found among the few candidates that can matter. Without the ways back the
 * chords are a row; of a way back each candidate pays what it must in any case, and so what the row costs through a
 * candidate is the least that the whole can cost with it. Any whole choice is the most that the best can cost, and one
 * that no single chord can make cheaper is near it. Candidates that cost more than that and a margin are left out. What is
 * found within the margin is exact, for nothing that was left out could make it cheaper; it grows until enough is found (branch and bound; A. Land and A. Doig, Econometrica 28, 1960, from memory).
 */
final class NearestSubset implements Cheapest {

    private static final int[] MARGINS = {8, 24, 72, Integer.MAX_VALUE / 4};
    private static final int MOST_ROUNDS = 8;

    private final CandidateSubset few;
    private final ChoiceGraph graph;
    /** At least so much dearer is what was left out. */
    private final int beyond;

    private NearestSubset(CandidateSubset few, ChoiceGraph graph, int most) {
        this.few = few;
        this.graph = graph;
        this.beyond = most + 1 - graph.total();
    }

    /**
     * Finds it.
     *
     * @param enough for how many candidates of each chord, beside the one chosen, the price has to be exact
     */
    static NearestSubset of(int[][] charges, List<Edge> edges, int enough) {
        return of(charges, edges, enough, 1);
    }

    /**
     * The same.
     *
     * @param unit what a half step counts
     */
    static NearestSubset of(int[][] charges, List<Edge> edges, int enough, int unit) {
        LayeredPath row = row(withWaysBack(charges, edges), edges);
        int known = cost(charges, edges, improved(charges, edges, row));
        int least = row.total();
        for (int margin : MARGINS) {
            StoppedException.ifInterrupted();
            int most = (int) Math.min(Matrices.FAR, known + (long) margin * unit);
            int room = most - least;
            CandidateSubset few = CandidateSubset.nearerThan(room + 1, charges, row, row);
            NearestSubset found = new NearestSubset(few, ChoiceGraph.of(few.of(charges), few.between(edges)), most);
            if (found.isEnough(charges, enough)) {
                return found;
            }
        }
        throw new AssertionError("all are enough");
    }

    /** Charges with what each candidate pays at least for the ways back from it, and then for those to it. */
    static int[][] withWaysBack(int[][] charges, List<Edge> edges) {
        int[][] all = Arrays.stream(charges).map(int[]::clone).toArray(int[][]::new);
        for (Edge edge : edges) {
            if (!isOnward(edge)) {
                int[] leaving = Matrices.leastOfRows(edge.costs());
                int[][] rest = Matrices.plusRows(edge.costs(), Matrices.difference(new int[leaving.length], leaving));
                all[edge.from()] = Matrices.sum(all[edge.from()], leaving);
                all[edge.to()] = Matrices.sum(all[edge.to()], Matrices.leastOfRows(Matrices.transposed(rest)));
            }
        }
        return all;
    }

    /** The choice of a row, made cheaper chord by chord as long as that helps. */
    private static int[] improved(int[][] charges, List<Edge> edges, LayeredPath row) {
        List<List<Edge>> beside = new ArrayList<>();
        for (int i = 0; i < charges.length; i++) {
            beside.add(new ArrayList<>(2));
        }
        for (Edge edge : edges) {
            beside.get(edge.from()).add(edge);
            beside.get(edge.to()).add(edge);
        }
        int[] choice = IntStream.range(0, charges.length).map(row::choice).toArray();
        boolean changed = true;
        for (int round = 0; changed && round < MOST_ROUNDS; round++) {
            StoppedException.ifInterrupted();
            changed = false;
            for (int chord = 0; chord < choice.length; chord++) {
                int best = Matrices.placeOfLeast(costs(chord, charges[chord], beside.get(chord), choice));
                changed |= best != choice[chord];
                choice[chord] = best;
            }
        }
        return choice;
    }

    /** What each candidate of a chord costs beside what is chosen for all others. */
    private static int[] costs(int chord, int[] charge, List<Edge> beside, int[] choice) {
        int[] costs = charge.clone();
        for (Edge edge : beside) {
            for (int candidate = 0; candidate < costs.length; candidate++) {
                costs[candidate] += edge.from() == chord
                        ? edge.costs()[candidate][choice[edge.to()]]
                        : edge.costs()[choice[edge.from()]][candidate];
            }
        }
        return costs;
    }

    private static int cost(int[][] charges, List<Edge> edges, int[] choice) {
        int cost = 0;
        for (int chord = 0; chord < choice.length; chord++) {
            cost += charges[chord][choice[chord]];
        }
        for (Edge edge : edges) {
            cost += edge.costs()[choice[edge.from()]][choice[edge.to()]];
        }
        return cost;
    }

    private static boolean isOnward(Edge edge) {
        return edge.to() == edge.from() + 1;
    }

    /** The chords in their written order; where one does not follow on the one before, any will do. */
    private static LayeredPath row(int[][] charges, List<Edge> edges) {
        int[][][] onward = new int[charges.length][][];
        edges.stream().filter(NearestSubset::isOnward).forEach(edge -> onward[edge.from()] = edge.costs());
        for (int i = 0; i + 1 < onward.length; i++) {
            onward[i] = onward[i] == null ? new int[charges[i].length][charges[i + 1].length] : onward[i];
        }
        return LayeredPath.through(charges.length, new LayeredPath.Costs() {
            @Override
            public int[] of(int layer) {
                return charges[layer];
            }

            @Override
            public int[][] toNext(int layer) {
                return onward[layer];
            }
        });
    }

    private boolean isEnough(int[][] charges, int enough) {
        for (int chord = 0; chord < charges.length; chord++) {
            int here = chord;
            int kept = few.kept()[chord].length;
            long exact = IntStream.range(0, kept)
                    .filter(c -> graph.price(here, c) < beyond)
                    .count();
            if (kept < charges[chord].length && exact <= enough) {
                return false;
            }
        }
        return true;
    }

    @Override
    public int choice(int chord) {
        return few.kept()[chord][graph.choice(chord)];
    }

    /** Exact for enough of the cheapest; for others no less than these. */
    @Override
    public int price(int chord, int candidate) {
        int place = few.place(chord, candidate);
        return place < 0 ? beyond : graph.price(chord, place);
    }

    @Override
    public int total() {
        return graph.total();
    }
}
