package com.zestythumb.core.fingering;

import com.zestythumb.core.pitch.Pitch;
import java.util.ArrayList;
import java.util.List;

/**
 * Fingers for the notes of a left-hand chord: of all ways to hold it, the one that strains the
 * neighbouring fingers least by {@link FingerSpan}; of equal ones, that with the stronger fingers
 * (thumb and middle before ring finger). For triads and sevenths in close position this yields the
 * fingering of the method books: 5-3-1, 5-3-1, 5-2-1 and 5-3-2-1, 5-4-2-1.
 */
public final class ChordFingering {

    private static final int[] WEAKNESS = {0, 0, 1, 0, 3, 1};

    private ChordFingering() {}

    /**
     * Fingers for a left-hand chord.
     *
     * @param notes one to five pitches, lowest first
     * @return fingers 5 (little finger) to 1 (thumb), lowest note first
     */
    public static List<Integer> left(List<Pitch> notes) {
        if (notes.size() > 5) {
            throw new IllegalArgumentException("a hand has five fingers, and this chord " + notes.size() + " notes");
        }
        if (notes.size() == 1) {
            return List.of(1);
        }
        Search search = new Search(notes);
        search.extend(new ArrayList<>(), 0);
        return search.best;
    }

    /** Tries every falling row of fingers with the little finger lowest and the thumb highest. */
    private static final class Search {

        private final List<Pitch> notes;
        private List<Integer> best = List.of();
        private int bestStrain = Integer.MAX_VALUE;

        Search(List<Pitch> notes) {
            this.notes = notes;
        }

        void extend(List<Integer> fingers, int strain) {
            int placed = fingers.size();
            if (placed == notes.size()) {
                if (strain < bestStrain) {
                    bestStrain = strain;
                    best = List.copyOf(fingers);
                }
                return;
            }
            int left = notes.size() - placed - 1;
            int highest = placed == 0 ? 5 : fingers.get(placed - 1) - 1;
            int lowest = placed == 0 ? 5 : left + 1;
            for (int finger = left == 0 ? 1 : highest; finger >= lowest; finger--) {
                fingers.add(finger);
                extend(fingers, strain + strainOf(fingers, placed));
                fingers.remove(placed);
                if (left == 0) {
                    break;
                }
            }
        }

        private int strainOf(List<Integer> fingers, int i) {
            int weakness = WEAKNESS[fingers.get(i)];
            if (i == 0) {
                return weakness;
            }
            int semitones = notes.get(i).midi() - notes.get(i - 1).midi();
            return weakness
                    + 10
                            * FingerSpan.between(fingers.get(i), fingers.get(i - 1))
                                    .strain(semitones);
        }
    }
}
