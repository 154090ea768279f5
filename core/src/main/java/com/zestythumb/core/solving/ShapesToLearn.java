package com.zestythumb.core.solving;

import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * Chooses for each chord of a tune the few shapes in which it comes, so that the way of the hand and the shapes to learn
 * together cost least. Shapes couple all places of a chord, which no row of layers can express; so the shapes are searched
 * (by exchange, taking up and leaving out one at a time, from two beginnings, each tried by an exact path over the shapes
 * that are there), and the whole is then solved exactly with a charge on every other shape. How far that can be from the
 * best is told by {@link ShapesBound}.
 */
final class ShapesToLearn {

    /** Looks at most so many numbers, so that a tune of ten thousand chords is still answered at once. */
    private static final long EFFORT = 6_000_000;

    private static final int MOST_ROUNDS = 6;

    private final int[][] charges;
    private final int[][][] onward;
    private final int weight;
    /** For each chord of the tune which of the different chords it is. */
    private final int[] kind;

    private final int kinds;
    private final int[] size;
    /** For each chord and candidate which of the different hand shapes it is, wherever on the keyboard. */
    private final int[][] pattern;

    private final int[] seen;
    private int look;
    private long effort;

    private ShapesToLearn(List<List<Voicing>> layers, int[][] charges, int[][][] onward, int weight) {
        this.charges = charges;
        this.weight = weight;
        this.kind = kinds(layers);
        this.kinds = Arrays.stream(kind).max().orElse(-1) + 1;
        this.size = new int[kinds];
        for (int i = 0; i < kind.length; i++) {
            size[kind[i]] = layers.get(i).size();
        }
        this.onward = onward;
        Map<List<List<Integer>>, Integer> patterns = new HashMap<>();
        this.pattern = new int[kinds][];
        for (int i = 0; i < kind.length; i++) {
            if (pattern[kind[i]] == null) {
                pattern[kind[i]] = layers.get(i).stream()
                        .mapToInt(voicing -> patterns.computeIfAbsent(pattern(voicing), p -> patterns.size()))
                        .toArray();
            }
        }
        this.seen = new int[patterns.size()];
    }

    /** For each chord which of the different chords it is; places with the same list of candidates are the same chord. */
    static int[] kinds(List<List<Voicing>> layers) {
        int[] kinds = new int[layers.size()];
        Map<List<Voicing>, Integer> known = new IdentityHashMap<>();
        for (int i = 0; i < kinds.length; i++) {
            kinds[i] = known.computeIfAbsent(layers.get(i), layer -> known.size());
        }
        return kinds;
    }

    /** The steps between the notes, grip by grip: the shape of the hand, wherever it lies. */
    static List<List<Integer>> pattern(Voicing voicing) {
        return voicing.bothHands().stream()
                .map(grip -> IntStream.range(1, grip.tones().size())
                        .mapToObj(i -> grip.tones().get(i).pitch().midi()
                                - grip.tones().get(i - 1).pitch().midi())
                        .toList())
                .toList();
    }

    /**
     * The shapes worth learning.
     *
     * @param layers the candidates; places with the same list are the same chord
     * @param charges what each costs by itself
     * @param onward what it costs from each candidate of a chord to each of the next
     * @param weight what a shape more costs
     * @param free the cheapest path where shapes are no matter
     * @return for each chord of the tune how many shapes more each candidate is to learn: none for those among them
     */
    static int[][] of(List<List<Voicing>> layers, int[][] charges, int[][][] onward, int weight, Cheapest free) {
        ShapesToLearn search = new ShapesToLearn(layers, charges, onward, weight);
        int[] path = new int[charges.length];
        for (int i = 0; i < path.length; i++) {
            path[i] = free.choice(i);
        }
        int[][] many = search.used(path);
        int[][] one = search.oneEach(path);
        search.improve(many);
        search.improve(one);
        int[][] best = search.cost(one, Integer.MAX_VALUE) < search.cost(many, Integer.MAX_VALUE) ? one : many;
        return search.more(best);
    }

