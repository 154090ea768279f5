package com.zestythumb.core.arrangement;

import java.util.Objects;

/**
 * How the notes are played, once they are chosen.
 *
 * @param pedal how the pedal is used
 * @param touch how long keys are held
 * @param repeating how chords are played that come again quickly
 * @param fingering by what fingers are found
 */
public record Playing(Pedalling pedal, Articulation touch, Repeating repeating, FingeringWay fingering) {

    /** No pedal, everything as the figure has it. */
    public static final Playing PLAIN =
            new Playing(Pedalling.NONE, Articulation.AS_THE_FIGURE, Repeating.AS_USUAL, FingeringWay.BOOK);

    public Playing {
        Objects.requireNonNull(pedal, "pedal");
        Objects.requireNonNull(touch, "touch");
        Objects.requireNonNull(repeating, "repeating");
        Objects.requireNonNull(fingering, "fingering");
    }

    public Playing with(Pedalling other) {
        return new Playing(other, touch, repeating, fingering);
    }

    public Playing with(Articulation other) {
        return new Playing(pedal, other, repeating, fingering);
    }

    public Playing with(Repeating other) {
        return new Playing(pedal, touch, other, fingering);
    }

    public Playing with(FingeringWay other) {
        return new Playing(pedal, touch, repeating, other);
    }
}
