package com.zestythumb.formats.words;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * How many chords begin in each bar of a line of chords over words: the lines of a verse are of equal length (common
 * practice), so where a line has more chords than the others some share a bar, and where it has fewer some last for two.
 */
final class LineOfBars {

    /** More in a line are no line of a verse. */
    private static final int MOST = 16;

    private static final int MOST_IN_BAR = 4;

    /** Words shorter than this share of the others' are a shorter line. */
    private static final double LEAST_OF_A_LINE = 0.7;

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
     * How many chords begin in each bar of a line. One in each where nothing speaks against it; else they are parted so
     * that each stands as near as can be to its place in an even line.
     *
     * @param columns where the chords stand, in rising order
     * @param width where the words end; 0 where there are none
     * @param usual bars of a line; 0 where that is not known
     * @param usualWidth where the words of such lines end
     */
    static List<Integer> parted(List<Integer> columns, int width, int usual, int usualWidth) {
        int count = columns.size();
        boolean fewer = count < usual;
        boolean cutShort = width == 0 || LEAST_OF_A_LINE * usualWidth > width;
        if (usual == 0
                || count == usual
                || usual > MOST
                || count > MOST
                || count > usual * MOST_IN_BAR
                || fewer && cutShort) {
            return Collections.nCopies(count, 1);
        }
        int first = columns.get(0);
        int last = columns.get(count - 1);
        // Behind the last chord there is as much room as it lasts, also where no words stand under it.
        double line = Math.max(width - first, (last - first) * (usual + 1.0) / usual);
        double[] places =
                columns.stream().mapToDouble(column -> (column - first) / line).toArray();
        return new Search(places, usual, fewer ? 0 : 1, fewer ? 1 : MOST_IN_BAR).best();
    }

    /** The cheapest way to part a line. O(bars × chords). */
    private static final class Search {

        private final double[] places;
        private final int bars;
        private final int fewest;
        private final int most;
        private final double[][] known;

        Search(double[] places, int bars, int fewest, int most) {
            this.places = places;
            this.bars = bars;
            this.fewest = fewest;
            this.most = most;
            this.known = new double[bars + 1][places.length + 1];
            for (double[] row : known) {
                Arrays.fill(row, -1);
            }
        }

        List<Integer> best() {
            List<Integer> parted = new ArrayList<>();
            int at = 0;
            for (int bar = 0; bar < bars; bar++) {
                // A line begins with a chord.
                int chosen = bar == 0 ? 1 : fewest;
                for (int in = chosen; in <= most; in++) {
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
                for (int in = fewest; in <= most; in++) {
                    least = Math.min(least, way(bar, at, in));
                }
                known[bar][at] = least;
            }
            return known[bar][at];
        }
    }
}
