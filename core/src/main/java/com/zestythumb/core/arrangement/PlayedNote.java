package com.zestythumb.core.arrangement;

import com.zestythumb.core.sheet.Fraction;

/**
 * A note as its key is played.
 *
 * @param note as it is written
 * @param part who plays it
 * @param from when the key goes down, in quarter notes after the bar line
 * @param to when it comes up; of a note that is tied, where the next one begins
 */
public record PlayedNote(TimedNote note, Part part, Fraction from, Fraction to) {

    /** Who plays. */
    public enum Part {
        LEFT,
        /** What the right hand has of the accompaniment. */
        RIGHT,
        TUNE,
        /** What is written beneath the tune on its staff. */
        BENEATH
    }

    public Fraction duration() {
        return to.minus(from);
    }

    PlayedNote during(Fraction begin, Fraction end) {
        return new PlayedNote(note, part, begin, end);
    }

    PlayedNote later(Fraction by) {
        return during(from.plus(by), to.plus(by));
    }
}
