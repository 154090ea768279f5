package com.zestythumb.core.solving;

import java.util.Arrays;

/** Things of one kind that are learned once: for each place and candidate which of them it needs, and its share. */
final class SharedShapes {

    private static final double TINY = 1e-9;

    private final int[][] ids;
    private final double[][] shares;
    private final int[][] slopes;
    private final double[] sums;
    private final double[] here;

    SharedShapes(int[][] ids, int weight) {
        this.ids = ids;
        int most = Arrays.stream(ids).flatMapToInt(Arrays::stream).max().orElse(-1);
        int[] places = new int[most + 1];
        int[] last = new int[most + 1];
        for (int i = 0; i < ids.length; i++) {
            for (int id : ids[i]) {
                places[id] += last[id] == i + 1 ? 0 : 1;
                last[id] = i + 1;
            }
        }
        this.sums = new double[most + 1];
        this.here = new double[most + 1];
        this.shares = new double[ids.length][];
        this.slopes = new int[ids.length][];
        for (int i = 0; i < ids.length; i++) {
            shares[i] = new double[ids[i].length];
            slopes[i] = new int[ids[i].length];
            for (int c = 0; c < ids[i].length; c++) {
                shares[i][c] = (double) weight / places[ids[i][c]];
            }
        }
    }

    /** Adds to what each candidate of a place costs its share. */
    void charge(int place, double[] costs) {
        for (int c = 0; c < costs.length; c++) {
            costs[c] += shares[place][c];
        }
    }

    /** The share of a candidate in whole parts of a half step, to which it is rounded down. */
    int inParts(int place, int candidate, int parts) {
        int share = (int) (shares[place][candidate] * parts);
        shares[place][candidate] = (double) share / parts;
        return share;
    }

    /** What is given back for those whose shares are more than they cost; candidates of a place that need one share. */
    double givenBack(int weight) {
        Arrays.fill(sums, 0);
        for (int i = 0; i < ids.length; i++) {
            for (int c = 0; c < ids[i].length; c++) {
                here[ids[i][c]] = Math.max(here[ids[i][c]], shares[i][c]);
            }
            for (int id : ids[i]) {
                sums[id] += here[id];
                here[id] = 0;
            }
        }
        double back = 0;
        for (double sum : sums) {
            back += Math.min(0, weight - sum);
        }
        return back;
    }

    /** How many of them a path needs. */
    int used(int[] path) {
        boolean[] seen = new boolean[sums.length];
        int used = 0;
        for (int i = 0; i < path.length; i++) {
            int id = ids[i][path[i]];
            used += seen[id] ? 0 : 1;
            seen[id] = true;
        }
        return used;
    }

    /**
     * Looks where shares are to go: up where one is needed and its shares are too small, down where it is not and they
     * are too great.
     *
     * @return how many are to go
     */
    int look(int[] path, int weight) {
        int norm = 0;
        for (int i = 0; i < path.length; i++) {
            int needed = ids[i][path[i]];
            for (int c = 0; c < ids[i].length; c++) {
                int id = ids[i][c];
                slopes[i][c] = (id == needed ? 1 : 0) - (sums[id] > weight + TINY ? 1 : 0);
                norm += slopes[i][c] == 0 ? 0 : 1;
            }
        }
        return norm;
    }

    /** Moves them there. */
    void move(double step) {
        for (int i = 0; i < shares.length; i++) {
            for (int c = 0; c < shares[i].length; c++) {
                shares[i][c] = Math.max(0, shares[i][c] + step * slopes[i][c]);
            }
        }
    }
}
