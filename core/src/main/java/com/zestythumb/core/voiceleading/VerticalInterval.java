package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Pitch;

/**
 * A note of the accompaniment and one of the tune that sound at one time.
 *
 * @param accompaniment what is played below the tune
 * @param tune the tune's note
 * @param strong whether they come together on a strong beat
 * @param soft whether the accompaniment plays it softer than the rest
 * @param spareThird whether both are the major third of a chord that has two other tones below the tune
 */
public record VerticalInterval(Pitch accompaniment, Pitch tune, boolean strong, boolean soft, boolean spareThird) {

    /** Half steps from the accompaniment up to the tune; below 0 where they cross. */
    public int apart() {
        return tune.midi() - accompaniment.midi();
    }
}
