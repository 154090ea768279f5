package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.CostTerm;
import java.util.Map;

/**
 * One thing a teacher looks for. A rule finds and measures; a {@link School} says how much it weighs and where its
 * limits lie; the words are made elsewhere. A new rule is a new class, a line in the schools and its sentence.
 */
public sealed interface Rule
        permits Rule.OfHold,
                Rule.OfShift,
                Rule.OfPassage,
                Rule.OfTurn,
                Rule.OfLine,
                Rule.OfMeeting,
                Rule.OfRun,
                Rule.OfWritten,
                Rule.OfRhythm {

    /** How it is called in data: {@code "parallels"}. */
    String id();

    /**
     * What the solver charges a candidate for at its place so that it is seldom found afterwards, in this rule's units, for
     * the school to weigh; null where only a finished hand tells.
     */
    default CostTerm charge() {
        return null;
    }

    /** Looks at what a hand holds at one time. */
    non-sealed interface OfHold extends Rule {

        /** Looks at keys that are down together; {@code limits} holds the school's parameters by their names. */
        void check(Hold hold, Map<String, Double> limits, Sink sink);
    }

    /** Looks at the way of the left hand from one grip to the next. */
    non-sealed interface OfShift extends Rule {

        void check(Shift shift, Map<String, Double> limits, Sink sink);
    }

    /** Looks at the way of the voices from one chord to the next. */
    non-sealed interface OfPassage extends Rule {

        void check(Passage passage, Map<String, Double> limits, Sink sink);
    }

    /** Looks at a chord between its neighbours. */
    non-sealed interface OfTurn extends Rule {

        void check(Turn turn, Map<String, Double> limits, Sink sink);
    }

    /** Looks at one part of a page that is written in parts. */
    non-sealed interface OfLine extends Rule {

        void check(Line line, Map<String, Double> limits, Sink sink);
    }

    /** Looks at two notes that sound together, one of the accompaniment and one of the tune. */
    non-sealed interface OfMeeting extends Rule {

        void check(Meeting meeting, Map<String, Double> limits, Sink sink);
    }

    /** Looks at chords struck one after another by one hand. */
    non-sealed interface OfRun extends Rule {

        void check(Run run, Map<String, Double> limits, Sink sink);
    }

    /** Looks at what somebody wrote against the symbol above it. */
    non-sealed interface OfWritten extends Rule {

        void check(Written written, Map<String, Double> limits, Sink sink);
    }

    /** Looks at the rhythm of a hand that somebody wrote. */
    non-sealed interface OfRhythm extends Rule {

        void check(Rhythm rhythm, Map<String, Double> limits, Sink sink);
    }

    /** Whether it looks at the way from one chord to the next, for which the solver can charge. */
    default boolean isOnTheWay() {
        return this instanceof OfPassage || this instanceof OfShift;
    }

    /** Takes what is found. */
    @FunctionalInterface
    interface Sink {
        void found(Fault fault);
    }
}
