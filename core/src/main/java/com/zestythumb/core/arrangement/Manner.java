package com.zestythumb.core.arrangement;

/** How one note of a fixed chord is played, where it is not as the others. */
public enum Manner {
    /** The right hand takes it; only the highest notes of a chord can be so. */
    RIGHT_HAND("in the right hand"),
    /** Softer than the notes around it. */
    SOFT("softly"),
    /** Over the notes around it, with a strong finger. */
    BROUGHT_OUT("brought out"),
    /** A count after the chord. */
    LATE("a count later");

    private final String label;

    Manner(String label) {
        this.label = label;
    }

    /** As it is offered to the teacher. */
    public String label() {
        return label;
    }
}
