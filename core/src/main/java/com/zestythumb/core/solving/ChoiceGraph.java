package com.zestythumb.core.solving;

import com.zestythumb.core.stopping.StoppedException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.TreeMap;

/**
 * The cheapest choice of one candidate for each chord where chords follow one another in a graph, as with repeats,
 * endings and jumps. Exact: chords with one or two neighbours are taken out one by one and what they cost at best is
 * laid upon those neighbours, then all are given back in the opposite order with what the rest costs (variable
 * elimination; R. Dechter, "Bucket elimination", Artificial Intelligence 113, 1999, from memory). Repeats and endings
 * are gone by that. Where only chords with three neighbours or more are left, as with a jump into a repeat, one of
 * them is tried with each of its candidates. O(chords × candidates³) for repeats; as {@link LayeredPath} without.
 */
final class ChoiceGraph implements Cheapest {

    /** What it costs that one chord follows another: a row for each candidate of the first. */
    record Edge(int from, int to, int[][] costs) {}

    /** What the whole costs at best with each candidate of each chord, with each two of some neighbours, and how. */
    private static final class Beliefs {
        private final Map<Integer, int[]> nodes = new HashMap<>();
        private final Map<Integer, Integer> choices = new HashMap<>();
        private final Map<Integer, Map<Integer, int[][]>> pairs = new HashMap<>();

        private void put(int one, int other, int[][] belief) {
            pairs.computeIfAbsent(one, o -> new HashMap<>()).put(other, belief);
        }

        /** Adds what chords outside cost to a part that hangs together. */
        private void add(int more, List<Integer> part) {
            for (int node : part) {
                nodes.computeIfPresent(node, (n, belief) -> Matrices.plus(belief, more));
                pairs.getOrDefault(node, new HashMap<>()).replaceAll((other, belief) -> Matrices.plus(belief, more));
            }
        }

        private int[][] pair(int one, int other) {
            int[][] known = pairs.getOrDefault(one, Map.of()).get(other);
            return known != null ? known : Matrices.transposed(pairs.get(other).get(one));
        }
    }

    /** A chord taken out, with what it laid upon its neighbours. */
    private record Taken(int node, int[] charge, List<Integer> neighbours, List<int[][]> costs, int[][] laid) {}

    /** Chords that are still to be decided. */
    private static final class Graph {
        private final TreeMap<Integer, int[]> charges = new TreeMap<>();
        private final Map<Integer, TreeMap<Integer, int[][]>> costs = new HashMap<>();

        private void add(int node, int[] charge) {
            charges.put(node, charge);
            costs.put(node, new TreeMap<>());
        }

        private void connect(int one, int other, int[][] more) {
            int[][] known = costs.get(one).get(other);
            int[][] sum = known == null ? more : Matrices.sum(known, more);
            costs.get(one).put(other, sum);
            costs.get(other).put(one, Matrices.transposed(sum));
        }

        private void charge(int node, int[] more) {
            charges.put(node, Matrices.sum(charges.get(node), more));
        }

        private int degree(int node) {
            return costs.get(node).size();
        }

        private void remove(int node) {
            charges.remove(node);
            costs.remove(node).keySet().forEach(other -> costs.get(other).remove(node));
        }

        /** The parts that hang together. */
        private List<List<Integer>> parts() {
            List<List<Integer>> parts = new ArrayList<>();
            Set<Integer> seen = new HashSet<>();
            for (int node : charges.keySet()) {
                if (seen.add(node)) {
                    List<Integer> part = new ArrayList<>(List.of(node));
                    for (int at = 0; at < part.size(); at++) {
                        costs.get(part.get(at)).keySet().stream()
                                .filter(seen::add)
                                .forEach(part::add);
                    }
                    parts.add(part);
                }
            }
            return parts;
        }

        private Graph copy() {
            Graph copy = new Graph();
            copy.charges.putAll(charges);
            costs.forEach((node, edges) -> copy.costs.put(node, new TreeMap<>(edges)));
            return copy;
        }
    }

    private final int[][] beliefs;
    private final int[] choice;
    private final int total;

    private ChoiceGraph(int[][] beliefs, int[] choice, int total) {
        this.beliefs = beliefs;
        this.choice = choice;
        this.total = total;
    }

    /**
     * Finds it.
     *
     * @param charges what each candidate of each chord costs by itself, none empty
     */
    static ChoiceGraph of(int[][] charges, List<Edge> edges) {
        Graph graph = new Graph();
        for (int node = 0; node < charges.length; node++) {
            graph.add(node, charges[node]);
        }
        edges.forEach(edge -> graph.connect(edge.from(), edge.to(), edge.costs()));
        Beliefs found = solve(graph);
        int[][] beliefs = new int[charges.length][];
        int[] choice = new int[charges.length];
        int total = 0;
        for (int node = 0; node < charges.length; node++) {
            beliefs[node] = found.nodes.get(node);
            choice[node] = found.choices.get(node);
            total += charges[node][choice[node]];
        }
        for (Edge edge : edges) {
            total += edge.costs()[choice[edge.from()]][choice[edge.to()]];
        }
        return new ChoiceGraph(beliefs, choice, total);
    }

    @Override
    public int choice(int chord) {
        return choice[chord];
    }

    @Override
    public int price(int chord, int candidate) {
        return beliefs[chord][candidate] - beliefs[chord][choice[chord]];
    }

    @Override
    public int total() {
        return total;
    }

