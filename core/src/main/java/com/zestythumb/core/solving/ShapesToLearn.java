package com.zestythumb.core.solving;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
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
    /** For each of the different chords and its candidates which shape of the hand it is. */
    private final int[][] hands;
    /** What a path through each of its candidates costs at least, shapes left out, wherever in the tune it is taken. */
    private final int[][] nearest;

    /** For each chord and candidate what the way to the end costs at least. */
    private final int[][] toEnd;

    private final int least;
    private final int[] seen;
    private int look;
    private long effort;

    private ShapesToLearn(Shapes shapes, int[][] charges, int[][][] onward, int weight) {
        this.charges = charges;
        this.weight = weight;
        this.kind = shapes.kind();
        this.kinds = Arrays.stream(kind).max().orElse(-1) + 1;
        this.size = new int[kinds];
        this.onward = onward;
        this.hands = new int[kinds][];
        this.nearest = new int[kinds][];
        this.toEnd = new int[kind.length][];
        for (int i = 0; i < kind.length; i++) {
            hands[kind[i]] = shapes.hands()[i];
            size[kind[i]] = hands[kind[i]].length;
        }
        this.least = weight * shapes.least();
        this.seen = new int[shapes.knownHands()];
    }

    /**
     * The shapes worth learning.
     *
     * @param charges what each costs by itself
     * @param onward what it costs from each candidate of a chord to each of the next
     * @param weight what a shape more costs
     * @param free the cheapest path where shapes are no matter
     * @return for each chord of the tune how many shapes more each candidate is to learn: none for those among them
     */
    static int[][] of(Shapes shapes, int[][] charges, int[][][] onward, int weight, Cheapest free) {
        ShapesToLearn search = new ShapesToLearn(shapes, charges, onward, weight);
        int[] path = new int[charges.length];
        for (int i = 0; i < path.length; i++) {
            path[i] = free.choice(i);
        }
        search.look(free);
        int[][] many = search.used(path);
        int[][] one = search.oneEach(path);
        search.improve(many);
        search.improve(one);
        int[][] best = search.cost(one, Integer.MAX_VALUE) < search.cost(many, Integer.MAX_VALUE) ? one : many;
        return search.more(best);
    }

    /** The same for the shapes that a path has. */
    static int[][] of(Shapes shapes, int[] path) {
        ShapesToLearn search = new ShapesToLearn(shapes, null, null, 0);
        return search.more(search.used(path));
    }

    private void look(Cheapest free) {
        for (int i = 0; i < kind.length; i++) {
            int[] here = nearest[kind[i]];
            if (here == null) {
                here = new int[size[kind[i]]];
                Arrays.fill(here, Integer.MAX_VALUE);
                nearest[kind[i]] = here;
            }
            for (int c = 0; c < here.length; c++) {
                here[c] = Math.min(here[c], free.total() + free.price(i, c));
            }
        }
        for (int i = kind.length - 1; i >= 0; i--) {
            toEnd[i] = i + 1 == kind.length
                    ? new int[charges[i].length]
                    : Matrices.least(onward[i], Matrices.sum(charges[i + 1], toEnd[i + 1]));
        }
    }

    private int[][] more(int[][] open) {
        boolean[] known = new boolean[seen.length];
        for (int k = 0; k < kinds; k++) {
            for (int shape : open[k]) {
                known[hands[k][shape]] = true;
            }
        }
        int[][] byKind = new int[kinds][];
        for (int k = 0; k < kinds; k++) {
            byKind[k] = new int[size[k]];
            for (int c = 0; c < size[k]; c++) {
                byKind[k][c] = known[hands[k][c]] ? 1 : 2;
            }
            for (int shape : open[k]) {
                byKind[k][shape] = 0;
            }
        }
        return Arrays.stream(kind).mapToObj(k -> byKind[k]).toArray(int[][]::new);
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
                for (int[] other : around(before, k, best)) {
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

    /** A shape less, another in its place, and one more; none that costs more wherever it is taken than what is known. */
    private List<int[]> around(int[] open, int k, int known) {
        List<int[]> others = new ArrayList<>();
        for (int i = 0; i < open.length && open.length > 1; i++) {
            int left = i;
            others.add(IntStream.range(0, open.length)
                    .filter(j -> j != left)
                    .map(j -> open[j])
                    .toArray());
        }
        for (int c = 0; c < size[k]; c++) {
            int more = c;
            if (nearest[k][c] + least < known && Arrays.stream(open).noneMatch(shape -> shape == more)) {
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
                shapes += seen[hands[k][shape]] == look ? 0 : 1;
                seen[hands[k][shape]] = look;
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
                cheapest = Math.min(cheapest, next[j] + toEnd[i][here[j]]);
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
