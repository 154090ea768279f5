package com.zestythumb.core.solving;

import java.util.List;

/**
 * What a chord costs at its place in the tune.
 *
 * @param semitones keys moved by all fingers from the chord before
 * @param motion what these cost, which is as many half steps where nothing else is wished
 * @param charges the charges beside; only those above zero
 */
public record Cost(int semitones, int motion, List<Charge> charges) {

    /**
     * One charge.
     *
     * @param id of the cost term, or of the rule that is broken on the way here
     * @param units how much of it there is
     * @param semitones what it costs, in half steps that a finger moves
     */
    public record Charge(String id, int units, int semitones) {}

    public Cost {
        charges = List.copyOf(charges);
    }

    public int total() {
        return motion + charges.stream().mapToInt(Charge::semitones).sum();
    }
}
