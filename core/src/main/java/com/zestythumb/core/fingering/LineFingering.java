package com.zestythumb.core.fingering;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.solving.LayeredPath;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Fingers for a line of single notes that one hand plays joined: the exact minimum of {@link LineCosts} over all rows of
 * fingers, in time that grows with the number of notes.
 */
public final class LineFingering {

    static final int[] ANY = {1, 2, 3, 4, 5};

    private LineFingering() {}

    /** Fingers for a line. */
    public static List<Integer> of(Side side, List<Pitch> notes) {
        return of(side, notes, Set.of());
    }

    /**
     * Fingers for a line.
     *
     * @param broughtOut which notes are to be heard over others, by their place: they have a strong finger
     */
    public static List<Integer> of(Side side, List<Pitch> notes, Set<Integer> broughtOut) {
        List<int[]> fingers = notes.stream().map(note -> ANY).toList();
        LayeredPath path = LayeredPath.through(notes.size(), costs(side, notes, fingers, broughtOut));
        return IntStream.range(0, notes.size())
                .map(i -> ANY[path.choice(i)])
                .boxed()
                .toList();
    }

    static LayeredPath.Costs costs(Side side, List<Pitch> notes, List<int[]> fingers, Set<Integer> broughtOut) {
        return new LayeredPath.Costs() {
            @Override
            public int[] of(int note) {
                int[] here = fingers.get(note);
                int[] own = new int[here.length];
                for (int i = 0; i < own.length; i++) {
                    own[i] = LineCosts.own(here[i], notes.get(note))
                            + (broughtOut.contains(note) ? LineCosts.broughtOut(here[i]) : 0);
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
