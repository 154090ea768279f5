package com.zestythumb.core.arrangement;

import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voicing.StyleChoice;

/**
 * Bars, or one chord, that are played in another way than the rest of the tune.
 *
 * @param from index of the first written bar, from 0
 * @param to index of the bar behind the last
 * @param chord where in its first bar the one chord begins that it is for, in quarter notes; null for all of its bars
 * @param style how their chords are voiced, or null where as elsewhere
 * @param pattern how they are broken, or null where as elsewhere
 */
public record Stretch(int from, int to, Fraction chord, StyleChoice style, AccompanimentPattern pattern) {

    /** Whole bars. */
    public Stretch(int from, int to, StyleChoice style, AccompanimentPattern pattern) {
        this(from, to, null, style, pattern);
    }

    public Stretch {
        if (from < 0 || to <= from) {
            throw new IllegalArgumentException(
                    "a stretch goes from a bar to a later one, not from bar " + (from + 1) + " to bar " + to);
        }
    }

    boolean covers(ChordEvent event) {
        return chord == null
                ? event.bar() >= from && event.bar() < to
                : event.bar() == from && event.start().equals(chord);
    }
}
