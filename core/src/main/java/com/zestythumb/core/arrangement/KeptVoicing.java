package com.zestythumb.core.arrangement;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voicing.Voicing;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * A voicing the teacher fixed.
 *
 * @param id its own name, by which it is known wherever it moves; may be empty
 * @param bar index of the written bar, from 0
 * @param start quarter notes after the bar line
 * @param notes the pitches, lowest first
 * @param manners how some of them are played
 * @param fingers fingers that are given, 1 to 5; the others are found around them
 * @param scope where else it is kept
 */
public record KeptVoicing(
        String id,
        int bar,
        Fraction start,
        List<Pitch> notes,
        Map<Pitch, Manner> manners,
        Map<Pitch, Integer> fingers,
        Scope scope) {

    /** Where a voicing is kept beside its own place; a pin at another place goes before. */
    public enum Scope {
        HERE("Here"),
        CHORD("Wherever this chord comes"),
        LINES("In all like lines");

        private final String label;

        Scope(String label) {
            this.label = label;
        }

        /** As it is offered to the teacher. */
        public String label() {
            return label;
        }
    }

    /** Two grips of five. */
    private static final int MOST = 10;

    private static final int FINGERS = 5;

    public KeptVoicing(int bar, Fraction start, List<Pitch> notes) {
        this("", bar, start, notes, Map.of(), Map.of(), Scope.HERE);
    }

    /** The same with one note played so. */
    public KeptVoicing with(Pitch note, Manner manner) {
        Map<Pitch, Manner> more = new HashMap<>(manners);
        more.put(note, manner);
        return new KeptVoicing(id, bar, start, notes, more, fingers, scope);
    }

    /** The same with a finger on one note. */
    public KeptVoicing with(Pitch note, int finger) {
        Map<Pitch, Integer> more = new HashMap<>(fingers);
        more.put(note, finger);
        return new KeptVoicing(id, bar, start, notes, manners, more, scope);
    }

    /** The same kept there. */
    public KeptVoicing with(Scope other) {
        return new KeptVoicing(id, bar, start, notes, manners, fingers, other);
    }

    /** The same with its notes elsewhere, each as it was played. */
    public KeptVoicing moved(UnaryOperator<Pitch> move) {
        return new KeptVoicing(
                id, bar, start, notes.stream().map(move).toList(), moved(manners, move), moved(fingers, move), scope);
    }

    private static <T> Map<Pitch, T> moved(Map<Pitch, T> told, UnaryOperator<Pitch> move) {
        return told.entrySet().stream().collect(Collectors.toMap(one -> move.apply(one.getKey()), Map.Entry::getValue));
    }

    public KeptVoicing {
        Objects.requireNonNull(scope, "scope");
        notes = notes.stream().sorted(Comparator.naturalOrder()).toList();
        if (notes.isEmpty() || notes.size() > MOST) {
            throw new IllegalArgumentException("a pinned chord has one to ten notes");
        }
        manners = Map.copyOf(manners);
        fingers = Map.copyOf(fingers);
        for (int finger : fingers.values()) {
            if (finger < 1 || finger > FINGERS) {
                throw new IllegalArgumentException("a finger is 1 (thumb) to 5, not " + finger);
            }
        }
        int right = inRightHand(notes, manners);
        Set<Pitch> lower = Set.copyOf(notes.subList(0, notes.size() - right));
        boolean low = manners.entrySet().stream()
                .anyMatch(one -> one.getValue() == Manner.RIGHT_HAND && lower.contains(one.getKey()));
        if (right == notes.size() || low) {
            throw new IllegalArgumentException(
                    "the right hand takes the highest notes of a chord, and not all of them");
        }
    }

    private static int inRightHand(List<Pitch> notes, Map<Pitch, Manner> manners) {
        return (int) notes.stream()
                .filter(note -> manners.get(note) == Manner.RIGHT_HAND)
                .count();
    }

    /** A voicing of its notes, as the two hands share them. */
    Voicing shared(Voicing voicing) {
        int right = inRightHand(notes, manners);
        // Where the style has shared them already, they are.
        boolean isShared = !voicing.right().isEmpty();
        return right == 0 || isShared || right >= voicing.last().tones().size() ? voicing : voicing.sharing(right);
    }

    /** Whether a chord stands at its place. */
    public boolean stands(ChordEvent event) {
        return event.bar() == bar && event.start().equals(start) && !event.isSilent();
    }

    /**
     * The voicing this pin asks for, if a chord still stands at its place and has all its notes; a pin
     * whose chord was changed in the text no longer holds.
     */
    Optional<Voicing> voicingFor(ChordEvent event) {
        if (!stands(event) || notes.size() > FINGERS) {
            return Optional.empty();
        }
        boolean fits = notes.stream()
                .allMatch(note -> event.chord().tones().stream().anyMatch(note.pitchClass()::soundsLike)
                        || event.chord().bass().soundsLike(note.pitchClass()));
        return fits ? Optional.of(Voicing.inOneGrip(event.chord(), notes)) : Optional.empty();
    }
}
