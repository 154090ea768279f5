package com.zestythumb.core.solving;

import com.zestythumb.core.stopping.StoppedException;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/**
 * The least that a left hand can cost together with what is to be learned for it. Every place that needs a shape bears a
 * share of what the shape costs; shares that are moved to the places where they hurt most bring the cheapest path
 * up to the best bound (Lagrangian relaxation by subgradients; M. Held, P. Wolfe, H. Crowder, Mathematical Programming 6,
 * 1974, from memory). Whatever the shares, no hand costs less.
 */
final class ShapesBound {

    private static final int MOST_ROUNDS = 40;

    /** Looks at most so many numbers, so that a long tune is still answered at once. */
    private static final long EFFORT = 1_500_000;

    /** Rounds without gain after which the steps are halved. */
    private static final int PATIENCE = 4;

    /** In how many parts a half step is computed with ways back, where all numbers are whole. */
    static final int PARTS = 64;

    private static final int MOST_WHOLES = 6;
    private static final long EFFORT_OF_WHOLES = 150_000;

    private static final double TINY = 1e-9;

    private final int[][] charges;
    private final int[][][] onward;
    private final int weight;
    private final List<SharedShapes> families;
    private int known;
    private double best;
    private int[] better;

    private ShapesBound(int[][] charges, int[][][] onward, List<int[][]> families, int weight, int known) {
        this.charges = charges;
        this.onward = onward;
        this.weight = weight;
        this.known = known;
        this.families =
                families.stream().map(ids -> new SharedShapes(ids, weight)).toList();
    }

    /**
     * The bound: what the path costs at least, with {@code weight} for everything that is to be learned; and a better answer
     * than the one known, where one is met on the way.
     *
     * @param charges what each candidate costs by itself
     * @param onward what it costs from each candidate of a chord to each of the next
     * @param families kinds of things to learn: for each chord and candidate the number of that which it needs
     * @param known what some answer costs
     * @param whole finds the cheapest choice with all ways back, for charges in parts of a half step; null where there are none
     */
    static Found of(
            int[][] charges,
            int[][][] onward,
            List<int[][]> families,
            int weight,
            int known,
            Function<int[][], Cheapest> whole) {
        ShapesBound bound = new ShapesBound(charges, onward, families, weight, known);
        long numbers = 1;
        for (int i = 1; i < charges.length; i++) {
            numbers += (long) charges[i].length * charges[i - 1].length;
        }
        int rounds = (int) Math.min(MOST_ROUNDS, 1 + EFFORT / numbers);
        bound.raise(rounds, PATIENCE, path -> bound.value(path, whole == null));
        if (whole != null) {
            int wholes = (int) Math.min(MOST_WHOLES, 1 + EFFORT_OF_WHOLES / numbers);
            bound.raise(wholes, 1, path -> bound.value(path, whole));
        }
        return new Found((int) Math.ceil(bound.best - TINY), bound.better);
    }

    /**
     * What was found.
     *
     * @param least what any answer costs at least
     * @param better a cheaper answer than the one known, met on the way: a candidate for each chord; null where none was
     */
    record Found(int least, int[] better) {}

    private void raise(int rounds, int patience, ToDoubleFunction<int[]> value) {
        double step = 1;
        int waited = 0;
        for (int round = 0; round < rounds && Math.ceil(best - TINY) < known; round++) {
            StoppedException.ifInterrupted();
            int[] path = new int[charges.length];
            double now = value.applyAsDouble(path);
            waited = now > best + TINY ? 0 : waited + 1;
            best = Math.max(best, now);
            if (waited >= patience) {
                step /= 2;
                waited = 0;
            }
            move(path, step * (known - now));
        }
    }

    /** Keeps an answer that is cheaper than what is known. */
    private void meet(int[] path, int cost) {
        int learned = 0;
        for (SharedShapes family : families) {
            learned += family.used(path);
        }
        if (cost + weight * learned < known) {
            known = cost + weight * learned;
            better = path.clone();
        }
    }

    /** The same for the whole with its ways back; shares are rounded down to the parts in which it is computed. */
    private double value(int[] path, Function<int[][], Cheapest> whole) {
        int[][] parts = new int[charges.length][];
        for (int i = 0; i < charges.length; i++) {
            parts[i] = new int[charges[i].length];
            for (int c = 0; c < parts[i].length; c++) {
                for (SharedShapes family : families) {
                    parts[i][c] += family.inParts(i, c, PARTS);
                }
            }
        }
        Cheapest found = whole.apply(parts);
        int beside = 0;
        for (int i = 0; i < path.length; i++) {
            path[i] = found.choice(i);
            beside += parts[i][path[i]];
        }
        meet(path, (found.total() - beside) / PARTS);
        double value = (double) found.total() / PARTS;
        for (SharedShapes family : families) {
            value += family.givenBack(weight);
        }
        return value;
    }

    /**
     * The cheapest path with its shares, and what shapes give back whose shares are more than they cost.
     *
     * @param isAnswer whether the path is all there is to pay
     */
    private double value(int[] path, boolean isAnswer) {
        int[][] from = new int[charges.length][];
        double[] soFar = {};
        for (int i = 0; i < charges.length; i++) {
            double[] next = new double[charges[i].length];
            from[i] = new int[next.length];
            if (i > 0) {
                Arrays.fill(next, Double.MAX_VALUE);
                for (int b = 0; b < soFar.length; b++) {
                    int[] row = onward[i - 1][b];
                    for (int c = 0; c < next.length; c++) {
                        double there = soFar[b] + row[c];
                        if (there < next[c]) {
                            next[c] = there;
                            from[i][c] = b;
                        }
                    }
                }
            }
            for (int c = 0; c < next.length; c++) {
                next[c] += charges[i][c];
            }
            for (SharedShapes family : families) {
                family.charge(i, next);
            }
            soFar = next;
        }
        int last = 0;
        for (int c = 1; c < soFar.length; c++) {
            last = soFar[c] < soFar[last] ? c : last;
        }
        double value = soFar.length == 0 ? 0 : soFar[last];
        for (int i = charges.length - 1; i >= 0; i--) {
            path[i] = last;
            last = from[i][last];
        }
        if (isAnswer) {
            meet(path, cost(path));
        }
        for (SharedShapes family : families) {
            value += family.givenBack(weight);
        }
        return value;
    }

    private int cost(int[] path) {
        int cost = 0;
        for (int i = 0; i < path.length; i++) {
            cost += charges[i][path[i]] + (i == 0 ? 0 : onward[i - 1][path[i - 1]][path[i]]);
        }
        return cost;
    }

    /** Shares go up where what is needed bears too little, down where it bears more than it costs and is not needed. */
    private void move(int[] path, double length) {
        int norm = 0;
        for (SharedShapes family : families) {
            norm += family.look(path, weight);
        }
        for (SharedShapes family : families) {
            family.move(norm == 0 ? 0 : length / norm);
        }
    }
}
