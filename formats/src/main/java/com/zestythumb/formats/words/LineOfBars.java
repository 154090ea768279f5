package com.zestythumb.formats.words;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** How many chords share a bar in a line of chords that has more of them than the other lines of its verse. */
final class LineOfBars {

    /** More in a line are no line of a verse. */
    private static final int MOST = 16;

    private static final int MOST_IN_BAR = 4;

    private LineOfBars() {}

    /** The bars of a line: as many as most lines of the verse have chords; 0 where no number is that of most. */
    static int usual(List<Integer> counts) {
        Map<Integer, Integer> often = new TreeMap<>();
        counts.forEach(count -> often.merge(count, 1, Integer::sum));
        return often.entrySet().stream()
                .filter(entry -> entry.getValue() > 1 && 2 * entry.getValue() > counts.size())
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(0);
    }

    /**
     * How many chords each bar of a line has. One in each where the line has no more than the usual, or far more; else
     * they are parted so that each stands as near as can be to its place in an even line.
     *
     * @param columns where the chords stand, in rising order
     * @param width where the words end
     * @param usual bars of a line; 0 where that is not known
     */
    static List<Integer> parted(List<Integer> columns, int width, int usual) {
        int count = columns.size();
        if (usual == 0 || count <= usual || count > MOST || count > usual * MOST_IN_BAR) {
            return Collections.nCopies(count, 1);
        }
        int first = columns.get(0);
        int last = columns.get(count - 1);
        // Behind the last chord there is as much room as it lasts, also where no words stand under it.
        double line = Math.max(width - first, (last - first) * (usual + 1.0) / usual);
        double[] places =
                columns.stream().mapToDouble(column -> (column - first) / line).toArray();
        return new Search(places, usual).best();
    }

    /** The cheapest way to part a line. O(bars × chords). */
    private static final class Search {

        private final double[] places;
        private final int bars;
        private final double[][] known;

        Search(double[] places, int bars) {
            this.places = places;
            this.bars = bars;
            this.known = new double[bars + 1][places.length + 1];
            for (double[] row : known) {
                Arrays.fill(row, -1);
            }
        }

        List<Integer> best() {
            List<Integer> parted = new ArrayList<>();
            int at = 0;
            for (int bar = 0; bar < bars; bar++) {
                int chosen = 1;
                for (int in = 1; in <= MOST_IN_BAR; in++) {
                    if (way(bar, at, in) < way(bar, at, chosen)) {
                        chosen = in;
                    }
                }
                parted.add(chosen);
                at += chosen;
            }
            return parted;
        }

        /** The price of the rest of the line where a bar takes so many chords from here. */
        private double way(int bar, int at, int in) {
            if (at + in > places.length) {
                return Double.POSITIVE_INFINITY;
            }
            double price = 0;
            for (int i = 0; i < in; i++) {
                price += Math.abs(places[at + i] - (bar + (double) i / in) / bars);
            }
            return price + rest(bar + 1, at + in);
        }

        private double rest(int bar, int at) {
            if (bar == bars) {
                return at == places.length ? 0 : Double.POSITIVE_INFINITY;
            }
            if (known[bar][at] < 0) {
                double least = Double.POSITIVE_INFINITY;
                for (int in = 1; in <= MOST_IN_BAR; in++) {
                    least = Math.min(least, way(bar, at, in));
                }
                known[bar][at] = least;
            }
            return known[bar][at];
        }
    }
}
