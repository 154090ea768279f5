package com.zestythumb.core.solving;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.sheet.Transitions;
import com.zestythumb.core.sheet.Transitions.Transition;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.Voicing;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;

/**
 * What is to be laid under whose hand, and how.
 *
 * @param chords the sounding chords in their written order
 * @param transitions which of them follow one another when they are played
 * @param mostNotes a chord with more notes loses what its style can spare
 * @param seconds how long the hand has for a transition, from the last key before to the first behind
 * @param pins voicings the teacher fixed, by index into {@code chords}
 */
public record VoicingTask(
        List<Chord> chords,
        Transitions transitions,
        StyleChoice style,
        Hand hand,
        int mostNotes,
        School school,
        ToDoubleFunction<Transition> seconds,
        Map<Integer, Voicing> pins) {

    private static final int FINGERS = 5;

    public VoicingTask {
        chords = List.copyOf(chords);
        pins = Map.copyOf(pins);
    }

    /** Chords that are played once in their order, with all the time there is, where parallels are no matter. */
    public static VoicingTask of(List<Chord> chords, StyleChoice style, Hand hand) {
        return new VoicingTask(
                chords,
                Transitions.inOrder(chords.size()),
                style,
                hand,
                FINGERS,
                School.POPULAR,
                transition -> Double.MAX_VALUE,
                Map.of());
    }

    public VoicingTask with(Transitions others) {
        return new VoicingTask(chords, others, style, hand, mostNotes, school, seconds, pins);
    }

    public VoicingTask with(School other) {
        return new VoicingTask(chords, transitions, style, hand, mostNotes, other, seconds, pins);
    }

    public VoicingTask withMostNotes(int most) {
        return new VoicingTask(chords, transitions, style, hand, most, school, seconds, pins);
    }

    public VoicingTask withPins(Map<Integer, Voicing> others) {
        return new VoicingTask(chords, transitions, style, hand, mostNotes, school, seconds, others);
    }
}
