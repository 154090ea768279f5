package com.zestythumb.core.solving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.junit.jupiter.api.Test;

class LayeredPathTest {

    /** Costs drawn at random once and kept. */
    private record Drawn(int[][] nodes, int[][][] edges) implements LayeredPath.Costs {

        static Drawn of(int[] sizes, Random random) {
            int[][] nodes = new int[sizes.length][];
            int[][][] edges = new int[sizes.length][][];
            for (int layer = 0; layer < sizes.length; layer++) {
                nodes[layer] = random.ints(sizes[layer], 0, 20).toArray();
                edges[layer] = new int[sizes[layer]][];
                int next = layer + 1 < sizes.length ? sizes[layer + 1] : 0;
                for (int i = 0; i < sizes[layer]; i++) {
                    edges[layer][i] = random.ints(next, 0, 20).toArray();
                }
            }
            return new Drawn(nodes, edges);
        }

        @Override
        public int[] of(int layer) {
            return nodes[layer];
        }

        @Override
        public int[][] toNext(int layer) {
            return edges[layer];
        }

        /** Cheapest of all paths from here on, tried one by one; through the given candidate where one is given. */
        int exhaustive(int layer, int before, int throughLayer, int through) {
            if (layer == nodes.length) {
                return 0;
            }
            int best = Integer.MAX_VALUE;
            for (int i = 0; i < nodes[layer].length; i++) {
                if (layer != throughLayer || i == through) {
                    int edge = layer == 0 ? 0 : edges[layer - 1][before][i];
                    best = Math.min(best, edge + nodes[layer][i] + exhaustive(layer + 1, i, throughLayer, through));
                }
            }
            return best;
        }
    }

    @Test
    void findsWhatTryingEveryPathFinds() {
        Random random = new Random(3);
        for (int round = 0; round < 300; round++) {
            int[] sizes = random.ints(1 + random.nextInt(6), 1, 5).toArray();
            Drawn costs = Drawn.of(sizes, random);
            LayeredPath path = LayeredPath.through(sizes.length, costs);
            int best = costs.exhaustive(0, 0, -1, -1);
            assertThat(path.total()).isEqualTo(best);
            assertThat(costOf(path, costs, sizes.length)).isEqualTo(best);
            for (int layer = 0; layer < sizes.length; layer++) {
                for (int i = 0; i < sizes[layer]; i++) {
                    assertThat(path.price(layer, i)).isEqualTo(costs.exhaustive(0, 0, layer, i) - best);
                }
            }
        }
    }

    private static int costOf(LayeredPath path, Drawn costs, int layers) {
        int sum = 0;
        for (int layer = 0; layer < layers; layer++) {
            sum += costs.of(layer)[path.choice(layer)];
            sum += layer == 0 ? 0 : costs.toNext(layer - 1)[path.choice(layer - 1)][path.choice(layer)];
        }
        return sum;
    }

    @Test
    void goesNowhereWhereThereIsNothing() {
        Drawn none = Drawn.of(new int[0], new Random(1));
        assertThat(LayeredPath.through(0, none).total()).isZero();
        assertThatThrownBy(() -> LayeredPath.through(2, Drawn.of(new int[] {1, 0}, new Random(1))))
                .hasMessageContaining("layer 1");
    }
}
