package com.zestythumb.core.exercise;

/** What a student is to find at each chord. */
public enum Asked {
    CHORDS("The left hand's chords"),
    BASS("The bass alone");

    private final String label;

    Asked(String label) {
        this.label = label;
    }

    /** As it is offered to the teacher. */
    public String label() {
        return label;
    }
}
