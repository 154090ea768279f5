package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Voicing;

/**
 * The hands go from one chord to the next, or the left from one grip of a chord to another.
 *
 * @param left the grip that the left hand leaves
 * @param met the grip to which it comes
 * @param from the chord that is left; null within a chord
 * @param to the chord that is met; null within a chord
 * @param tune the tune's last note over the one chord; null where it rests or a phrase ends there
 * @param tuneThen its first over the other; null where it rests
 * @param leading the note that leads to the keynote; null where no key is clear
 * @param seconds from the last key struck in the one to the first in the other
 * @param journey whether the style makes the hand go to and fro, as between a low bass and its chord
 */
public record Passage(
        Grip left,
        Grip met,
        Voicing from,
        Voicing to,
        Pitch tune,
        Pitch tuneThen,
        PitchClass leading,
        double seconds,
        boolean journey) {

    /** Within one chord. */
    public static Passage within(Grip left, Grip met, double seconds) {
        return new Passage(left, met, null, null, null, null, null, seconds, true);
    }
}
