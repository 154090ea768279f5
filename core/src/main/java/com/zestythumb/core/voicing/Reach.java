package com.zestythumb.core.voicing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How far the fingers of a hand reach in pairs, in semitones between their keys.
 *
 * @param white the most that each pair of {@link #PAIRS} holds, on white keys or on one of each kind
 * @param black the same where both keys are black
 */
public record Reach(List<Integer> white, List<Integer> black) {

    /** The ten pairs of fingers, the inner finger first. */
    public static final List<String> PAIRS =
            List.of("1-2", "1-3", "1-4", "1-5", "2-3", "2-4", "2-5", "3-4", "3-5", "4-5");

    /**
     * The largest practical spans of a large adult hand, pair by pair: R. Parncutt, J. Sloboda, E. Clarke,
     * M. Raekallio, P. Desain, "An ergonomic model of keyboard fingering for melodic fragments", Music Perception 14(4),
     * 1997, table 2. From memory.
     */
    private static final int[] PRACTICAL = {10, 12, 14, 15, 5, 7, 10, 4, 7, 5};

    /** Hands from a minor sixth on take a tritone with 2 and 5, as every method asks of them (common practice). */
    private static final int TRITONE_FROM = 8;

    private static final int TRITONE = 6;

    /** A major sixth, over which the fourth degree's six-four lies. */
    private static final int SIXTH = 9;

    private static final int OUTER = 3;
    private static final int LARGE = 15;
    private static final int FINGERS = 5;
    private static final int[][] PLACE = new int[FINGERS + 1][FINGERS + 1];
    private static final int[][][] ROWS = new int[FINGERS + 1][][];

    static {
        for (int i = 0; i < PAIRS.size(); i++) {
            PLACE[PAIRS.get(i).charAt(0) - '0'][PAIRS.get(i).charAt(2) - '0'] = i;
        }
        for (int notes = 0; notes <= FINGERS; notes++) {
            ROWS[notes] = rows(notes);
        }
    }

    public Reach {
        white = List.copyOf(white);
        black = List.copyOf(black);
        if (white.size() != PAIRS.size() || black.size() != PAIRS.size()) {
            throw new IllegalArgumentException("a reach has ten pairs of fingers: " + PAIRS);
        }
        for (int i = 0; i < white.size(); i++) {
            check(i, white.get(i));
            check(i, black.get(i));
        }
    }

    private static void check(int pair, int semitones) {
        if (semitones < 1 || semitones > 24) {
            throw new IllegalArgumentException("fingers " + PAIRS.get(pair) + " reach 1 to 24 half steps, not "
                    + semitones + "; measure them again");
        }
    }

    /** Every falling row of so many fingers, as a left hand lays them from its lowest note. */
    private static int[][] rows(int notes) {
        List<int[]> rows = new ArrayList<>();
        for (int some = 0; some < 1 << FINGERS; some++) {
            if (Integer.bitCount(some) == notes) {
                int[] row = new int[notes];
                int at = 0;
                for (int finger = FINGERS; finger >= 1; finger--) {
                    if ((some >> finger - 1 & 1) == 1) {
                        row[at++] = finger;
                    }
                }
                rows.add(row);
            }
        }
        // Wide rows first: they reach most, and the first that reaches is enough.
        rows.sort(Comparator.comparingInt(row -> row.length == 0 ? 0 : row[row.length - 1] - row[0]));
        return rows.toArray(int[][]::new);
    }

    /** A usual hand of this span from thumb to little finger: the published proportions, grown or shrunk. */
    public static Reach ofSpan(int semitones) {
        List<Integer> reach = new ArrayList<>();
        for (int i = 0; i < PRACTICAL.length; i++) {
            int grown = Math.max(2, Math.round((float) PRACTICAL[i] * semitones / LARGE));
            boolean tritone = i == PAIRS.indexOf("2-5") && semitones >= TRITONE_FROM;
            reach.add(tritone ? Math.max(TRITONE, grown) : grown);
        }
        return new Reach(reach, reach);
    }

    /** The same with the pairs that were measured, by their names. */
    public Reach with(Map<String, Integer> onWhite, Map<String, Integer> onBlack) {
        return new Reach(changed(white, onWhite), changed(black, onBlack));
    }

    private static List<Integer> changed(List<Integer> spans, Map<String, Integer> measured) {
        List<Integer> changed = new ArrayList<>(spans);
        measured.forEach((pair, semitones) -> {
            int place = PAIRS.indexOf(pair);
            if (place < 0) {
                throw new IllegalArgumentException("\"" + pair + "\" is no pair of fingers; choose one of " + PAIRS);
            }
            changed.set(place, semitones);
        });
        return changed;
    }

    /** The pairs that differ from those of a usual hand of its span, by their names. */
    public Map<String, Integer> measured(boolean onBlack) {
        List<Integer> usual = ofSpan(span()).white();
        List<Integer> here = onBlack ? black : white;
        Map<String, Integer> measured = new LinkedHashMap<>();
        for (int i = 0; i < here.size(); i++) {
            if (!here.get(i).equals(usual.get(i))) {
                measured.put(PAIRS.get(i), here.get(i));
            }
        }
        return measured;
    }

    /** From thumb to little finger, on white keys. */
    public int span() {
        return white.get(OUTER);
    }

    /**
     * Semitones that two fingers reach.
     *
     * @param inner the finger nearer to the thumb, 1 to 4
     * @param outer the other, up to 5
     * @param black whether both are on black keys
     */
    public int most(int inner, int outer, boolean black) {
        int place = PLACE[inner][outer];
        return black ? this.black.get(place) : white.get(place);
    }

    /**
     * By how many semitones notes lie beyond this hand, held by the fingers that reach them best.
     *
     * @param keys MIDI keys, lowest first; for more than five nothing but thumb and little finger is asked for
     * @return 0 where they lie under it
     */
    public int beyond(int[] keys) {
        if (keys.length < 2) {
            return 0;
        }
        if (keys.length > FINGERS) {
            return Math.max(0, keys[keys.length - 1] - keys[0] - span());
        }
        // Published spans are wider in practice than with ease: three notes in a sixth are the primary chords' own.
        int outer = keys.length <= 3 && span() >= TRITONE_FROM ? SIXTH : 0;
        int least = Integer.MAX_VALUE;
        for (int[] row : ROWS[keys.length]) {
            int worst = 0;
            for (int i = 0; i < row.length; i++) {
                for (int j = i + 1; j < row.length; j++) {
                    boolean bothBlack = isBlack(keys[i]) && isBlack(keys[j]);
                    int place = PLACE[row[j]][row[i]];
                    int most = bothBlack ? black.get(place) : white.get(place);
                    most = place == OUTER ? Math.max(most, outer) : most;
                    worst = Math.max(worst, keys[j] - keys[i] - most);
                }
            }
            least = Math.min(least, worst);
            if (least == 0) {
                return 0;
            }
        }
        return least;
    }

    private static boolean isBlack(int key) {
        int s = Math.floorMod(key, 12);
        return s == 1 || s == 3 || s == 6 || s == 8 || s == 10;
    }
}
