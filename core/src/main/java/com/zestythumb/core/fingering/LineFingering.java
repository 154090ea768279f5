package com.zestythumb.core.fingering;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.solving.LayeredPath;
import java.util.ArrayList;
import java.util.List;

/**
 * Fingers for a line of single notes that one hand plays joined: the exact minimum of {@link LineCosts} over all rows of
 * fingers, in time that grows with the number of notes. A finger that the teacher wrote stays, and the others are found
 * around it.
 */
public final class LineFingering {

    static final int[] ANY = {1, 2, 3, 4, 5};

    private LineFingering() {}

    /** Fingers for a line, all free. */
    public static List<Integer> of(Side side, List<Pitch> notes) {
        return of(side, notes, notes.stream().map(note -> 0).toList());
    }

    /**
     * Fingers for a line.
     *
     * @param given for each note the finger that is fixed, 1 to 5, or 0 where it is free
     */
    public static List<Integer> of(Side side, List<Pitch> notes, List<Integer> given) {
        List<int[]> fingers = given.stream()
                .map(finger -> finger == 0 ? ANY : new int[] {finger})
                .toList();
        LayeredPath path = LayeredPath.through(notes.size(), costs(side, notes, fingers));
        List<Integer> found = new ArrayList<>();
        for (int i = 0; i < notes.size(); i++) {
            found.add(fingers.get(i)[path.choice(i)]);
        }
        return found;
    }

    static LayeredPath.Costs costs(Side side, List<Pitch> notes, List<int[]> fingers) {
        return new LayeredPath.Costs() {
            @Override
            public int[] of(int note) {
                int[] here = fingers.get(note);
                int[] own = new int[here.length];
                for (int i = 0; i < own.length; i++) {
                    own[i] = LineCosts.own(here[i], notes.get(note));
                }
                return own;
            }

            @Override
            public int[][] toNext(int note) {
                int[] here = fingers.get(note);
                int[] next = fingers.get(note + 1);
                int[][] steps = new int[here.length][next.length];
                for (int i = 0; i < here.length; i++) {
                    for (int j = 0; j < next.length; j++) {
                        steps[i][j] = LineCosts.step(side, here[i], notes.get(note), next[j], notes.get(note + 1));
                    }
                }
                return steps;
            }
        };
    }
}
