package com.zestythumb.core.analysis;

import com.zestythumb.core.pitch.Key;
import java.util.List;

/**
 * A stretch of the tune in one key.
 *
 * @param key the key
 * @param from its first chord, counted among the sounding chords from 0
 * @param to the first chord that is no longer in it
 * @param pivot the chord before it that belongs to the key before as well, or −1
 * @param confidence 0 to 1: how clearly it is this key and no other
 * @param others keys it might be as well, the likeliest first; none where it is plain
 */
public record KeySpan(Key key, int from, int to, int pivot, double confidence, List<Other> others) {

    /**
     * A key in which it might be heard as well.
     *
     * @param odds 0 to 1, those of all keys together 1
     */
    public record Other(Key key, double odds) {}

    public KeySpan {
        others = List.copyOf(others);
    }

    /** How many chords it lasts. */
    public int length() {
        return to - from;
    }
}
