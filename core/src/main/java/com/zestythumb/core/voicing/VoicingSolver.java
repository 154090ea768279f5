package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.sheet.Transitions;
import com.zestythumb.core.sheet.Transitions.Transition;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Lays a whole progression under the hand so that the fingers travel least: the exact minimum of
 * semitones moved plus {@link Penalty penalties} over all close-position voicings. What follows what is told by the
 * {@link Transitions}: a way back at a repeat counts like any other, each way once, and a chord that is written once
 * is laid in one way.
 */
public final class VoicingSolver {

    private static final int OTHERS_SHOWN = 3;
    private static final int HOME_REACH = 7;
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

    private final Hand hand;
    private final List<List<Voicing>> layers;
    private final Map<Integer, Voicing> pins;
    private final int[][][] keys;
    private final Transitions transitions;
    private final Map<int[][], Map<int[][], int[][]>> distances = new IdentityHashMap<>();

    private VoicingSolver(List<List<Voicing>> layers, Hand hand, Map<Integer, Voicing> pins, Transitions transitions) {
        this.transitions = transitions;
        this.hand = hand;
        this.layers = layers;
        this.pins = pins;
        // The same chord comes again and again; its candidates are one list, and its keys are read once.
        Map<List<Voicing>, int[][]> known = new IdentityHashMap<>();
        this.keys = layers.stream()
                .map(layer -> known.computeIfAbsent(
                        layer, list -> list.stream().map(Voicing::keys).toArray(int[][]::new)))
                .toArray(int[][][]::new);
    }

    /**
     * The smoothest left hand for chords that are played once in their order.
     *
     * @param chords the chords in order
     * @param notesWanted chords with more notes than this lose their fifth where they can
     * @param pins voicings the teacher fixed, by index into {@code chords}
     */
    public static List<Solved> solve(
            List<Chord> chords, Way way, Hand hand, int notesWanted, Map<Integer, Voicing> pins) {
        return solve(chords, Transitions.inOrder(chords.size()), way, hand, notesWanted, pins);
    }

    /** As above, for chords that follow one another as these transitions say. */
    public static List<Solved> solve(
            List<Chord> chords,
            Transitions transitions,
            Way way,
            Hand hand,
            int notesWanted,
            Map<Integer, Voicing> pins) {
        return new VoicingSolver(candidates(chords, way, hand, notesWanted, pins), hand, pins, transitions).solve();
    }

