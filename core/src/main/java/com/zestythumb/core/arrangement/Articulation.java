package com.zestythumb.core.arrangement;

import com.zestythumb.core.sheet.Touch;
import com.zestythumb.core.voicing.Named;

/** How long the keys of a pattern are held. */
public enum Articulation {
    AS_THE_FIGURE("As the pattern has it"),
    LEGATO("Joined"),
    DETACHED("A little apart"),
    STACCATO("Short");

    private final String label;

    Articulation(String label) {
        this.label = label;
    }

    /**
     * The one of this name.
     *
     * @throws IllegalArgumentException if there is none
     */
    public static Articulation named(String name) {
        return Named.in(Articulation.class, name, "touch");
    }

    /** As it is offered to the teacher. */
    public String label() {
        return label;
    }

    /** What a touch of a pattern becomes. */
    Touch of(Touch touch) {
        return switch (this) {
            case AS_THE_FIGURE -> touch;
            case LEGATO -> Touch.PLAIN;
            case DETACHED -> Touch.DETACHED;
            case STACCATO -> Touch.SHORT;
        };
    }
}
