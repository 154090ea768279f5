package com.zestythumb.core.arrangement;

import com.zestythumb.core.voicing.Named;

/** How the sustaining pedal is used; teachers differ (common practice). */
public enum Pedalling {
    NONE("None", "no pedal"),
    /** Changed at every chord, the foot down again just after it: no gap, nothing blurred. */
    JOINED("Joined", "down just after each new chord"),
    /** Down with the first note of a bar, up before the next: a small silence between. */
    SEPARATED("Separated", "down with the bar, up before the next");

    private final String label;
    private final String words;

    Pedalling(String label, String words) {
        this.label = label;
        this.words = words;
    }

    /**
     * The way of this name.
     *
     * @throws IllegalArgumentException if there is none
     */
    public static Pedalling named(String name) {
        return Named.in(Pedalling.class, name, "way to use the pedal");
    }

    /** As it is offered to the teacher. */
    public String label() {
        return label;
    }

    /** What the foot does, in a few words. */
    public String words() {
        return words;
    }
}