    /** The candidates of each chord: all close voicings the way allows, and the pinned one if it is none of them. */
    public static List<List<Voicing>> candidates(
            List<Chord> chords, Way way, Hand hand, int notesWanted, Map<Integer, Voicing> pins) {
        Map<Chord, List<Voicing>> known = new HashMap<>();
        List<List<Voicing>> layers = new ArrayList<>();
        for (int i = 0; i < chords.size(); i++) {
            List<Voicing> layer =
                    known.computeIfAbsent(chords.get(i), chord -> CloseVoicings.of(chord, way, hand, notesWanted));
            Voicing pin = pins.get(i);
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
        pins.forEach((i, pin) -> narrowed.set(i, List.of(pin)));
        VoicingSolver fixed = pins.isEmpty() ? this : new VoicingSolver(narrowed, hand, pins, transitions);
        Cheapest path = fixed.cheapest();
        return IntStream.range(0, layers.size())
                .mapToObj(i -> fixed.solved(i, path, layers.get(i)))
                .toList();
    }

    private Cheapest cheapest() {
        int[][] charges = charges();
        if (!transitions.isPlain()) {
            List<ChoiceGraph.Edge> ways = transitions.pairs().stream()
                    .map(pair -> new ChoiceGraph.Edge(pair.from(), pair.to(), distances(pair.from(), pair.to())))
                    .toList();
            return NearestFew.of(charges, ways, OTHERS_SHOWN);
        }
        return LayeredPath.through(layers.size(), new LayeredPath.Costs() {
            @Override
            public int[] of(int layer) {
                return charges[layer];
            }

            @Override
            public int[][] toNext(int layer) {
                return distances(layer, layer + 1);
            }
        });
    }

    /** The same two chords come again and again; their distances are measured once. */
    private int[][] distances(int from, int to) {
        return distances
                .computeIfAbsent(keys[from], here -> new IdentityHashMap<>())
                .computeIfAbsent(keys[to], there -> distances(keys[from], there));
    }

    /** What each candidate is charged; in the middle of a tune the same chord is charged the same. */
    private int[][] charges() {
        Map<List<Voicing>, int[]> known = new IdentityHashMap<>();
        int[][] charges = new int[layers.size()][];
        for (int layer = 0; layer < charges.length; layer++) {
            boolean atAnEnd = layer == transitions.opening() || layer == transitions.closing();
            int here = layer;
            charges[layer] = atAnEnd ? charges(here) : known.computeIfAbsent(layers.get(here), list -> charges(here));
        }
        return charges;
    }

    private int[] charges(int layer) {
        return layers.get(layer).stream()
                .mapToInt(voicing -> total(faults(layer, voicing)))
                .toArray();
    }

    private static int[][] distances(int[][] from, int[][] to) {
        int[][] distances = new int[from.length][to.length];
        for (int i = 0; i < from.length; i++) {
            for (int j = 0; j < to.length; j++) {
                distances[i][j] = Distance.between(from[i], to[j]);
            }
        }
        return distances;
    }

    private Solved solved(int i, Cheapest path, List<Voicing> all) {
        Voicing voicing = layers.get(i).get(path.choice(i));
        int before = transitions.before(i);
        int moved = before < 0 ? 0 : Distance.between(keys[before][path.choice(before)], voicing.keys());
        return new Solved(
                voicing, new Cost(moved, penalties(i, voicing)), pins.containsKey(i), alternatives(i, path, all));
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
        int[] here = voicing.keys();
        int cost = total(faults(i, voicing));
        for (Transition pair : transitions.pairs()) {
            if (pair.to() == i) {
                cost += Distance.between(keys[pair.from()][path.choice(pair.from())], here);
            } else if (pair.from() == i) {
                cost += Distance.between(here, keys[pair.to()][path.choice(pair.to())]);
            }
        }
        return cost;
    }

    /** How many units of each {@link Penalty} a voicing earns, in their order. */
    private int[] faults(int layer, Voicing voicing) {
        int restless = voicing.inversion() != 0 && !voicing.chord().hasSlash() ? 1 : 0;
        int[] faults = new int[Penalty.values().length];
        faults[Penalty.STRETCH.ordinal()] = Math.max(0, voicing.width() - hand.span());
        faults[Penalty.MUD.ordinal()] = LowIntervalLimits.depth(voicing.keys());
        faults[Penalty.REGISTER.ordinal()] = Math.max(0, Math.abs(voicing.middle() - hand.home()) - HOME_REACH);
        faults[Penalty.MISSING_FIFTH.ordinal()] = voicing.isWithoutFifth() ? 1 : 0;
        faults[Penalty.OPENING.ordinal()] = layer == transitions.opening() ? restless : 0;
        faults[Penalty.CLOSING.ordinal()] = layer == transitions.closing() ? restless : 0;
        return faults;
    }

    private static int total(int[] faults) {
        int sum = 0;
        for (Penalty penalty : Penalty.values()) {
            sum += faults[penalty.ordinal()] * penalty.each();
        }
        return sum;
    }

    private Map<Penalty, Integer> penalties(int layer, Voicing voicing) {
        int[] faults = faults(layer, voicing);
        Map<Penalty, Integer> penalties = new EnumMap<>(Penalty.class);
        for (Penalty penalty : Penalty.values()) {
            int charge = faults[penalty.ordinal()] * penalty.each();
            if (charge > 0) {
                penalties.put(penalty, charge);
            }
        }
        return penalties;
    }
}
