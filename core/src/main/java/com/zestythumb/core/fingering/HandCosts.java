package com.zestythumb.core.fingering;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voicing.Reach;
import java.util.List;

/**
 * What it costs a left hand to hold what lies under it, and to go on.
 *
 * @param exchange a finger that is lifted from a note which stays, for another
 * @param reach what the fingers of this hand reach; null where the hand is any
 */
record HandCosts(int exchange, Reach reach) {

    /** For each semitone by which two fingers are spread beyond three quarters of what they reach. */
    private static final int SPREAD = 12;

    /** As many notes with another finger outside: the hand keeps its shape where it can. */
    private static final int OTHER_OUTER = 8;

    /** A finger that hops to the key beside it under a held thumb. */
    private static final int HOP = 6;

    /** What a lone note costs each finger: a bass belongs to the little one. */
    private static final int[] LONE = {0, 4, 2, 2, 2, 0};

    /** Farther than so many semitones a hand leaps, whatever its fingers. */
    private static final int JOINED = 9;

    private static final int LEAP = 40;

    /** For each row of fingers what it costs to hold it so. */
    int[] own(HandLayer layer) {
        int[] costs = new int[layer.rows().length];
        // Where there is no choice there is nothing to weigh.
        for (int i = 0; costs.length > 1 && i < costs.length; i++) {
            int[] row = layer.rows()[i];
            costs[i] = row.length > 1
                    ? ChordFingering.cost(row, layer.notes()) + spread(row, layer.notes())
                    : layer.strike() < 0
                            ? lone(row[0], layer.notes().get(0))
                            : LineCosts.own(row[0], layer.notes().get(0));
            for (int note : layer.out()) {
                // The lowest note of a chord is the little finger's all the same.
                boolean lowest = row.length > 1 && row[note] == LineCosts.FINGERS;
                costs[i] += lowest ? 0 : LineCosts.broughtOut(row[note]);
            }
        }
        return costs;
    }

    private int spread(int[] row, List<Pitch> notes) {
        int beyond = 0;
        for (int i = 1; reach != null && i < row.length; i++) {
            Pitch low = notes.get(i - 1);
            Pitch high = notes.get(i);
            int most = reach.most(row[i], row[i - 1], low.isBlackKey() && high.isBlackKey());
            beyond += Math.max(0, high.midi() - low.midi() - most * 3 / 4);
        }
        return SPREAD * beyond;
    }

    /** A bass is the little finger's on a black key too. */
    private static int lone(int finger, Pitch key) {
        return LONE[finger] + (finger == 1 ? LineCosts.own(finger, key) : 0);
    }

    /** What it costs to go from each row of fingers to each. */
    int[][] ways(HandLayer from, HandLayer to) {
        int[][] costs = new int[from.rows().length][to.rows().length];
        for (int i = 0; i < costs.length; i++) {
            for (int j = 0; j < costs[i].length; j++) {
                costs[i][j] = to.repeated()
                        ? LineCosts.repeated(from.rows()[i][0], to.rows()[j][0], to.onBeat())
                        : way(from.notes(), from.rows()[i], to.notes(), to.rows()[j]);
            }
        }
        return costs;
    }

    private int way(List<Pitch> from, int[] fingers, List<Pitch> to, int[] next) {
        if (from.size() == 1 && to.size() == 1) {
            int step = LineCosts.step(Side.LEFT, fingers[0], from.get(0), next[0], to.get(0));
            boolean leap = Math.abs(to.get(0).midi() - from.get(0).midi()) > JOINED;
            return leap ? Math.min(step, LEAP) : step;
        }
        int cost = 0;
        if (fingers.length == next.length) {
            cost += lowest(from, fingers, to, next);
            cost += fingers[fingers.length - 1] == next[next.length - 1] ? 0 : OTHER_OUTER;
        }
        for (int i = 0; i < fingers.length; i++) {
            for (int j = 0; j < next.length; j++) {
                if (from.get(i).midi() == to.get(j).midi() && fingers[i] != next[j]) {
                    cost += exchange;
                }
            }
        }
        return cost;
    }

    /**
     * What the lowest finger costs: it stays the same where the hand moves as a whole; below a thumb that holds its key, or
     * goes the other way, a lone finger walks to the key beside the last one.
     */
    private static int lowest(List<Pitch> from, int[] fingers, List<Pitch> to, int[] next) {
        int steps = from.get(0).staffStep() - to.get(0).staffStep();
        int above =
                from.get(from.size() - 1).staffStep() - to.get(to.size() - 1).staffStep();
        boolean thumbs = fingers.length == 2 && next.length == 2 && fingers[1] == 1 && next[1] == 1;
        boolean walks = thumbs && Math.abs(steps) == 1 && (above == 0 || above == -steps);
        return walks
                ? next[0] - fingers[0] == steps ? 0 : next[0] == fingers[0] ? HOP : OTHER_OUTER
                : fingers[0] == next[0] ? 0 : OTHER_OUTER;
    }
}
