package com.zestythumb.core.analysis;

/**
 * A row of chords that has a name.
 *
 * @param name what it is called, {@code "ii–V–I"}
 * @param from its first chord, counted among the sounding chords from 0
 * @param to the chord after its last
 */
public record Progression(String name, int from, int to) {}
