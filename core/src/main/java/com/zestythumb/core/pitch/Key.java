package com.zestythumb.core.pitch;

import java.util.Locale;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A major or minor key with a printable signature of at most seven sharps or flats.
 *
 * @param tonic the keynote
 * @param mode major or minor
 */
public record Key(PitchClass tonic, Mode mode) {

    private static final Pattern SYNTAX =
            Pattern.compile("([A-Ga-g])([#♯b♭]?)\\s*(major|minor|maj|min|m|)", Pattern.CASE_INSENSITIVE);

    public Key {
        Objects.requireNonNull(tonic, "tonic");
        Objects.requireNonNull(mode, "mode");
        int fifths = tonic.fifths() + mode.fifthsFromMajor();
        if (Math.abs(fifths) > 7) {
            throw new IllegalArgumentException(tonic.pretty() + " " + mode + " would need " + Math.abs(fifths)
                    + " accidentals in its signature; use the key that sounds the same");
        }
    }

    /** Reads {@code "Eb major"}, {@code "F#m"}, {@code "A minor"}, {@code "C"}. */
    public static Key parse(String text) {
        Matcher m = SYNTAX.matcher(text.strip());
        if (!m.matches()) {
            throw new IllegalArgumentException(
                    "\"" + text.strip() + "\" is not a key; write C major, A minor, Bb or F#m");
        }
        String word = m.group(3);
        boolean minor = word.equals("m") || word.toLowerCase(Locale.ROOT).startsWith("min");
        PitchClass tonic = PitchClass.parse(m.group(1).toUpperCase(Locale.ROOT) + m.group(2));
        return new Key(tonic, minor ? Mode.MINOR : Mode.MAJOR);
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

    /** The key with the same signature and the other mode. */
    public Key relative() {
        return mode == Mode.MAJOR ? new Key(degree(6), Mode.MINOR) : new Key(degree(3), Mode.MAJOR);
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
