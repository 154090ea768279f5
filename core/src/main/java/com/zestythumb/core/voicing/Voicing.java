package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;

/**
 * A chord laid out on the keyboard.
 *
 * @param chord what it sounds as
 * @param notes its pitches, lowest first, each higher than the one before
 */
public record Voicing(Chord chord, List<Pitch> notes) {

    public Voicing {
        Objects.requireNonNull(chord, "chord");
        notes = List.copyOf(notes);
        if (notes.isEmpty()) {
            throw new IllegalArgumentException("a voicing has at least one note");
        }
        for (int i = 1; i < notes.size(); i++) {
            if (notes.get(i).midi() <= notes.get(i - 1).midi()) {
                throw new IllegalArgumentException(
                        "the notes of a voicing rise: " + notes.get(i - 1) + " is not below " + notes.get(i));
            }
        }
    }

    public Pitch lowest() {
        return notes.get(0);
    }

    public Pitch highest() {
        return notes.get(notes.size() - 1);
    }

    /** Semitones from the lowest note to the highest: what the hand must span. */
    public int width() {
        return highest().midi() - lowest().midi();
    }

    /** The key halfway between the lowest note and the highest, as a MIDI key number. */
    public int middle() {
        return (lowest().midi() + highest().midi()) / 2;
    }

    /** The chord member in the bass: 0 root, 1 third, 2 fifth, 3 seventh; −1 for a foreign bass. */
    public int inversion() {
        return chord.tones().indexOf(lowest().pitchClass());
    }

    /** Whether the chord has a fifth that is left out here. */
    public boolean isWithoutFifth() {
        Interval fifth = chord.quality().numbered(5);
        if (fifth == null) {
            return false;
        }
        PitchClass name = chord.root().plus(fifth);
        for (Pitch note : notes) {
            if (note.pitchClass().equals(name)) {
                return false;
            }
        }
        return true;
    }

    /** MIDI key numbers, lowest first. */
    public int[] keys() {
        int[] keys = new int[notes.size()];
        for (int i = 0; i < keys.length; i++) {
            keys[i] = notes.get(i).midi();
        }
        return keys;
    }

    /** The notes in one line: {@code "C3 E3 G3"}. */
    @Override
    public String toString() {
        return notes.stream().map(Pitch::toString).collect(Collectors.joining(" "));
    }
}
