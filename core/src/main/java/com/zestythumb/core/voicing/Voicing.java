package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A chord laid out on the keyboard.
 *
 * @param chord what it sounds as
 * @param soundingBass the bass of the harmony, which numerals and inversions go by: the lowest note, or in a voicing
 *     without it the note that another player, or the ear, puts below
 * @param grips what the hand holds, one after another; most voicings are one, and a chord over which the hand rests
 *     has none
 * @param right what the right hand holds above it meanwhile, one grip; most voicings leave that hand to the tune
 */
public record Voicing(Chord chord, PitchClass soundingBass, List<Grip> grips, List<Grip> right) {

    public Voicing {
        Objects.requireNonNull(chord, "chord");
        Objects.requireNonNull(soundingBass, "soundingBass");
        grips = List.copyOf(grips);
        right = List.copyOf(right);
        if (right.size() > 1 || grips.isEmpty() && !right.isEmpty()) {
            throw new IllegalArgumentException("the right hand holds one grip, above the left");
        }
    }

    /** A voicing that leaves the right hand to the tune. */
    public Voicing(Chord chord, PitchClass soundingBass, List<Grip> grips) {
        this(chord, soundingBass, grips, List.of());
    }

    /** The same with its highest notes in the right hand: so many, fewer than its last grip has. */
    public Voicing sharing(int notes) {
        List<Tone> tones = last().tones();
        int left = tones.size() - notes;
        if (notes < 1 || left < 1 || !right.isEmpty()) {
            throw new IllegalArgumentException("the left hand keeps a note, and the right takes one or more");
        }
        List<Grip> lower = new ArrayList<>(grips.subList(0, grips.size() - 1));
        lower.add(new Grip(tones.subList(0, left)));
        return new Voicing(chord, soundingBass, lower, List.of(new Grip(tones.subList(left, tones.size()))));
    }

    /** The same keys by other names. */
    public Voicing named(UnaryOperator<Pitch> name) {
        return new Voicing(chord, soundingBass, named(grips, name), named(right, name));
    }

    private static List<Grip> named(List<Grip> grips, UnaryOperator<Pitch> name) {
        return grips.stream()
                .map(grip -> new Grip(grip.tones().stream()
                        .map(tone -> new Tone(name.apply(tone.pitch()), tone.member()))
                        .toList()))
                .toList();
    }

    /**
     * A voicing under the hand at one time, whose bass is its lowest note.
     *
     * @param pitches lowest first, each higher than the one before
     */
    public static Voicing inOneGrip(Chord chord, List<Pitch> pitches) {
        if (pitches.isEmpty()) {
            throw new IllegalArgumentException("a voicing has at least one note");
        }
        return new Voicing(chord, pitches.get(0).pitchClass(), List.of(Grip.of(chord, pitches)));
    }

    /** A chord during which the hand rests. */
    public static Voicing silent(Chord chord) {
        return new Voicing(chord, chord.bass(), List.of());
    }

    public boolean isSilent() {
        return grips.isEmpty();
    }

    /** What the hand comes to first. */
    public Grip first() {
        return grips.get(0);
    }

    /** What the hand goes on from. */
    public Grip last() {
        return grips.get(grips.size() - 1);
    }

    /** The notes of the chord that no finger plays, in thirds order. */
    public List<PitchClass> leftOut() {
        return chord.tones().stream()
                .filter(tone -> tones().stream()
                        .noneMatch(played -> played.pitch().pitchClass().soundsLike(tone)))
                .toList();
    }

    /** What either hand holds, the left first. */
    public List<Grip> bothHands() {
        return right.isEmpty()
                ? grips
                : Stream.concat(grips.stream(), right.stream()).toList();
    }

    /** All notes, grip by grip and in each from the lowest; those of the right hand at the end. */
    public List<Tone> tones() {
        return grips.size() == 1 && right.isEmpty()
                ? first().tones()
                : bothHands().stream().flatMap(grip -> grip.tones().stream()).toList();
    }

    /**
     * Its voices from the lowest, however they are struck: a bass and the chord above it, both hands. What doubles a lower
     * grip in octaves is no voice of its own, but on top of all; nor is a bass in octaves, or one that takes turns with the
     * first.
     */
    public List<Tone> voices() {
        if (grips.size() == 1 && right.isEmpty()) {
            return first().tones();
        }
        List<Grip> above = new ArrayList<>(right);
        if (grips.size() > 1) {
            above.add(0, last());
        }
        boolean octave = first().tones().stream().map(Tone::member).distinct().count() == 1;
        List<Tone> voices = new ArrayList<>(octave ? first().tones().subList(0, 1) : first().tones());
        for (Grip grip : above) {
            List<Tone> own = grip.tones().stream()
                    .filter(tone -> voices.stream().noneMatch(lower -> lower.member() == tone.member()))
                    .toList();
            Tone top = grip.tones().get(grip.tones().size() - 1);
            boolean isTop = grip == above.get(above.size() - 1) && !own.isEmpty() && !own.contains(top);
            voices.addAll(own);
            voices.addAll(isTop ? List.of(top) : List.of());
        }
        voices.sort(Comparator.comparing(Tone::pitch));
        return voices;
    }

    /** How many of its notes the left hand plays: the first of them all. */
    public int notesOfLeft() {
        int notes = 0;
        for (Grip grip : grips) {
            notes += grip.tones().size();
        }
        return notes;
    }

    /** Their pitches, in the same order. */
    public List<Pitch> pitches() {
        return tones().stream().map(Tone::pitch).toList();
    }

    /** Semitones of the widest grip; 0 where the hand rests. */
    public int width() {
        return bothHands().stream().mapToInt(Grip::width).max().orElse(0);
    }

    /** Which member of the chord its bass is. */
    public ChordTone bassMember() {
        return ChordTone.of(chord, soundingBass);
    }

    public boolean has(ChordTone member) {
        // Asked for thousands of candidates: without streams.
        for (Grip grip : bothHands()) {
            for (Tone tone : grip.tones()) {
                if (tone.member() == member) {
                    return true;
                }
            }
        }
        return false;
    }

    /** The notes in one line, grips parted by a comma: {@code "C2, E3 G3"}; what the right hand holds behind a plus. */
    @Override
    public String toString() {
        String left = grips.stream().map(Grip::toString).collect(Collectors.joining(", "));
        return right.isEmpty() ? left : left + " + " + right.get(0);
    }

    /** How many notes of both hands are so. Asked for thousands of candidates: without streams. */
    public int count(Predicate<Tone> kind) {
        int count = 0;
        for (Grip grip : bothHands()) {
            for (Tone tone : grip.tones()) {
                count += kind.test(tone) ? 1 : 0;
            }
        }
        return count;
    }
}
