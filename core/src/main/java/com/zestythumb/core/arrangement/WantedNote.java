package com.zestythumb.core.arrangement;

import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.solving.Wanted;

/**
 * A note that the teacher wants on top of a chord or at its bottom; the chord is not fixed by it.
 *
 * @param bar index of the written bar, from 0
 * @param start quarter notes after the bar line
 * @param top the highest note; null where any may be
 * @param bass the lowest; null where any may be
 */
public record WantedNote(int bar, Fraction start, PitchClass top, PitchClass bass) {

    boolean stands(ChordEvent event) {
        return event.bar() == bar && event.start().equals(start) && !event.isSilent();
    }

    Wanted wanted() {
        return new Wanted(top, bass);
    }
}
