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
 * @param ending what the last bar does
 */
public record Playing(
        Pedalling pedal,
        Articulation touch,
        Repeating repeating,
        FingeringWay fingering,
        boolean tuneFingers,
        Ending ending) {

    /** No pedal, everything as the pattern has it. */
    public static final Playing PLAIN = new Playing(
            Pedalling.NONE, Articulation.AS_THE_FIGURE, Repeating.AS_USUAL, FingeringWay.BOOK, false, Ending.REST);

    public Playing {
        Objects.requireNonNull(pedal, "pedal");
        Objects.requireNonNull(touch, "touch");
        Objects.requireNonNull(repeating, "repeating");
        Objects.requireNonNull(fingering, "fingering");
        Objects.requireNonNull(ending, "ending");
    }

    public Playing with(Pedalling other) {
        return new Playing(other, touch, repeating, fingering, tuneFingers, ending);
    }

    public Playing with(Articulation other) {
        return new Playing(pedal, other, repeating, fingering, tuneFingers, ending);
    }

    public Playing with(Repeating other) {
        return new Playing(pedal, touch, other, fingering, tuneFingers, ending);
    }

    public Playing with(FingeringWay other) {
        return new Playing(pedal, touch, repeating, other, tuneFingers, ending);
    }

    public Playing withTuneFingers(boolean told) {
        return new Playing(pedal, touch, repeating, fingering, told, ending);
    }

    public Playing with(Ending other) {
        return new Playing(pedal, touch, repeating, fingering, tuneFingers, other);
    }
}
