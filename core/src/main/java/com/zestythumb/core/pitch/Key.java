package com.zestythumb.core.pitch;

import java.util.Locale;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A major, minor or modal key with a printable signature of at most seven sharps or flats.
 *
 * @param tonic the keynote
 * @param mode major, minor or a church mode
 */
public record Key(PitchClass tonic, Mode mode) {

    private static final Pattern SYNTAX = Pattern.compile("([A-Ga-g])([#♯b♭]?)(?:\\s*|-)([A-Za-z]*)");

    public Key {
        Objects.requireNonNull(tonic, "tonic");
        Objects.requireNonNull(mode, "mode");
        int fifths = tonic.fifths() + mode.fifthsFromMajor();
        if (Math.abs(fifths) > 7) {
            throw new IllegalArgumentException(tonic.pretty() + " " + mode + " would need " + Math.abs(fifths)
                    + " accidentals in its signature; use the key that sounds the same");
        }
    }

    /** Reads {@code "Eb major"}, {@code "F#m"}, {@code "A minor"}, {@code "C"}, {@code "D dorian"}. */
    public static Key parse(String text) {
        Matcher m = SYNTAX.matcher(text.strip());
        Mode mode = m.matches() ? Mode.named(m.group(3)) : null;
        if (mode == null) {
            throw new IllegalArgumentException(
                    "\"" + text.strip() + "\" is not a key; write C major, A minor, Bb, F#m or D dorian");
        }
        return new Key(PitchClass.parse(m.group(1).toUpperCase(Locale.ROOT) + m.group(2)), mode);
    }

    /** The key in a mode that has this signature: −3 and minor is C minor. */
    public static Key ofSignature(int fifths, Mode mode) {
        for (Letter letter : Letter.values()) {
            for (int alteration = -1; alteration <= 1; alteration++) {
                PitchClass tonic = new PitchClass(letter, alteration);
                if (tonic.fifths() + mode.fifthsFromMajor() == fifths) {
                    return new Key(tonic, mode);
                }
            }
        }
        throw new IllegalArgumentException("no signature has " + Math.abs(fifths) + " accidentals");
    }

    /** Sharps (positive) or flats (negative) in the signature. */
    public int signature() {
        return tonic.fifths() + mode.fifthsFromMajor();
    }

    /** The note of a degree of the natural scale, 1 to 7. */
    public PitchClass degree(int degree) {
        return tonic.plus(mode.degree(degree));
    }

    /** The degree, 1 to 7, whose letter this note bears, altered or not. */
    public int degreeOf(PitchClass note) {
        return Math.floorMod(note.letter().ordinal() - tonic.letter().ordinal(), 7) + 1;
    }

    /** Semitones by which this note is altered against the natural scale. */
    public int alterationOf(PitchClass note) {
        return note.alteration() - degree(degreeOf(note)).alteration();
    }

    /** Whether the note, as spelled, belongs to the natural scale. */
    public boolean contains(PitchClass note) {
        return alterationOf(note) == 0;
    }

    /** The key with the same signature in major or, for a major key, in minor. */
    public Key relative() {
        return ofSignature(signature(), mode == Mode.MAJOR ? Mode.MINOR : Mode.MAJOR);
    }

    /** What the signature makes of a letter: F in G major is sharp, 1. */
    public int signatureOf(Letter letter) {
        return degree(degreeOf(new PitchClass(letter, 0))).alteration();
    }

    /** With the printed signs: {@code "E♭ major"}. */
    public String pretty() {
        return tonic.pretty() + " " + mode;
    }

    @Override
    public String toString() {
        return tonic + " " + mode;
    }
}
