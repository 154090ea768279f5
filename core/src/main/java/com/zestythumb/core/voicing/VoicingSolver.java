package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Lays a whole progression under the hand so that the fingers travel least: the exact minimum of
 * semitones moved plus {@link Penalty penalties} over all close-position voicings.
 */
public final class VoicingSolver {

    private static final int OTHERS_SHOWN = 6;
    private static final int HOME_REACH = 7;

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
    private final int[][][] keys;
    private final Map<Integer, Voicing> pins;

    private VoicingSolver(List<List<Voicing>> layers, Hand hand, Map<Integer, Voicing> pins) {
        this.hand = hand;
        this.layers = layers;
        this.pins = pins;
        this.keys = layers.stream()
                .map(layer -> layer.stream().map(Voicing::keys).toArray(int[][]::new))
                .toArray(int[][][]::new);
    }

    /**
     * The smoothest left hand for a progression.
     *
     * @param chords the chords in order
     * @param notesWanted chords with more notes than this lose their fifth where they can
     * @param pins voicings the teacher fixed, by index into {@code chords}
     */
    public static List<Solved> solve(
            List<Chord> chords, Way way, Hand hand, int notesWanted, Map<Integer, Voicing> pins) {
        return new VoicingSolver(candidates(chords, way, hand, notesWanted, pins), hand, pins).solve();
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
        VoicingSolver fixed = pins.isEmpty() ? this : new VoicingSolver(narrowed, hand, pins);
        LayeredPath path = LayeredPath.through(fixed.sizes(), fixed.costs());
        return IntStream.range(0, layers.size())
                .mapToObj(i -> fixed.solved(i, path, layers.get(i)))
                .toList();
    }

    private int[] sizes() {
        return layers.stream().mapToInt(List::size).toArray();
    }

    private LayeredPath.Costs costs() {
        int[][] charge = new int[keys.length][];
        for (int layer = 0; layer < keys.length; layer++) {
            charge[layer] = new int[keys[layer].length];
            for (int i = 0; i < charge[layer].length; i++) {
                charge[layer][i] = penalties(layer, layers.get(layer).get(i)).values().stream()
                        .mapToInt(Integer::intValue)
                        .sum();
            }
        }
        return new LayeredPath.Costs() {
            @Override
            public int of(int layer, int candidate) {
                return charge[layer][candidate];
            }

            @Override
            public int between(int layer, int candidate, int next) {
                return Distance.between(keys[layer][candidate], keys[layer + 1][next]);
            }
        };
    }

    private Solved solved(int i, LayeredPath path, List<Voicing> all) {
        Voicing voicing = layers.get(i).get(path.choice(i));
        int moved = i == 0 ? 0 : Distance.between(keys[i - 1][path.choice(i - 1)], voicing.keys());
        return new Solved(
                voicing, new Cost(moved, penalties(i, voicing)), pins.containsKey(i), alternatives(i, path, all));
    }

    /** A pinned chord's layer holds nothing else, so its alternatives are priced between fixed neighbours. */
    private List<Alternative> alternatives(int i, LayeredPath path, List<Voicing> all) {
        List<Voicing> layer = layers.get(i);
        int here = between(i, path, layer.get(path.choice(i)));
        return IntStream.range(0, all.size())
                .filter(c -> !all.get(c).equals(layer.get(path.choice(i))))
                .mapToObj(c -> new Alternative(
                        all.get(c),
                        layer.size() == all.size() ? path.price(i, c) : between(i, path, all.get(c)) - here))
                .sorted(Comparator.comparingInt(Alternative::price))
                .limit(OTHERS_SHOWN)
                .toList();
    }

    private int between(int i, LayeredPath path, Voicing voicing) {
        int[] here = voicing.keys();
        int before = i == 0 ? 0 : Distance.between(keys[i - 1][path.choice(i - 1)], here);
        int after = i + 1 == keys.length ? 0 : Distance.between(here, keys[i + 1][path.choice(i + 1)]);
        return before + after + new Cost(0, penalties(i, voicing)).total();
    }

    private Map<Penalty, Integer> penalties(int layer, Voicing voicing) {
        int[] k = voicing.keys();
        Map<Penalty, Integer> charges = new EnumMap<>(Penalty.class);
        charge(charges, Penalty.STRETCH, voicing.width() - hand.span());
        charge(charges, Penalty.MUD, LowIntervalLimits.depth(k));
        charge(charges, Penalty.REGISTER, Math.abs(middle(k) - hand.home()) - HOME_REACH);
        charge(charges, Penalty.MISSING_FIFTH, voicing.isWithoutFifth() ? 1 : 0);
        int restless = voicing.inversion() != 0 && !voicing.chord().hasSlash() ? 1 : 0;
        charge(charges, Penalty.OPENING, layer == 0 ? restless : 0);
        charge(charges, Penalty.CLOSING, layer == layers.size() - 1 ? restless : 0);
        return charges;
    }

    private static void charge(Map<Penalty, Integer> charges, Penalty penalty, int units) {
        if (units > 0) {
            charges.put(penalty, units * penalty.each());
        }
    }

    private static int middle(int[] keys) {
        return (keys[0] + keys[keys.length - 1]) / 2;
    }
}
