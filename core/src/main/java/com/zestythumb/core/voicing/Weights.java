package com.zestythumb.core.voicing;

import java.util.HashMap;
import java.util.Map;

/**
 * How much the teacher minds what: her own weights, by the ids of terms. A term that she did not turn weighs what is usual.
 */
public record Weights(Map<String, Integer> own) {

    /** A chord voiced in a shape of its own, beside the first: a shape more to learn. */
    public static final String SHAPES = "shapes";

    public static final int USUAL_SHAPES = 2;
    /** In styles on the root. */
    public static final int SHAPES_ON_ROOT = 12;

    private static final int MOST = 100;

    /** As usual, shapes not counted. */
    public static final Weights PLAIN = new Weights(Map.of(SHAPES, 0));

    /** What is usual for a lesson. */
    public static final Weights USUAL = new Weights(Map.of());

    public Weights {
        own = Map.copyOf(own);
        own.forEach((id, weight) -> {
            if (weight < 0 || weight > MOST) {
                throw new IllegalArgumentException(
                        "a weight is 0 to " + MOST + ", not " + weight + " as for \"" + id + "\"");
            }
        });
    }

    public int of(CostTerm term) {
        return own.getOrDefault(term.id(), term.weight());
    }

    public int of(TransitionTerm term) {
        return own.getOrDefault(term.id(), term.weight());
    }

    /** The weight of a rule of voice leading, which the school says where the teacher does not. */
    public int ofRule(String id, int usual) {
        return own.getOrDefault(id, usual);
    }

    public int ofShapes() {
        return own.getOrDefault(SHAPES, USUAL_SHAPES);
    }

    /** The same with another weight. */
    public Weights with(String id, int weight) {
        Map<String, Integer> other = new HashMap<>(own);
        other.put(id, weight);
        return new Weights(other);
    }
}
