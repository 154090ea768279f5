package com.zestythumb.core.voicing;

import java.util.Map;

/**
 * What a chord costs at its place in the tune.
 *
 * @param semitones keys moved by all fingers from the chord before
 * @param penalties the charges beside, in semitones; only those above zero
 */
public record Cost(int semitones, Map<Penalty, Integer> penalties) {

    public Cost {
        penalties = Map.copyOf(penalties);
    }

    public int total() {
        return semitones
                + penalties.values().stream().mapToInt(Integer::intValue).sum();
    }
}
