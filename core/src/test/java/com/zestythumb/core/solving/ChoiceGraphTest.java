package com.zestythumb.core.solving;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ChoiceGraphTest {

    private final Random random = new Random(11);

    private int[][] charges(int count, int most) {
        return IntStream.range(0, count)
                .mapToObj(node -> random.ints(1 + random.nextInt(most), 0, 20).toArray())
                .toArray(int[][]::new);
    }

    private ChoiceGraph.Edge edge(int from, int to, int[][] charges) {
        int[][] costs = IntStream.range(0, charges[from].length)
                .mapToObj(row -> random.ints(charges[to].length, 0, 20).toArray())
                .toArray(int[][]::new);
        return new ChoiceGraph.Edge(from, to, costs);
    }

    private static int cost(int[] choice, int[][] charges, List<ChoiceGraph.Edge> edges) {
        int cost = IntStream.range(0, choice.length)
                .map(node -> charges[node][choice[node]])
                .sum();
        return cost
                + edges.stream()
                        .mapToInt(edge -> edge.costs()[choice[edge.from()]][choice[edge.to()]])
                        .sum();
    }

    /** The least of all choices, tried one by one; through a candidate of a chord where one is given. */
    private static int exhaustive(int[][] charges, List<ChoiceGraph.Edge> edges, int through, int candidate) {
        int[] choice = new int[charges.length];
        int best = Integer.MAX_VALUE;
        while (true) {
            if (through < 0 || choice[through] == candidate) {
                best = Math.min(best, cost(choice, charges, edges));
            }
            int at = 0;
            while (at < choice.length && ++choice[at] == charges[at].length) {
                choice[at++] = 0;
            }
            if (at == choice.length) {
                return best;
            }
        }
    }

    private static void isExact(int[][] charges, List<ChoiceGraph.Edge> edges) {
        ChoiceGraph graph = ChoiceGraph.of(charges, edges);
        int best = exhaustive(charges, edges, -1, 0);
        assertThat(graph.total()).isEqualTo(best);
        int[] choice = IntStream.range(0, charges.length).map(graph::choice).toArray();
        assertThat(cost(choice, charges, edges)).isEqualTo(best);
        for (int node = 0; node < charges.length; node++) {
            for (int candidate = 0; candidate < charges[node].length; candidate++) {
                assertThat(graph.price(node, candidate)).isEqualTo(exhaustive(charges, edges, node, candidate) - best);
            }
        }
    }

    /** Rows of chords with ways back and forth, as repeats, endings and jumps make them. */
    @Test
    void findsWhatTryingEveryChoiceFinds() {
        for (int round = 0; round < 300; round++) {
            int[][] charges = charges(1 + random.nextInt(7), 3);
            List<ChoiceGraph.Edge> edges = new ArrayList<>();
            for (int node = 1; node < charges.length; node++) {
                if (random.nextInt(6) > 0) {
                    edges.add(edge(node - 1, node, charges));
                }
            }
            for (int more = random.nextInt(4); more > 0 && charges.length > 2; more--) {
                int from = random.nextInt(charges.length);
                int to = (from + 1 + random.nextInt(charges.length - 1)) % charges.length;
                edges.add(edge(from, to, charges));
            }
            isExact(charges, edges);
        }
    }

    /** Left out is only what cannot matter: the prices of the cheapest few are those of all. */
    @Test
    void pricesTheNearestFewAsAmongAll() {
        for (int round = 0; round < 200; round++) {
            int[][] charges = IntStream.range(0, 6)
                    .mapToObj(node -> random.ints(12, 0, 90).toArray())
                    .toArray(int[][]::new);
            List<ChoiceGraph.Edge> edges = new ArrayList<>();
            for (int node = 1; node < charges.length; node++) {
                edges.add(edge(node - 1, node, charges));
            }
            edges.add(edge(random.nextInt(3) + 3, random.nextInt(3), charges));
            ChoiceGraph all = ChoiceGraph.of(charges, edges);
            NearestSubset few = NearestSubset.of(charges, edges, 3);
            assertThat(few.total()).isEqualTo(all.total());
            for (int node = 0; node < charges.length; node++) {
                int here = node;
                assertThat(IntStream.range(0, 12)
                                .map(c -> few.price(here, c))
                                .sorted()
                                .limit(4))
                        .containsExactlyElementsOf(IntStream.range(0, 12)
                                .map(c -> all.price(here, c))
                                .sorted()
                                .limit(4)
                                .boxed()
                                .toList());
            }
        }
    }

    /** Where every chord has at least three neighbours one is tried with all its candidates. */
    @Test
    void findsItAlsoWhereEachFollowsEach() {
        for (int round = 0; round < 40; round++) {
            int[][] charges = charges(4 + random.nextInt(3), 3);
            List<ChoiceGraph.Edge> edges = new ArrayList<>();
            for (int from = 0; from < charges.length; from++) {
                for (int to = from + 1; to < charges.length; to++) {
                    edges.add(edge(from, to, charges));
                }
            }
            isExact(charges, edges);
        }
    }
}
