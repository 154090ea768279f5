package com.zestythumb.core.fingering;

import com.zestythumb.core.pitch.Pitch;
import java.util.Arrays;
import java.util.List;

/**
 * Fingers for the notes of a left-hand chord: of all ways to hold it, the one that strains the
 * neighbouring fingers least by {@link FingerSpan}; of equal ones, that with the stronger fingers
 * (thumb and middle before ring finger). For triads and sevenths in close position this yields the
 * fingering of the method books: 5-3-1, 5-3-1, 5-2-1 and 5-3-2-1, 5-4-2-1.
 */
public final class ChordFingering {

    private static final int[] WEAKNESS = {0, 0, 1, 0, 3, 1};

    /** Every falling row of fingers, by the number of notes: little finger lowest, thumb highest; a bass note is its. */
    private static final int[][][] ROWS = {
        {},
        {{5}},
        {{5, 1}},
        {{5, 3, 1}, {5, 2, 1}, {5, 4, 1}},
        {{5, 3, 2, 1}, {5, 4, 2, 1}, {5, 4, 3, 1}},
        {{5, 4, 3, 2, 1}}
    };

    private ChordFingering() {}

    /**
     * Fingers for a left-hand chord.
     *
     * @param notes one to five pitches, lowest first
     * @return fingers 5 (little finger) to 1 (thumb), lowest note first
     */
    public static List<Integer> left(List<Pitch> notes) {
        if (notes.size() >= ROWS.length) {
            throw new IllegalArgumentException("a hand has five fingers, and this chord " + notes.size() + " notes");
        }
        int[] best = ROWS[notes.size()][0];
        int least = Integer.MAX_VALUE;
        for (int[] row : ROWS[notes.size()]) {
            int strain = strain(row, notes);
            if (strain < least) {
                least = strain;
                best = row;
            }
        }
        return Arrays.stream(best).boxed().toList();
    }

    private static int strain(int[] fingers, List<Pitch> notes) {
        int sum = 0;
        for (int i = 0; i < fingers.length; i++) {
            sum += WEAKNESS[fingers[i]];
            if (i > 0) {
                int semitones = notes.get(i).midi() - notes.get(i - 1).midi();
                sum += 10 * FingerSpan.between(fingers[i], fingers[i - 1]).strain(semitones);
            }
        }
        return sum;
    }
}
