package com.zestythumb.core.analysis;

import com.zestythumb.core.pitch.Key;

/**
 * A stretch of the tune in one key.
 *
 * @param key the key
 * @param from its first chord, counted among the sounding chords from 0
 * @param to the first chord that is no longer in it
 * @param pivot the chord before it that belongs to the key before as well, or −1
 * @param confidence 0 to 1: how clearly it is this key and no other
 */
public record KeySpan(Key key, int from, int to, int pivot, double confidence) {}
