package com.zestythumb.core.arrangement;

import com.zestythumb.core.figure.Figure;
import com.zestythumb.core.voicing.StyleChoice;

/**
 * Bars that are played in another way than the rest of the tune.
 *
 * @param from index of the first written bar, from 0
 * @param to index of the bar behind the last
 * @param style how their chords are laid, or null where as elsewhere
 * @param figure how they are broken, or null where as elsewhere
 */
public record Stretch(int from, int to, StyleChoice style, Figure figure) {

    public Stretch {
        if (from < 0 || to <= from) {
            throw new IllegalArgumentException(
                    "a stretch goes from a bar to a later one, not from bar " + (from + 1) + " to bar " + to);
        }
    }

    boolean covers(int bar) {
        return bar >= from && bar < to;
    }
}
