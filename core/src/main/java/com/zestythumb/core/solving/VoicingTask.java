package com.zestythumb.core.solving;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Transitions;
import com.zestythumb.core.sheet.Transitions.Transition;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.ChordContext;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.Voicing;
import com.zestythumb.core.voicing.VoicingStyle.Wishes;
import com.zestythumb.core.voicing.Weights;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * What is to be laid under whose hand, and how.
 *
 * @param chords the sounding chords in their written order
 * @param transitions which of them follow one another when they are played
 * @param styles how each of them is voiced
 * @param mostNotes a chord with more notes loses what its style can spare
 * @param seconds how long the hand has for a transition, from the last key before to the first behind
 * @param weights how much the teacher minds what
 * @param around what goes on around each chord; none where nothing is known of the tune
 * @param forbidden notes that the hand shall not play
 * @param wanted notes wanted at the edges of chords, by index into {@code chords}
 * @param pins voicings the teacher fixed, by index into {@code chords}
 * @param written voicings that somebody wrote, in place of all others, by index into {@code chords}
 * @param alike for each chord the first of those that are voiced alike, itself where it is alone; empty where all are
 */
public record VoicingTask(
        List<Chord> chords,
        Transitions transitions,
        List<StyleChoice> styles,
        Hand hand,
        int mostNotes,
        School school,
        ToDoubleFunction<Transition> seconds,
        Weights weights,
        List<ChordContext> around,
        Set<PitchClass> forbidden,
        Map<Integer, Wanted> wanted,
        Map<Integer, Voicing> pins,
        Map<Integer, Voicing> written,
        List<Integer> alike) {

    private static final int FINGERS = 5;

    public VoicingTask {
        chords = List.copyOf(chords);
        styles = List.copyOf(styles);
        around = List.copyOf(around);
        forbidden = Set.copyOf(forbidden);
        wanted = Map.copyOf(wanted);
        pins = Map.copyOf(pins);
        written = Map.copyOf(written);
        alike = List.copyOf(alike);
    }

    /**
     * Chords that are played once in their order, with all the time there is, where parallels and shapes to learn are no
     * matter.
     */
    public static VoicingTask of(List<Chord> chords, StyleChoice style, Hand hand) {
        return new VoicingTask(
                chords,
                Transitions.inOrder(chords.size()),
                Collections.nCopies(chords.size(), style),
                hand,
                FINGERS,
                School.POPULAR,
                transition -> Double.MAX_VALUE,
                Weights.PLAIN,
                List.of(),
                Set.of(),
                Map.of(),
                Map.of(),
                Map.of(),
                List.of());
    }

    StyleChoice style(int chord) {
        return styles.get(chord);
    }

    /** The chords that the hand cannot play as their style means them; not those the teacher fixed. */
    public Set<Integer> notReached() {
        Map<ChordInStyle, Boolean> known = new HashMap<>();
        return IntStream.range(0, chords.size())
                .filter(i -> !pins.containsKey(i) && !written.containsKey(i))
                .filter(i -> !known.computeIfAbsent(new ChordInStyle(chords.get(i), styles.get(i)), this::isReached))
                .boxed()
                .collect(Collectors.toUnmodifiableSet());
    }

    private boolean isReached(ChordInStyle voiced) {
        return voiced.style()
                .style()
                .reaches(
                        voiced.chord(),
                        new Wishes(
                                hand,
                                mostNotes,
                                voiced.style().settings(),
                                voiced.style().strokes()));
    }

    /** Whether a chord so voiced has at its edges what is wanted there. */
    public boolean keeps(int chord, Voicing voicing) {
        Wanted here = wanted.get(chord);
        return here == null || here.allows(voicing);
    }

    /** A chord in a style: the same two are voiced in the same ways. */
    record ChordInStyle(Chord chord, StyleChoice style) {}

    /** What goes on around a chord. */
    public ChordContext around(int chord) {
        return around.isEmpty() ? ChordContext.NOTHING : around.get(chord);
    }

    public VoicingTask with(Transitions others) {
        return change(draft -> draft.transitions = others);
    }

    public VoicingTask with(School other) {
        return change(draft -> draft.school = other);
    }

    public VoicingTask with(Weights others) {
        return change(draft -> draft.weights = others);
    }

    public VoicingTask withStyles(List<StyleChoice> others) {
        return change(draft -> draft.styles = others);
    }

    public VoicingTask withAround(List<ChordContext> others) {
        return change(draft -> draft.around = others);
    }

    public VoicingTask without(Set<PitchClass> notes) {
        return change(draft -> draft.forbidden = notes);
    }

    public VoicingTask withMostNotes(int most) {
        return change(draft -> draft.mostNotes = most);
    }

    public VoicingTask wanting(Map<Integer, Wanted> others) {
        return change(draft -> draft.wanted = others);
    }

    public VoicingTask withPins(Map<Integer, Voicing> others) {
        return change(draft -> draft.pins = others);
    }

    private VoicingTask change(Consumer<Draft> change) {
        Draft draft = new Draft(this);
        change.accept(draft);
        return draft.task();
    }

    /** A task of which one thing is about to change. */
    private final class Draft {

        private Transitions transitions;
        private List<StyleChoice> styles;
        private int mostNotes;
        private School school;
        private Weights weights;
        private List<ChordContext> around;
        private Set<PitchClass> forbidden;
        private Map<Integer, Wanted> wanted;
        private Map<Integer, Voicing> pins;

        Draft(VoicingTask task) {
            transitions = task.transitions;
            styles = task.styles;
            mostNotes = task.mostNotes;
            school = task.school;
            weights = task.weights;
            around = task.around;
            forbidden = task.forbidden;
            wanted = task.wanted;
            pins = task.pins;
        }

        VoicingTask task() {
            return new VoicingTask(
                    chords,
                    transitions,
                    styles,
                    hand,
                    mostNotes,
                    school,
                    seconds,
                    weights,
                    around,
                    forbidden,
                    wanted,
                    pins,
                    written,
                    alike);
        }
    }
}
