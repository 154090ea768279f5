package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Voicing;
import java.util.List;
import java.util.Map;

/**
 * One thing a teacher looks for. A rule finds and measures; a {@link School} says how much it weighs and where its
 * limits lie; the words are made elsewhere. A new rule is a new class, a line in the schools and its sentence.
 */
public sealed interface Rule permits Rule.OfGrip, Rule.OfPassage, Rule.OfLine, Rule.OfMeeting, Rule.OfRun {

    /** How it is called in data: {@code "parallels"}. */
    String id();

    /** Looks at what lies under the hand at one chord. */
    non-sealed interface OfGrip extends Rule {

        /** Looks at a voicing; {@code limits} holds the school's parameters by their names. */
        void check(Voicing voicing, Hand hand, Map<String, Double> limits, Sink sink);
    }

    /** Looks at the way of the hand from one grip to the next. */
    non-sealed interface OfPassage extends Rule {

        void check(Passage passage, Map<String, Double> limits, Sink sink);
    }

    /** Looks at the whole tune, as it is written. */
    non-sealed interface OfLine extends Rule {

        /** Looks at all voicings; what it finds is said to be at a chord by its index. */
        void check(List<Voicing> line, Map<String, Double> limits, LineSink sink);
    }

    /** Looks at two notes that sound together, one of the accompaniment and one of the tune. */
    non-sealed interface OfMeeting extends Rule {

        void check(Meeting meeting, Map<String, Double> limits, Sink sink);
    }

    /** Looks at chords struck one after another by one hand. */
    non-sealed interface OfRun extends Rule {

        void check(Run run, Map<String, Double> limits, Sink sink);
    }

    /** Takes what is found. */
    @FunctionalInterface
    interface Sink {
        void found(Fault fault);
    }

    /** Takes what is found somewhere in a tune. */
    @FunctionalInterface
    interface LineSink {
        void found(int chord, Fault fault);
    }
}
