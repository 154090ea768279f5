package com.zestythumb.core.fingering;

import com.zestythumb.core.pitch.Pitch;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Fingers for the notes of a left-hand chord: of all ways to hold it, the one that strains the
 * neighbouring fingers least by {@link FingerSpan}; of equal ones, that with the stronger fingers
 * (thumb and middle before ring finger), the little finger on the lowest note and the thumb on the highest. For triads
 * and sevenths in close position this yields the
 * fingering of the method books: 5-3-1, 5-3-1, 5-2-1 and 5-3-2-1, 5-4-2-1.
 */
public final class ChordFingering {

    private static final int[] WEAKNESS = {0, 0, 1, 0, 3, 1};

    /** What it costs to leave out the little finger below, or the thumb above. */
    private static final int WITHOUT_OUTER = 10;

    private static final int STRAIN = 10;

    /** Every falling row of fingers, by the number of notes. */
    private static final int[][][] ROWS = IntStream.rangeClosed(0, LineCosts.FINGERS)
            .mapToObj(ChordFingering::fallingRows)
            .toArray(int[][][]::new);

    private ChordFingering() {}

    private static int[][] fallingRows(int notes) {
        List<int[]> rows = new ArrayList<>();
        for (int some = 0; some < 1 << LineCosts.FINGERS; some++) {
            if (Integer.bitCount(some) == notes) {
                int fingers = some;
                rows.add(IntStream.rangeClosed(1, LineCosts.FINGERS)
                        .map(i -> LineCosts.FINGERS + 1 - i)
                        .filter(finger -> (fingers >> finger - 1 & 1) == 1)
                        .toArray());
            }
        }
        rows.sort(Comparator.comparing((int[] row) -> row.length == 0 ? 0 : -row[0])
                .thenComparing(row -> row.length == 0 ? 0 : row[row.length - 1]));
        return rows.toArray(int[][]::new);
    }

    /**
     * Fingers for a left-hand chord.
     *
     * @param notes one to five pitches, lowest first
     * @return fingers 5 (little finger) to 1 (thumb), lowest note first
     */
    public static List<Integer> left(List<Pitch> notes) {
        int[] best = Arrays.stream(rows(notes.size()))
                .min(Comparator.comparingInt(row -> cost(row, notes)))
                .orElseThrow();
        return Arrays.stream(best).boxed().toList();
    }

    /**
     * Fingers for a chord of either hand; the right is the mirror of the left.
     *
     * @param notes one to five pitches, lowest first
     * @return a finger for each note, the lowest first
     */
    public static List<Integer> of(Side side, List<Pitch> notes) {
        if (side == Side.LEFT) {
            return left(notes);
        }
        int axis = notes.get(0).midi() + notes.get(notes.size() - 1).midi();
        int[] mirrored = IntStream.range(0, notes.size())
                .map(i -> axis - notes.get(notes.size() - 1 - i).midi())
                .toArray();
        int[] best = Arrays.stream(rows(notes.size()))
                .min(Comparator.comparingInt(row -> cost(row, mirrored)))
                .orElseThrow();
        return IntStream.range(0, best.length)
                .mapToObj(i -> best[best.length - 1 - i])
                .toList();
    }

    /** Every row of fingers for so many notes, each from the lowest note. */
    static int[][] rows(int notes) {
        if (notes >= ROWS.length) {
            throw new IllegalArgumentException("a hand has five fingers, and this chord " + notes + " notes");
        }
        return ROWS[notes];
    }

    /** What it costs to hold a chord so. */
    static int cost(int[] fingers, List<Pitch> notes) {
        return cost(fingers, notes.stream().mapToInt(Pitch::midi).toArray());
    }

    private static int cost(int[] fingers, int[] keys) {
        int sum = fingers[0] == LineCosts.FINGERS ? 0 : WITHOUT_OUTER;
        sum += fingers.length == 1 || fingers[fingers.length - 1] == 1 ? 0 : WITHOUT_OUTER;
        for (int i = 0; i < fingers.length; i++) {
            sum += WEAKNESS[fingers[i]];
            if (i > 0) {
                int semitones = keys[i] - keys[i - 1];
                sum += STRAIN * FingerSpan.between(fingers[i], fingers[i - 1]).strain(semitones);
            }
        }
        return sum;
    }
}
