package com.zestythumb.core.solving;

import com.zestythumb.core.sheet.Transitions;
import com.zestythumb.core.sheet.Transitions.Transition;
import com.zestythumb.core.solving.Cost.Charge;
import com.zestythumb.core.voicing.CostTerm;
import com.zestythumb.core.voicing.Voicing;
import com.zestythumb.core.voicing.Weights;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;

/**
 * Lays a whole progression under the hand so that the fingers travel least: the exact minimum of semitones moved plus
 * the charges of the style's {@link CostTerm terms} and of the school's rules, over all candidates of the style. What
 * follows what is told by the {@link Transitions}: a way back at a repeat counts like any other, each way once, and a
 * chord that is written once is voiced in one way.
 */
public final class VoicingSolver {

    private static final int OTHERS_SHOWN = 3;

    /** Another way to play one chord, and what the whole tune would cost more. */
    public record Alternative(Voicing voicing, int price) {}

    /**
     * One chord, solved.
     *
     * @param voicing what to play
     * @param cost what it costs after the chord before
     * @param pinned whether the teacher fixed it
     * @param alternatives other voicings, cheapest first, each with the best the rest of the tune
     *     can then do
     */
    public record Solved(Voicing voicing, Cost cost, boolean pinned, List<Alternative> alternatives) {}

    private final int others;
    private final VoicingTask task;
    private final Transitions transitions;
    private final List<List<Voicing>> layers;
    private final TransitionCosts ways;
    private final OwnCosts own;
    private int[][] charges;
    /** How many shapes more each candidate is to learn; null where shapes are no matter. */
    private int[][] learned;

    private VoicingSolver(VoicingTask task, List<List<Voicing>> layers, int others, OwnCosts own) {
        this.task = task;
        this.others = others;
        this.transitions = task.transitions();
        this.layers = layers;
        this.ways = new TransitionCosts(task, layers);
        this.own = own;
    }

    /** For one row of voicings. */
    private static VoicingSolver ofRow(VoicingTask task, List<Voicing> row) {
        return new VoicingSolver(task, row.stream().map(List::of).toList(), 0, OwnCosts.each(task));
    }

    /**
     * A left hand and how good it is.
     *
     * @param chords each chord, solved
     * @param shapes how many shapes there are to learn: of each chord those it comes in, and of the hand those it takes anywhere
     * @param gap by how many half steps at most another hand could be better under the same wishes; 0 where it is proven
     *     that none is
     */
    public record Solution(List<Solved> chords, int shapes, int gap) {

        /** Somebody wrote every chord: there is nothing to choose, and nothing is priced. */
        public static Solution asWritten(Map<Integer, Voicing> written) {
            return new Solution(
                    IntStream.range(0, written.size())
                            .mapToObj(i -> new Solved(written.get(i), Cost.NONE, false, List.of()))
                            .toList(),
                    0,
                    0);
        }
    }

    /** The smoothest left hand. */
    public static List<Solved> solve(VoicingTask task) {
        return solution(task).chords();
    }

    /** The smoothest left hand, with what can be said of it as a whole. */
    public static Solution solution(VoicingTask task) {
        return solution(task, OTHERS_SHOWN);
    }

    /** The same with so many other ways for each chord. */
    public static Solution solution(VoicingTask task, int others) {
        Alike alike = new Alike(task);
        Solution free = new VoicingSolver(task, Candidates.of(task), others, OwnCosts.each(task)).solve();
        // The best of all is the best of those that are voiced alike, where it is one of them.
        if (alike.isNone() || alike.holds(free)) {
            return free;
        }
        VoicingTask once = alike.once();
        return alike.everywhere(
                new VoicingSolver(once, Candidates.of(once), others, new OwnCosts(task, alike.members())).solve());
    }

    /** What each chord of a row of voicings costs, shapes left out. */
    static List<Cost> costs(VoicingTask task, List<Voicing> row) {
        VoicingSolver one = ofRow(task, row);
        return IntStream.range(0, row.size())
                .mapToObj(i -> one.cost(i, before -> 0, row.get(i)))
                .toList();
    }