    /** The same for the shapes that a path has. */
    static int[][] of(List<List<Voicing>> layers, int[] path) {
        ShapesToLearn search = new ShapesToLearn(layers, null, null, 0);
        return search.more(search.used(path));
    }

    private int[][] more(int[][] open) {
        boolean[] known = new boolean[seen.length];
        for (int k = 0; k < kinds; k++) {
            for (int shape : open[k]) {
                known[pattern[k][shape]] = true;
            }
        }
        int[][] byKind = new int[kinds][];
        for (int k = 0; k < kinds; k++) {
            byKind[k] = new int[size[k]];
            for (int c = 0; c < size[k]; c++) {
                byKind[k][c] = known[pattern[k][c]] ? 1 : 2;
            }
            for (int shape : open[k]) {
                byKind[k][shape] = 0;
            }
        }
        return Arrays.stream(kind).mapToObj(k -> byKind[k]).toArray(int[][]::new);
    }

    /** What is to be learned, for each place and candidate: its shape, and the shape of the hand wherever it lies. */
    static List<int[][]> families(List<List<Voicing>> layers) {
        Map<Voicing, Integer> shapes = new HashMap<>();
        Map<List<List<Integer>>, Integer> patterns = new HashMap<>();
        Map<List<Voicing>, int[][]> known = new IdentityHashMap<>();
        List<int[][]> both = layers.stream()
                .map(layer -> known.computeIfAbsent(layer, voicings -> new int[][] {
                    numbers(voicings, shapes),
                    numbers(voicings.stream().map(ShapesToLearn::pattern).toList(), patterns)
                }))
                .toList();
        return List.of(
                both.stream().map(one -> one[0]).toArray(int[][]::new),
                both.stream().map(one -> one[1]).toArray(int[][]::new));
    }

    private static <T> int[] numbers(List<T> things, Map<T, Integer> known) {
        return things.stream()
                .mapToInt(thing -> known.computeIfAbsent(thing, one -> known.size()))
                .toArray();
    }

    /** How many shapes there are to learn: of each chord those it comes in, and of the hand those it takes anywhere. */
    static int count(List<Voicing> path) {
        List<Voicing> played =
                path.stream().filter(voicing -> !voicing.isSilent()).distinct().toList();
        return played.size()
                + (int) played.stream().map(ShapesToLearn::pattern).distinct().count();
    }