    /** Decides all, and consumes the graph. */
    private static Beliefs solve(Graph graph) {
        Deque<Taken> taken = new ArrayDeque<>();
        PriorityQueue<int[]> next =
                new PriorityQueue<>(Comparator.<int[]>comparingInt(n -> n[0]).thenComparingInt(n -> n[1]));
        graph.charges.keySet().forEach(node -> next.add(new int[] {graph.degree(node), node}));
        while (!next.isEmpty()) {
            StoppedException.ifInterrupted();
            int[] candidate = next.poll();
            int node = candidate[1];
            boolean stale = !graph.charges.containsKey(node) || graph.degree(node) != candidate[0];
            if (stale || candidate[0] > 2) {
                continue;
            }
            Taken out = takeOut(graph, node);
            taken.push(out);
            out.neighbours().forEach(other -> next.add(new int[] {graph.degree(other), other}));
        }
        Beliefs beliefs = graph.charges.isEmpty() ? new Beliefs() : tryEach(graph);
        taken.forEach(out -> giveBack(out, beliefs));
        return beliefs;
    }

    private static Taken takeOut(Graph graph, int node) {
        int[] charge = graph.charges.get(node);
        List<Integer> neighbours = new ArrayList<>(graph.costs.get(node).keySet());
        List<int[][]> costs = new ArrayList<>(graph.costs.get(node).values());
        graph.remove(node);
        int[][] laid = null;
        if (neighbours.size() == 1) {
            laid = new int[][] {Matrices.least(Matrices.transposed(costs.get(0)), charge)};
            graph.charge(neighbours.get(0), laid[0]);
        } else if (neighbours.size() == 2) {
            int[][] into = Matrices.plusColumns(Matrices.transposed(costs.get(0)), charge);
            laid = Matrices.least(into, costs.get(1));
            graph.connect(neighbours.get(0), neighbours.get(1), laid);
        }
        return new Taken(node, charge, neighbours, costs, laid);
    }

    private static void giveBack(Taken out, Beliefs beliefs) {
        List<Integer> others = out.neighbours();
        int[] own = out.charge();
        if (others.size() == 1) {
            int[] rest = Matrices.difference(beliefs.nodes.get(others.get(0)), out.laid()[0]);
            int[][] pair = Matrices.plusColumns(Matrices.plusRows(out.costs().get(0), own), rest);
            beliefs.put(out.node(), others.get(0), pair);
            own = Matrices.leastOfRows(pair);
        } else if (others.size() == 2) {
            int[][] rest = Matrices.difference(beliefs.pair(others.get(0), others.get(1)), out.laid());
            int[][] first = Matrices.plusRows(out.costs().get(0), own);
            int[][] second = out.costs().get(1);
            int[][] pair = Matrices.sum(first, Matrices.least(second, Matrices.transposed(rest)));
            beliefs.put(out.node(), others.get(0), pair);
            beliefs.put(out.node(), others.get(1), Matrices.sum(second, Matrices.least(first, rest)));
            own = Matrices.leastOfRows(pair);
        }
        beliefs.nodes.put(out.node(), own);
        beliefs.choices.put(out.node(), bestBeside(out, beliefs));
    }

    /** The candidate that is cheapest beside what was chosen for the neighbours; the first of equal ones. */
    private static int bestBeside(Taken out, Beliefs beliefs) {
        int[] costs = out.charge().clone();
        for (int i = 0; i < out.neighbours().size(); i++) {
            int chosen = beliefs.choices.get(out.neighbours().get(i));
            for (int candidate = 0; candidate < costs.length; candidate++) {
                costs[candidate] += out.costs().get(i)[candidate][chosen];
            }
        }
        return Matrices.placeOfLeast(costs);
    }

    /** Where every chord has three neighbours or more, one of them is tried with each of its candidates. */
    private static Beliefs tryEach(Graph graph) {
        int node = graph.charges.keySet().stream()
                .max(Comparator.comparingInt(graph::degree))
                .orElseThrow();
        int[] charge = graph.charges.get(node);
        TreeMap<Integer, int[][]> costs = graph.costs.get(node);
        Beliefs all = new Beliefs();
        int[] own = new int[charge.length];
        Map<Integer, int[][]> withOthers = new HashMap<>();
        Beliefs best = null;
        for (int candidate = 0; candidate < charge.length; candidate++) {
            Graph rest = graph.copy();
            rest.remove(node);
            int here = candidate;
            costs.forEach((other, pair) -> rest.charge(other, pair[here]));
            List<List<Integer>> parts = rest.parts();
            Beliefs some = solve(rest);
            own[here] = charge[here]
                    + parts.stream().mapToInt(part -> least(part, some)).sum();
            parts.forEach(part -> some.add(own[here] - least(part, some), part));
            costs.keySet()
                    .forEach(other -> withOthers.computeIfAbsent(other, o -> new int[charge.length][])[here] =
                            some.nodes.get(other));
            merge(some, all);
            best = here == Matrices.placeOfLeast(Arrays.copyOf(own, here + 1)) ? some : best;
        }
        all.nodes.put(node, own);
        withOthers.forEach((other, pair) -> all.put(node, other, pair));
        all.choices.putAll(best.choices);
        all.choices.put(node, Matrices.placeOfLeast(own));
        return all;
    }

    /** What a part costs at best; every chord of it knows. */
    private static int least(List<Integer> part, Beliefs beliefs) {
        return Arrays.stream(beliefs.nodes.get(part.get(0))).min().orElseThrow();
    }

    private static void merge(Beliefs some, Beliefs all) {
        some.nodes.forEach((node, belief) -> all.nodes.merge(node, belief, Matrices::lesser));
        some.pairs.forEach((one, others) -> others.forEach((other, pair) -> {
            int[][] known = all.pairs.getOrDefault(one, Map.of()).get(other);
            all.put(one, other, known == null ? pair : Matrices.lesser(known, pair));
        }));
    }
}
