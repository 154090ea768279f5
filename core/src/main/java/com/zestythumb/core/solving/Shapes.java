package com.zestythumb.core.solving;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Voicing;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What there is to learn of each candidate of a tune: its shape, which is a chord voiced in one way, and the shape of the
 * hand, wherever on the keyboard it lies. Each is learned once.
 */
final class Shapes {

    private static final char NEXT_GRIP = Character.MAX_VALUE;

    /** Of the candidates of a chord: numbers of their shapes and of the hand's. */
    private record Numbers(int[] shapes, int[] hands) {}

    private final int[] kind;
    private final int[][] shapes;
    private final int[][] hands;
    private final int known;
    private final int knownHands;
    /** By the number of a shape: whether the hand rests over it, which nobody has to learn. */
    private final boolean[] rests;

    private final int least;

    /**
     * Numbers them.
     *
     * @param layers the candidates of each chord; places with the same list are the same chord
     */
    Shapes(List<List<Voicing>> layers) {
        this.kind = new int[layers.size()];
        this.shapes = new int[kind.length][];
        this.hands = new int[kind.length][];
        Map<List<Voicing>, Integer> kinds = new IdentityHashMap<>();
        Map<List<Voicing>, Numbers> numbers = new IdentityHashMap<>();
        Map<Voicing, Integer> numberOf = new HashMap<>();
        Map<String, Integer> numberOfHand = new HashMap<>();
        for (int i = 0; i < kind.length; i++) {
            List<Voicing> layer = layers.get(i);
            kind[i] = kinds.computeIfAbsent(layer, one -> kinds.size());
            Numbers here = numbers.computeIfAbsent(
                    layer,
                    one -> new Numbers(
                            one.stream()
                                    .mapToInt(voicing -> number(voicing, numberOf))
                                    .toArray(),
                            one.stream()
                                    .mapToInt(voicing -> number(hand(voicing), numberOfHand))
                                    .toArray()));
            shapes[i] = here.shapes();
            hands[i] = here.hands();
        }
        this.known = numberOf.size();
        this.knownHands = numberOfHand.size();
        this.rests = new boolean[known];
        this.least = least(layers);
        numberOf.forEach((voicing, number) -> rests[number] = voicing.isSilent());
    }

    private static <T> int number(T thing, Map<T, Integer> known) {
        return known.computeIfAbsent(thing, one -> known.size());
    }

    /** The steps between the notes, grip by grip: the shape of the hand, as letters of a word, which compare quickly. */
    static String hand(Voicing voicing) {
        StringBuilder word = new StringBuilder();
        for (Grip grip : voicing.bothHands()) {
            int[] keys = grip.midiKeys();
            for (int i = 1; i < keys.length; i++) {
                word.append((char) (keys[i] - keys[i - 1]));
            }
            word.append(NEXT_GRIP);
        }
        return word.toString();
    }

    /** For each chord which of the different chords it is. */
    int[] kind() {
        return kind;
    }

    /** For each chord and candidate which of the different shapes of the hand it is. */
    int[][] hands() {
        return hands;
    }

    /** How many different shapes of the hand there are. */
    int knownHands() {
        return knownHands;
    }

    /** What is to be learned, in families: for each chord and candidate the number of what it needs of each. */
    List<int[][]> families() {
        return List.of(shapes, hands);
    }

    /** How much there is to learn for a path: of each chord the shapes it comes in, and those of the hand. */
    int count(Cheapest path) {
        boolean[] here = new boolean[known];
        boolean[] handsHere = new boolean[knownHands];
        int count = 0;
        for (int i = 0; i < kind.length; i++) {
            int shape = shapes[i][path.choice(i)];
            int hand = hands[i][path.choice(i)];
            if (!rests[shape]) {
                count += (here[shape] ? 0 : 1) + (handsHere[hand] ? 0 : 1);
                here[shape] = true;
                handsHere[hand] = true;
            }
        }
        return count;
    }

    /** How much there is to learn at least: a shape for each different chord that is played, all of one hand. */
    int least() {
        return least;
    }

    private static int least(List<List<Voicing>> layers) {
        Set<Chord> played = new HashSet<>();
        Set<Chord> rested = new HashSet<>();
        Map<List<Voicing>, Boolean> seen = new IdentityHashMap<>();
        for (List<Voicing> layer : layers) {
            if (seen.put(layer, true) == null) {
                boolean rests = layer.stream().anyMatch(Voicing::isSilent);
                (rests ? rested : played).add(layer.get(0).chord());
            }
        }
        played.removeAll(rested);
        return played.isEmpty() ? 0 : played.size() + 1;
    }
}