    private Solution solve() {
        // The free layers give the prices; pins narrow a layer to one candidate.
        List<List<Voicing>> narrowed = new ArrayList<>(layers);
        task.pins().forEach((i, pin) -> narrowed.set(i, List.of(pin)));
        VoicingSolver fixed = task.pins().isEmpty() ? this : new VoicingSolver(task, narrowed, others, own);
        fixed.charges = fixed.own.of(fixed.layers);
        Shapes shapes = new Shapes(fixed.layers);
        int weight = task.weights().ofShapes();
        boolean isPlain = weight == 0 || layers.size() < 2;
        Cheapest plainest = fixed.cheapest(isPlain ? others : 0);
        if (isPlain) {
            return solution(fixed, plainest, shapes.count(plainest), 0);
        }
        int[][] free = fixed.charges;
        int[][][] onward = fixed.onward();
        // Whatever the ways back cost, each candidate pays the least of it.
        boolean plain = transitions.isPlain();
        int[][] paying = plain ? free : NearestSubset.withWaysBack(free, fixed.edges());
        fixed.learned = ShapesToLearn.of(shapes, paying, onward, weight, plainest);
        Cheapest path = fixed.cheapestWithShapes(free);
        int cost = fixed.costWithShapes(path, shapes);
        // Any hand costs what the freest does, and learns as little as any.
        int simple = plainest.total() + weight * shapes.least();
        if (cost <= simple) {
            return solution(fixed, path, shapes.count(path), 0);
        }
        CandidateSubset few = CandidateSubset.nearerThan(cost - simple, free, plainest, path);
        ShapesBound.Found found = ShapesBound.of(
                few.of(paying),
                few.between(onward),
                shapes.families().stream().map(few::of).toList(),
                weight,
                cost,
                plain ? null : fixed.inParts(free, few));
        if (found.better() != null) {
            int[][] before = fixed.learned;
            fixed.learned = ShapesToLearn.of(shapes, few.places(found.better()));
            path = fixed.cheapestWithShapes(free);
            if (fixed.costWithShapes(path, shapes) > cost) {
                fixed.learned = before;
                path = fixed.cheapestWithShapes(free);
            }
            cost = fixed.costWithShapes(path, shapes);
        }
        return solution(fixed, path, shapes.count(path), Math.max(0, cost - Math.max(simple, found.least())));
    }

    private Cheapest cheapestWithShapes(int[][] free) {
        charges = chargesWithShapes(free, task.weights().ofShapes());
        return cheapest(others);
    }

    /** What is paid for the way and for all that is to be learned. */
    private int costWithShapes(Cheapest path, Shapes shapes) {
        int weight = task.weights().ofShapes();
        return path.total() - weight * strangers(path) + weight * shapes.count(path);
    }

    private Solution solution(VoicingSolver fixed, Cheapest path, int shapes, int gap) {
        List<Solved> chords = IntStream.range(0, layers.size())
                .mapToObj(i -> fixed.solved(i, path, layers.get(i)))
                .toList();
        return new Solution(chords, shapes, gap);
    }

    /** What it costs from each chord to the one written next; nothing where that is not played so. */
    private int[][][] onward() {
        int[][][] onward = new int[layers.size()][][];
        for (Transition pair : transitions.pairs()) {
            if (pair.to() == pair.from() + 1) {
                onward[pair.from()] = ways.costs(pair);
            }
        }
        for (int i = 0; i + 1 < onward.length; i++) {
            onward[i] = onward[i] != null
                    ? onward[i]
                    : new int[layers.get(i).size()][layers.get(i + 1).size()];
        }
        return onward;
    }

    /** A shape that is not among those to learn is charged. */
    private int[][] chargesWithShapes(int[][] free, int weight) {
        int[][] with = new int[free.length][];
        for (int i = 0; i < with.length; i++) {
            with[i] = free[i].clone();
            for (int c = 0; c < with[i].length; c++) {
                with[i][c] += weight * learned[i][c];
            }
        }
        return with;
    }

