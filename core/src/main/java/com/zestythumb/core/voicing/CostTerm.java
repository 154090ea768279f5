package com.zestythumb.core.voicing;

/**
 * Something that a voicing is charged for. All charges are in one unit, the half step that a finger moves, so that a
 * weight says how many half steps one unit of the fault is worth.
 *
 * @param id how it is called in data: {@code "mud"}
 * @param name as a teacher reads it
 * @param unit what is counted: {@code "half steps"}
 * @param weight half steps charged for one unit
 * @param count how many units a voicing earns at its place, never fewer than none
 */
public record CostTerm(String id, String name, String unit, int weight, Count count) {

    /** Counts the units of one fault. */
    @FunctionalInterface
    public interface Count {
        int of(Voicing voicing, Place place);
    }

    /** The same with another weight. */
    public CostTerm weighing(int other) {
        return new CostTerm(id, name, unit, other, count);
    }

    public int charge(Voicing voicing, Place place) {
        return weight * count.of(voicing, place);
    }
}
