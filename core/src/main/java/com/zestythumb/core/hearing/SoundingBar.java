package com.zestythumb.core.hearing;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import java.util.List;

/**
 * A bar of written-out music.
 *
 * @param notes in any order
 * @param length quarter notes
 * @param offset quarter notes of the meter's bar that lie before it; above 0 in a pickup
 * @param key the key that somebody told, or null
 */
public record SoundingBar(List<Sounding> notes, Fraction length, Fraction offset, Meter meter, Key key) {

    public SoundingBar {
        notes = List.copyOf(notes);
    }

    public SoundingBar(List<Sounding> notes, Fraction length, Meter meter, Key key) {
        this(notes, length, Fraction.ZERO, meter, key);
    }
}
