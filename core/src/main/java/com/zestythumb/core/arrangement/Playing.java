package com.zestythumb.core.arrangement;

import java.util.Objects;

/**
 * How the notes are played, once they are chosen.
 *
 * @param pedal how the pedal is used
 * @param touch how long keys are held
 * @param repeating how chords are played that come again quickly
 * @param fingering by what fingers are found
 * @param tuneFingers whether the fingers of the right hand are told over the tune
 */
public record Playing(
        Pedalling pedal, Articulation touch, Repeating repeating, FingeringWay fingering, boolean tuneFingers) {

    /** No pedal, everything as the figure has it. */
    public static final Playing PLAIN =
            new Playing(Pedalling.NONE, Articulation.AS_THE_FIGURE, Repeating.AS_USUAL, FingeringWay.BOOK, false);

    public Playing {
        Objects.requireNonNull(pedal, "pedal");
        Objects.requireNonNull(touch, "touch");
        Objects.requireNonNull(repeating, "repeating");
        Objects.requireNonNull(fingering, "fingering");
    }

    public Playing with(Pedalling other) {
        return new Playing(other, touch, repeating, fingering, tuneFingers);
    }

    public Playing with(Articulation other) {
        return new Playing(pedal, other, repeating, fingering, tuneFingers);
    }

    public Playing with(Repeating other) {
        return new Playing(pedal, touch, other, fingering, tuneFingers);
    }

    public Playing with(FingeringWay other) {
        return new Playing(pedal, touch, repeating, other, tuneFingers);
    }

    public Playing withTuneFingers(boolean told) {
        return new Playing(pedal, touch, repeating, fingering, told);
    }
}
