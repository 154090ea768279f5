package com.zestythumb.core.arrangement;

import com.zestythumb.core.voicing.Named;

/** By what fingers are found; a teacher often accepts both (common practice). */
public enum FingeringWay {
    BOOK("By the book"),
    /** What this hand reaches with ease, and common notes kept in the same finger above all. */
    HAND("For this hand");

    private final String label;

    FingeringWay(String label) {
        this.label = label;
    }

    /**
     * The way of this name.
     *
     * @throws IllegalArgumentException if there is none
     */
    public static FingeringWay named(String name) {
        return Named.in(FingeringWay.class, name, "way to find fingers");
    }

    /** As it is offered to the teacher. */
    public String label() {
        return label;
    }
}
