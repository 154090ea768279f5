package com.zestythumb.core.arrangement;

import java.util.Objects;

/**
 * How the notes are played, once they are chosen.
 *
 * @param pedal how the pedal is used
 * @param touch how long keys are held
 * @param repeating how chords are played that come again quickly
 */
public record Playing(Pedalling pedal, Articulation touch, Repeating repeating) {

    /** No pedal, everything as the figure has it. */
    public static final Playing PLAIN = new Playing(Pedalling.NONE, Articulation.AS_THE_FIGURE, Repeating.AS_USUAL);

    public Playing {
        Objects.requireNonNull(pedal, "pedal");
        Objects.requireNonNull(touch, "touch");
        Objects.requireNonNull(repeating, "repeating");
    }

    public Playing with(Pedalling other) {
        return new Playing(other, touch, repeating);
    }

    public Playing with(Articulation other) {
        return new Playing(pedal, other, repeating);
    }

    public Playing with(Repeating other) {
        return new Playing(pedal, touch, other);
    }
}
