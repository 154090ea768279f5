package com.zestythumb.core.arrangement;

import com.zestythumb.core.voicing.Named;

/** How chords that come again quickly are played; teachers differ (common practice). */
public enum Repeating {
    AS_USUAL("As usual", ""),
    WRIST("Rising wrist", "wrist low at first, rising through each group, then let go"),
    WALK("Walking fingers", "the fingers walk up the keys, the wrist stays"),
    /** Really written so: which some think cheating and others think wise. */
    HANDS("Hands in turn", "the hands take turns");

    private final String label;
    private final String words;

    Repeating(String label, String words) {
        this.label = label;
        this.words = words;
    }

    /**
     * The way of this name.
     *
     * @throws IllegalArgumentException if there is none
     */
    public static Repeating named(String name) {
        return Named.in(Repeating.class, name, "way to repeat chords");
    }

    /** As it is offered to the teacher. */
    public String label() {
        return label;
    }

    /** What stands on the bar; empty for nothing. */
    public String words() {
        return words;
    }
}
