package com.zestythumb.core.solving;

import com.zestythumb.core.solving.ChoiceGraph.Edge;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The cheapest choice in a graph of chords, found among the few candidates that can matter. Without the ways back the
 * chords are a row, and what the row costs through a candidate is the least that the whole can cost with it; any whole
 * choice is the most that the best can cost. Candidates that cost more than that and a margin are left out. What is
 * found within the margin is exact, for nothing that was left out could make it cheaper; it grows until enough is found (branch and bound; A. Land and A. Doig, Econometrica 28, 1960, from memory).
 */
final class NearestFew implements Cheapest {

    private static final int[] MARGINS = {24, 72, Integer.MAX_VALUE / 4};

    private final int[][] kept;
    private final ChoiceGraph graph;
    /** At least so much dearer is what was left out. */
    private final int beyond;

    private NearestFew(int[][] kept, ChoiceGraph graph, int most) {
        this.kept = kept;
        this.graph = graph;
        this.beyond = most + 1 - graph.total();
    }

    /**
     * Finds it.
     *
     * @param enough for how many candidates of each chord, beside the one chosen, the price has to be exact
     */
    static NearestFew of(int[][] charges, List<Edge> edges, int enough) {
        LayeredPath row = row(charges, edges);
        int[] first = IntStream.range(0, charges.length).map(row::choice).toArray();
        int known =
                IntStream.range(0, first.length).map(i -> charges[i][first[i]]).sum();
        int least = row.total();
        for (Edge edge : edges) {
            known += edge.costs()[first[edge.from()]][first[edge.to()]];
            least += isOnward(edge)
                    ? 0
                    : Arrays.stream(edge.costs())
                            .flatMapToInt(Arrays::stream)
                            .min()
                            .orElse(0);
        }
        for (int margin : MARGINS) {
            int most = known + margin;
            int room = most - least;
            int[][] kept = IntStream.range(0, charges.length)
                    .mapToObj(i -> IntStream.range(0, charges[i].length)
                            .filter(c -> row.price(i, c) <= room)
                            .toArray())
                    .toArray(int[][]::new);
            NearestFew found = new NearestFew(kept, few(charges, edges, kept), most);
            if (found.isEnough(charges, enough)) {
                return found;
            }
        }
        throw new AssertionError("all are enough");
    }

    private static boolean isOnward(Edge edge) {
        return edge.to() == edge.from() + 1;
    }

    /** The chords in their written order; where one does not follow on the one before, any will do. */
    private static LayeredPath row(int[][] charges, List<Edge> edges) {
        int[][][] onward = new int[charges.length][][];
        edges.stream().filter(NearestFew::isOnward).forEach(edge -> onward[edge.from()] = edge.costs());
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

    private static ChoiceGraph few(int[][] charges, List<Edge> edges, int[][] kept) {
        int[][] some = IntStream.range(0, charges.length)
                .mapToObj(i -> at(charges[i], kept[i]))
                .toArray(int[][]::new);
        List<Edge> between = new ArrayList<>();
        for (Edge edge : edges) {
            int[][] costs = Arrays.stream(kept[edge.from()])
                    .mapToObj(from -> at(edge.costs()[from], kept[edge.to()]))
                    .toArray(int[][]::new);
            between.add(new Edge(edge.from(), edge.to(), costs));
        }
        return ChoiceGraph.of(some, between);
    }

    private static int[] at(int[] row, int[] places) {
        return Arrays.stream(places).map(place -> row[place]).toArray();
    }

    private boolean isEnough(int[][] charges, int enough) {
        for (int chord = 0; chord < charges.length; chord++) {
            int here = chord;
            long exact = IntStream.range(0, kept[chord].length)
                    .filter(c -> graph.price(here, c) < beyond)
                    .count();
            if (kept[chord].length < charges[chord].length && exact <= enough) {
                return false;
            }
        }
        return true;
    }

    @Override
    public int choice(int chord) {
        return kept[chord][graph.choice(chord)];
    }

    /** Exact for enough of the cheapest; for others no less than these. */
    @Override
    public int price(int chord, int candidate) {
        int place = Arrays.binarySearch(kept[chord], candidate);
        return place < 0 ? beyond : graph.price(chord, place);
    }

    @Override
    public int total() {
        return graph.total();
    }
}
