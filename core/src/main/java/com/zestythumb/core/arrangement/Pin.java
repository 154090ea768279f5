package com.zestythumb.core.arrangement;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voicing.Voicing;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A voicing the teacher fixed.
 *
 * @param id its own name, by which it is known wherever it moves; may be empty
 * @param bar index of the written bar, from 0
 * @param start quarter notes after the bar line
 * @param notes the pitches, lowest first
 */
public record Pin(String id, int bar, Fraction start, List<Pitch> notes) {

    /** Two grips of five. */
    private static final int MOST = 10;

    private static final int FINGERS = 5;

    public Pin(int bar, Fraction start, List<Pitch> notes) {
        this("", bar, start, notes);
    }

    public Pin {
        notes = notes.stream().sorted(Comparator.naturalOrder()).toList();
        if (notes.isEmpty() || notes.size() > MOST) {
            throw new IllegalArgumentException("a pinned chord has one to ten notes");
        }
    }

    /** Whether a chord stands at its place. */
    boolean stands(ChordEvent event) {
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
                .allMatch(note -> event.chord().tones().contains(note.pitchClass())
                        || event.chord().bass().equals(note.pitchClass()));
        return fits ? Optional.of(Voicing.inOneGrip(event.chord(), notes)) : Optional.empty();
    }
}
