package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import java.util.List;
import java.util.Map;

/** A way of laying chords under the hand. A new style is a new class and a line in {@link VoicingStyles}. */
public interface VoicingStyle {

    /**
     * What a style is called.
     *
     * @param name as it is offered to the teacher
     * @param words what it lays, in a few words behind its name
     * @param level from 1, for a beginner, to 5
     */
    record Label(String id, String name, String words, int level) {}

    /**
     * Something of a style that can be set.
     *
     * @param id how it is called in data
     * @param values what can be chosen, the usual one first
     */
    record Setting(String id, String name, List<Value> values) {}

    /** One value of a setting. */
    record Value(String id, String name) {}

    /**
     * For whom chords are voiced.
     *
     * @param mostNotes a chord with more notes loses what its style can spare
     * @param settings a value for each {@link Setting} by their ids; one that is missing is the usual one
     * @param strokes how the pattern strikes the chord
     */
    record Wishes(Hand hand, int mostNotes, Map<String, String> settings, AttackMode strokes) {

        /** For chords struck at once. */
        public Wishes(Hand hand, int mostNotes, Map<String, String> settings) {
            this(hand, mostNotes, settings, AttackMode.TOGETHER);
        }

        /** Whether the hand plays it. */
        boolean allow(Voicing voicing) {
            return strokes.beyond(hand, voicing) == 0;
        }
    }

    Label label();

    default String id() {
        return label().id();
    }

    default String name() {
        return label().name();
    }

    default String words() {
        return label().words();
    }

    default int level() {
        return label().level();
    }

    default List<Setting> settings() {
        return List.of();
    }

    /**
     * Settings as they are for a whole tune, where they depend on its chords.
     *
     * @param settings those that the teacher chose
     */
    default Map<String, String> settled(Map<String, String> settings, List<Chord> chords, Hand hand) {
        return settings;
    }

    /** Whether somebody else has the tune, so that no hand meets it. */
    default boolean leavesTune() {
        return false;
    }

    /** Whether it holds notes that a pattern goes through, so that a chord that is held is not voiced in it. */
    default boolean isOnTheWay() {
        return false;
    }

    /** Whether a chord that comes again keeps its octave, as in styles that stand on the root (common practice). */
    default boolean keepsPlace() {
        return false;
    }

    /**
     * All ways to lay a chord in this style; those beyond the hand or its range may be among them, and are left out by
     * {@link PlayabilityFilter}.
     */
    List<Voicing> candidates(Chord chord, Wishes wishes);

    /** What its voicings are charged for, beside the way of the fingers. */
    List<CostTerm> terms();

    /** What its ways from chord to chord are charged for, beside the half steps that the fingers move. */
    default List<TransitionTerm> ways() {
        return List.of();
    }

    /** Whether a chord has what the style is about: guide tones are no matter of triads. */
    default boolean isFor(Chord chord) {
        return true;
    }

    /** The span, in half steps, that a hand needs for a triad or seventh as the style means it; 0 where any hand will do. */
    default int needs() {
        Chord triad = Chord.parse("C");
        Chord chord = isFor(triad) ? triad : Chord.parse("C7");
        int needed = Hand.SMALLEST_SPAN;
        while (needed < Hand.LARGEST_SPAN && !reaches(chord, new Wishes(Hand.ofSpan(needed), Hand.FINGERS, Map.of()))) {
            needed++;
        }
        return needed == Hand.SMALLEST_SPAN ? 0 : needed;
    }

    /** Whether this hand can play a chord as the style means it; else the chord is voiced with fewer or nearer notes. */
    default boolean reaches(Chord chord, Wishes wishes) {
        return true;
    }
}
