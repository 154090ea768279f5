package com.zestythumb.core.solving;

import com.zestythumb.core.voicing.Weights;
import java.util.List;
import java.util.stream.Stream;

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

    static final Cost NONE = new Cost(0, 0, List.of());

    public Cost {
        charges = List.copyOf(charges);
    }

    /** What is charged for shapes to learn. */
    List<Charge> shapes() {
        return charges.stream()
                .filter(charge -> charge.id().equals(Weights.SHAPES))
                .toList();
    }

    Cost with(List<Charge> more) {
        return new Cost(
                semitones,
                motion,
                Stream.concat(charges.stream(), more.stream()).toList());
    }

    public int total() {
        return motion + charges.stream().mapToInt(Charge::semitones).sum();
    }
}
