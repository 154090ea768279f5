package com.zestythumb.core.arrangement;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Fraction;

/**
 * A note of the left hand.
 *
 * @param id unique in the tune; the engraving bears it too
 * @param chord index of its {@link ArrangedChord}
 * @param bar index of its written bar, from 0
 * @param onset quarter notes after the bar line
 * @param duration quarter notes
 * @param pitch the key
 * @param finger the finger on it, 1 to 5
 * @param fingerShown whether the finger is printed: at the first sounding of the note in its chord
 * @param tied whether it is held over into the next note of the same pitch
 */
public record TimedNote(
        String id,
        int chord,
        int bar,
        Fraction onset,
        Fraction duration,
        Pitch pitch,
        int finger,
        boolean fingerShown,
        boolean tied) {}
