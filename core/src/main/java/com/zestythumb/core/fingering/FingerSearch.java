package com.zestythumb.core.fingering;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voicing.Grip;
import java.util.List;

/** Finds fingers for what a left hand plays, once its pattern is known. */
@FunctionalInterface
public interface FingerSearch {

    /**
     * A key that is struck.
     *
     * @param grip index of the grip it belongs to
     * @param note its place in the grip, 0 for the lowest
     * @param time quarter notes from the beginning of the tune, as it is written
     * @param given the finger that is written to it, or 0
     * @param broughtOut whether it is to be heard over others
     */
    record Strike(int grip, int note, Fraction time, int given, boolean broughtOut) {}

    /**
     * Fingers, 1 for the thumb to 5 for the little finger; 0 where no finger is left for a note.
     *
     * @param held for each grip a finger for each of its notes, the lowest first
     * @param struck a finger for each strike
     */
    record Fingers(List<List<Integer>> held, List<Integer> struck) {}

    /**
     * Fingers for a whole tune.
     *
     * @param grips what lies under the hand, in the order in which it is written
     * @param strikes the keys struck, in time
     */
    Fingers search(List<Grip> grips, List<Strike> strikes);
}
