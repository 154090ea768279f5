package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Notes that lie under the hand at one time, struck together or one after another.
 *
 * @param tones lowest first, one or more; two parts of four may share a key
 */
public record Grip(List<Tone> tones) {

    public Grip {
        tones = List.copyOf(tones);
        if (tones.isEmpty()) {
            throw new IllegalArgumentException("a grip has at least one note");
        }
        for (int i = 1; i < tones.size(); i++) {
            Pitch below = tones.get(i - 1).pitch();
            Pitch above = tones.get(i).pitch();
            if (above.midi() < below.midi()) {
                throw new IllegalArgumentException("the notes of a grip rise: " + below + " lies above " + above);
            }
        }
    }

    /** Pitches as members of a chord, lowest first. */
    public static Grip of(Chord chord, List<Pitch> pitches) {
        return new Grip(pitches.stream()
                .map(pitch -> new Tone(pitch, ChordTone.of(chord, pitch.pitchClass())))
                .toList());
    }

    public List<Pitch> pitches() {
        return tones.stream().map(Tone::pitch).toList();
    }

    public Pitch lowest() {
        return tones.get(0).pitch();
    }

    public Pitch highest() {
        return tones.get(tones.size() - 1).pitch();
    }

    /** Semitones from the lowest note to the highest: what the hand must span. */
    public int width() {
        return highest().midi() - lowest().midi();
    }

    /** The key halfway between the lowest note and the highest, as a MIDI key number. */
    public int middle() {
        return (lowest().midi() + highest().midi()) / 2;
    }

    /** MIDI key numbers, lowest first. */
    public int[] midiKeys() {
        int[] keys = new int[tones.size()];
        for (int i = 0; i < keys.length; i++) {
            keys[i] = tones.get(i).pitch().midi();
        }
        return keys;
    }

    /** The notes in one line: {@code "C3 E3 G3"}. */
    @Override
    public String toString() {
        return tones.stream().map(tone -> tone.pitch().toString()).collect(Collectors.joining(" "));
    }
}
