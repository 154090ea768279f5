package com.zestythumb.core.solving;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.sheet.Transitions;
import com.zestythumb.core.sheet.Transitions.Transition;
import com.zestythumb.core.solving.Cost.Charge;
import com.zestythumb.core.voicing.CostTerm;
import com.zestythumb.core.voicing.Place;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Lays a whole progression under the hand so that the fingers travel least: the exact minimum of semitones moved plus
 * the charges of the style's {@link CostTerm terms} and of the school's rules, over all candidates of the style. What
 * follows what is told by the {@link Transitions}: a way back at a repeat counts like any other, each way once, and a
 * chord that is written once is laid in one way.
 */
public final class VoicingSolver {

    private static final int OTHERS_SHOWN = 3;
    private static final long PLACES = 1 << 16;

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

    private final VoicingTask task;
    private final Transitions transitions;
    private final List<List<Voicing>> layers;
    private final Ways ways;

    private VoicingSolver(VoicingTask task, List<List<Voicing>> layers) {
        this.task = task;
        this.transitions = task.transitions();
        this.layers = layers;
        this.ways = new Ways(task, layers);
    }

    /** The smoothest left hand. */
    public static List<Solved> solve(VoicingTask task) {
        return new VoicingSolver(task, candidates(task)).solve();
    }

    /** The candidates of each chord: all voicings of the style, and the pinned one if it is none of them. */
    public static List<List<Voicing>> candidates(VoicingTask task) {
        Map<Chord, List<Voicing>> known = new HashMap<>();
        List<List<Voicing>> layers = new ArrayList<>();
        for (int i = 0; i < task.chords().size(); i++) {
            List<Voicing> layer = known.computeIfAbsent(
                    task.chords().get(i), chord -> task.style().candidates(chord, task.hand(), task.mostNotes()));
            Voicing pin = task.pins().get(i);
            if (pin != null && !layer.contains(pin)) {
                layer = new ArrayList<>(layer);
                layer.add(pin);
            }
            layers.add(layer);
        }
        return layers;
    }

    private List<Solved> solve() {
        // The free layers give the prices; pins narrow a layer to one candidate.
        List<List<Voicing>> narrowed = new ArrayList<>(layers);
        task.pins().forEach((i, pin) -> narrowed.set(i, List.of(pin)));
        VoicingSolver fixed = task.pins().isEmpty() ? this : new VoicingSolver(task, narrowed);
        Cheapest path = fixed.cheapest();
        return IntStream.range(0, layers.size())
                .mapToObj(i -> fixed.solved(i, path, layers.get(i)))
                .toList();
    }

    private Cheapest cheapest() {
        int[][] charges = charges();
        if (!transitions.isPlain()) {
            List<ChoiceGraph.Edge> edges = transitions.pairs().stream()
                    .map(pair -> new ChoiceGraph.Edge(pair.from(), pair.to(), ways.costs(pair)))
                    .toList();
            return NearestFew.of(charges, edges, OTHERS_SHOWN);
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
        });
    }

    /** What each candidate is charged; in the middle of a tune the same chord is charged the same. */
    private int[][] charges() {
        Map<List<Voicing>, int[]> known = new IdentityHashMap<>();
        int[][] charges = new int[layers.size()][];
        for (int layer = 0; layer < charges.length; layer++) {
            Place place = place(layer);
            List<Voicing> here = layers.get(layer);
            charges[layer] = place.opening() || place.closing()
                    ? charges(here, place)
                    : known.computeIfAbsent(here, list -> charges(list, place));
        }
        return charges;
    }

    private int[] charges(List<Voicing> layer, Place place) {
        return layer.stream().mapToInt(voicing -> charge(voicing, place)).toArray();
    }

    private int charge(Voicing voicing, Place place) {
        int sum = 0;
        for (CostTerm term : task.style().style().terms()) {
            sum += term.charge(voicing, place);
        }
        return sum;
    }

    private Place place(int chord) {
        return new Place(task.hand(), chord == transitions.opening(), chord == transitions.closing());
    }

    private Solved solved(int i, Cheapest path, List<Voicing> all) {
        Voicing voicing = layers.get(i).get(path.choice(i));
        return new Solved(voicing, cost(i, path, voicing), task.pins().containsKey(i), alternatives(i, path, all));
    }

    private Cost cost(int i, Cheapest path, Voicing voicing) {
        List<Charge> charges = new ArrayList<>();
        for (CostTerm term : task.style().style().terms()) {
            int units = term.count().of(voicing, place(i));
            if (units > 0) {
                charges.add(new Charge(term.id(), units, units * term.weight()));
            }
        }
        int before = transitions.before(i);
        if (before < 0) {
            return new Cost(0, charges);
        }
        Voicing from = layers.get(before).get(path.choice(before));
        charges.addAll(ways.charges(from, voicing, new Transition(before, i)));
        return new Cost(Ways.semitones(from, voicing), charges);
    }

    /** A pinned chord's layer holds nothing else, so its alternatives are priced between fixed neighbours. */
    private List<Alternative> alternatives(int i, Cheapest path, List<Voicing> all) {
        Voicing chosen = layers.get(i).get(path.choice(i));
        boolean free = layers.get(i).size() == all.size();
        int here = free ? 0 : between(i, path, chosen);
        return IntStream.range(0, all.size())
                .filter(c -> free ? c != path.choice(i) : !all.get(c).equals(chosen))
                // Price and place in one number, so that sorting needs no objects.
                .mapToLong(c -> (free ? path.price(i, c) : between(i, path, all.get(c)) - here) * PLACES + c)
                .sorted()
                .limit(OTHERS_SHOWN)
                .mapToObj(n -> new Alternative(all.get((int) Math.floorMod(n, PLACES)), (int) Math.floorDiv(n, PLACES)))
                .toList();
    }

    private int between(int i, Cheapest path, Voicing voicing) {
        int cost = charge(voicing, place(i));
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
