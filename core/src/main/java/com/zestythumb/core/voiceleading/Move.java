package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voicing.Tone;

/**
 * A voice goes from one note to another.
 *
 * @param from null where it is about the other note alone
 */
public record Move(Voice voice, Tone from, Tone to) {

    /** Half steps, below 0 downwards. */
    public int halfSteps() {
        return to.pitch().midi() - from.pitch().midi();
    }

    /** Steps of the staff, below 0 downwards. */
    int staffSteps() {
        return to.pitch().staffStep() - from.pitch().staffStep();
    }

    /** Where it comes to. */
    public Pitch pitch() {
        return to.pitch();
    }
}
