package com.zestythumb.core.pitch;

import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * A note name without octave, as it is spelled: C, F♯, B♭, E𝄫.
 *
 * @param letter the letter name
 * @param alteration semitones the accidental adds: −2 for a double flat to 2 for a double sharp
 */
public record PitchClass(Letter letter, int alteration) {

    private static final Pattern SYNTAX = Pattern.compile("([A-G])([#♯]{0,2}|[b♭]{0,2}|x|𝄪|𝄫)");

    public PitchClass {
        Objects.requireNonNull(letter, "letter");
        if (Math.abs(alteration) > 3) {
            throw new IllegalArgumentException("no accidental alters a note by " + alteration + " semitones");
        }
    }

    // Compared and hashed so often that what records have by themselves takes its time until it is warm.
    @Override
    public boolean equals(Object other) {
        return other instanceof PitchClass o && letter == o.letter && alteration == o.alteration;
    }

    @Override
    public int hashCode() {
        return 31 * letter.ordinal() + alteration;
    }

    /** Reads {@code "Eb"}, {@code "E♭"}, {@code "F#"}, {@code "Cx"}. */
    public static PitchClass parse(String text) {
        Matcher m = SYNTAX.matcher(text);
        if (!m.matches()) {
            throw new IllegalArgumentException("\"" + text + "\" is not a note name; write C, F# or Bb");
        }
        return new PitchClass(Letter.of(m.group(1).charAt(0)), Accidentals.alteration(m.group(2)));
    }

    /** The place in the octave, 0 (C) to 11 (B), spelling left aside. */
    public int semitone() {
        return Math.floorMod(letter.semitones() + alteration, 12);
    }

    /** The same key by a name that is read with ease: A for B double flat, D for C double sharp; itself where it is. */
    public PitchClass simple() {
        if (Math.abs(alteration) <= 1) {
            return this;
        }
        int sign = Integer.signum(alteration);
        return Stream.of(0, sign)
                .flatMap(other -> Stream.of(Letter.values()).map(one -> new PitchClass(one, other)))
                .filter(this::soundsLike)
                .findFirst()
                .orElse(this);
    }

    /** How many semitones it lies above the next of the other below it: 0 to 11. */
    public int above(PitchClass other) {
        return Math.floorMod(semitone() - other.semitone(), 12);
    }

    /** Whether both lie on the same key of the keyboard: F♯ and G♭ do. */
    public boolean soundsLike(PitchClass other) {
        return semitone() == other.semitone();
    }

    /** The note name an interval higher: {@code parse("Eb").plus(Interval.MAJOR_THIRD)} is G. */
    public PitchClass plus(Interval interval) {
        Letter target = letter.plus(interval.steps());
        int natural = Math.floorMod(target.semitones() - letter.semitones(), 12);
        int wanted = Math.floorMod(interval.semitones() + alteration, 12);
        return new PitchClass(target, Accidentals.nearest(wanted - natural));
    }

    /** Place on the line of fifths: C 0, G 1, D 2, F −1, B♭ −2, F♯ 6. */
    public int fifths() {
        int[] naturals = {0, 2, 4, -1, 1, 3, 5};
        return naturals[letter.ordinal()] + 7 * alteration;
    }

    /** Spelling with the printed signs: {@code "E♭"}. */
    public String pretty() {
        return letter + Accidentals.pretty(alteration);
    }

    @Override
    public String toString() {
        return letter + Accidentals.ascii(alteration);
    }
}
