package com.zestythumb.core.voiceleading;

/**
 * A chord between the one before it and the one behind.
 *
 * @param before null at the beginning
 * @param after null at the end
 * @param weightBefore how strong the place in the bar is at which each begins: 2 for the first beat, 1 for another strong one, else 0
 */
public record ChordTriple(
        Sonority before,
        Sonority here,
        Sonority after,
        int weightBefore,
        int weight,
        int weightAfter,
        boolean opening) {}