    private int[][] used(int[] path) {
        List<TreeSet<Integer>> used = new ArrayList<>();
        for (int k = 0; k < kinds; k++) {
            used.add(new TreeSet<>());
        }
        for (int i = 0; i < path.length; i++) {
            used.get(kind[i]).add(path[i]);
        }
        return used.stream()
                .map(set -> set.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }

    /** One shape for each chord: the one it has most often in a path, then exchanged as long as that helps. */
    private int[][] oneEach(int[] path) {
        int[][] counts = new int[kinds][];
        for (int k = 0; k < kinds; k++) {
            counts[k] = new int[size[k]];
        }
        for (int i = 0; i < path.length; i++) {
            counts[kind[i]][path[i]]++;
        }
        int[] chosen = new int[kinds];
        for (int k = 0; k < kinds; k++) {
            for (int c = 1; c < size[k]; c++) {
                chosen[k] = counts[k][c] > counts[k][chosen[k]] ? c : chosen[k];
            }
        }
        List<List<Integer>> places = new ArrayList<>();
        for (int k = 0; k < kinds; k++) {
            places.add(new ArrayList<>());
        }
        for (int i = 0; i < kind.length; i++) {
            places.get(kind[i]).add(i);
        }
        boolean changed = true;
        for (int round = 0; changed && round < MOST_ROUNDS; round++) {
            changed = false;
            for (int k = 0; k < kinds; k++) {
                int[] costs = beside(k, places.get(k), chosen);
                int best = Matrices.placeOfLeast(costs);
                changed |= costs[best] < costs[chosen[k]];
                chosen[k] = costs[best] < costs[chosen[k]] ? best : chosen[k];
            }
        }
        return Arrays.stream(chosen).mapToObj(c -> new int[] {c}).toArray(int[][]::new);
    }

    /** What each shape of a chord costs at all its places, every other chord having its one. */
    private int[] beside(int k, List<Integer> places, int[] chosen) {
        int[] costs = new int[size[k]];
        for (int i : places) {
            for (int c = 0; c < costs.length; c++) {
                costs[c] += charges[i][c];
                if (i > 0) {
                    costs[c] += onward[i - 1][kind[i - 1] == k ? c : chosen[kind[i - 1]]][c];
                }
                // Where the chord follows itself the way was counted when it was come to.
                if (i + 1 < kind.length && kind[i + 1] != k) {
                    costs[c] += onward[i][c][chosen[kind[i + 1]]];
                }
            }
        }
        return costs;
    }

    private void improve(int[][] open) {
        int best = cost(open, Integer.MAX_VALUE);
        boolean changed = true;
        for (int round = 0; changed && round < MOST_ROUNDS; round++) {
            changed = false;
            for (int k = 0; k < kinds && effort < EFFORT; k++) {
                int[] before = open[k];
                int[] bestHere = before;
                for (int[] other : around(before, size[k])) {
                    if (effort >= EFFORT) {
                        break;
                    }
                    open[k] = other;
                    int cost = cost(open, best);
                    if (cost < best) {
                        best = cost;
                        bestHere = other;
                        changed = true;
                    }
                }
                open[k] = bestHere;
            }
        }
    }

    /** A shape less, another in its place, and one more. */
    private static List<int[]> around(int[] open, int size) {
        List<int[]> others = new ArrayList<>();
        for (int i = 0; i < open.length && open.length > 1; i++) {
            int left = i;
            others.add(IntStream.range(0, open.length)
                    .filter(j -> j != left)
                    .map(j -> open[j])
                    .toArray());
        }
        for (int c = 0; c < size; c++) {
            int more = c;
            if (Arrays.stream(open).noneMatch(shape -> shape == more)) {
                for (int i = 0; i < open.length; i++) {
                    int[] exchanged = open.clone();
                    exchanged[i] = c;
                    others.add(exchanged);
                }
                int[] one = Arrays.copyOf(open, open.length + 1);
                one[open.length] = c;
                others.add(one);
            }
        }
        return others;
    }

    /** The cheapest path over the shapes that are there, and what these cost; or the most, where it is no less. */
    private int cost(int[][] open, int most) {
        int shapes = 0;
        look++;
        for (int k = 0; k < kinds; k++) {
            shapes += open[k].length;
            for (int shape : open[k]) {
                shapes += seen[pattern[k][shape]] == look ? 0 : 1;
                seen[pattern[k][shape]] = look;
            }
        }
        int[] soFar = {};
        for (int i = 0; i < kind.length; i++) {
            int[] here = open[kind[i]];
            int[] next = new int[here.length];
            int cheapest = Integer.MAX_VALUE;
            for (int j = 0; j < here.length; j++) {
                int least = i == 0 ? 0 : Integer.MAX_VALUE;
                if (i > 0) {
                    int[] before = open[kind[i - 1]];
                    for (int b = 0; b < before.length; b++) {
                        least = Math.min(least, soFar[b] + onward[i - 1][before[b]][here[j]]);
                    }
                }
                next[j] = least + charges[i][here[j]];
                cheapest = Math.min(cheapest, next[j]);
            }
            effort += (long) here.length * (soFar.length + 1);
            soFar = next;
            if (cheapest >= most - weight * shapes) {
                return most;
            }
        }
        return (soFar.length == 0 ? 0 : Arrays.stream(soFar).min().orElseThrow()) + weight * shapes;
    }
}
