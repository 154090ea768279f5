package com.zestythumb.core.arrangement;

import com.zestythumb.core.voicing.Named;

/** What the last bar does. */
public enum Ending {
    REST("Comes to rest"),
    PATTERN("Keeps its pattern");

    private final String label;

    Ending(String label) {
        this.label = label;
    }

    /**
     * The one of this name.
     *
     * @throws IllegalArgumentException if there is none
     */
    public static Ending named(String name) {
        return Named.in(Ending.class, name, "ending");
    }

    /** As it is offered to the teacher. */
    public String label() {
        return label;
    }
}