    private int strangers(Cheapest path) {
        return IntStream.range(0, layers.size())
                .map(i -> more(i, path.choice(i)))
                .sum();
    }

    private int more(int chord, int candidate) {
        return learned == null ? 0 : learned[chord][candidate];
    }

    /** The whole with its ways back over a few candidates, for what is charged beside, in parts of a half step. */
    private Function<int[][], Cheapest> inParts(int[][] free, CandidateSubset few) {
        int parts = ShapesBound.PARTS;
        int[][] own = Matrices.times(few.of(free), parts);
        List<ChoiceGraph.Edge> edges = few.between(edges()).stream()
                .map(edge -> new ChoiceGraph.Edge(edge.from(), edge.to(), Matrices.times(edge.costs(), parts)))
                .toList();
        return beside -> NearestSubset.of(Matrices.sum(own, beside), edges, 0, parts);
    }

    private List<ChoiceGraph.Edge> edges() {
        return transitions.pairs().stream()
                .map(pair -> new ChoiceGraph.Edge(pair.from(), pair.to(), ways.costs(pair)))
                .toList();
    }

    /** With so many other ways for each chord priced exactly. */
    private Cheapest cheapest(int others) {
        if (!transitions.isPlain()) {
            return NearestSubset.of(charges, edges(), others);
        }
        return LayeredPath.through(layers.size(), new LayeredPath.Costs() {
            @Override
            public int[] of(int layer) {
                return charges[layer];
            }

            @Override
            public int[][] toNext(int layer) {
                return ways.costs(new Transition(layer, layer + 1));
            }

            @Override
            public LayeredPath.Steps steps(int layer) {
                return ways.steps(new Transition(layer, layer + 1));
            }
        });
    }

    private Solved solved(int i, Cheapest path, List<Voicing> all) {
        Voicing voicing = layers.get(i).get(path.choice(i));
        return new Solved(
                voicing, cost(i, path::choice, voicing), task.pins().containsKey(i), alternatives(i, path, all));
    }

    private Cost cost(int i, IntUnaryOperator choice, Voicing voicing) {
        List<Charge> charges = new ArrayList<>();
        for (CostTerm term : own.terms(i)) {
            int units = term.count().of(voicing, own.place(i));
            if (units > 0) {
                charges.add(new Charge(term.id(), units, units * task.weights().of(term)));
            }
        }
        int more = more(i, choice.applyAsInt(i));
        if (more > 0) {
            charges.add(new Charge(Weights.SHAPES, more, more * task.weights().ofShapes()));
        }
        int before = transitions.before(i);
        if (before < 0) {
            return new Cost(0, 0, charges);
        }
        Voicing from = layers.get(before).get(choice.applyAsInt(before));
        charges.addAll(ways.charges(from, voicing, new Transition(before, i)));
        int semitones = TransitionCosts.semitones(from, voicing);
        return new Cost(semitones, ways.motion() * semitones, charges);
    }

    /** A pinned chord's layer holds nothing else, so its alternatives are priced between fixed neighbours. */
    private List<Alternative> alternatives(int i, Cheapest path, List<Voicing> all) {
        Voicing chosen = layers.get(i).get(path.choice(i));
        boolean free = layers.get(i).size() == all.size();
        int here = free ? 0 : between(i, path, chosen);
        LeastPrices prices = new LeastPrices(others);
        for (int c = 0; c < all.size(); c++) {
            if (free ? c != path.choice(i) : !all.get(c).equals(chosen)) {
                prices.add(free ? path.price(i, c) : between(i, path, all.get(c)) - here, c);
            }
        }
        return prices.each((price, c) -> new Alternative(all.get(c), price));
    }

    private int between(int i, Cheapest path, Voicing voicing) {
        int cost = own.of(i, voicing);
        for (Transition pair : transitions.pairs()) {
            if (pair.to() == i) {
                cost += ways.cost(layers.get(pair.from()).get(path.choice(pair.from())), voicing, pair);
            } else if (pair.from() == i) {
                cost += ways.cost(voicing, layers.get(pair.to()).get(path.choice(pair.to())), pair);
            }
        }
        return cost;
    }
}
