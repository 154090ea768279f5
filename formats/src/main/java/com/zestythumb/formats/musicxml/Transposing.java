package com.zestythumb.formats.musicxml;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Letter;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;

/**
 * How far a transposing instrument sounds from what is written for it (MusicXML 4.0, {@code transpose}): a clarinet
 * in B flat a whole step lower.
 *
 * @param steps letters, −1 for a second lower
 * @param semitones keys of the keyboard, −2 for a major second lower
 */
record Transposing(int steps, int semitones) {

    static final Transposing NONE = new Transposing(0, 0);

    static Transposing read(XmlNode transpose) {
        int semitones = transpose.number("chromatic", 0);
        int usual = (int) Math.round(semitones * 7 / 12.0);
        int octaves = transpose.number("octave-change", 0);
        return new Transposing(transpose.number("diatonic", usual) + 7 * octaves, semitones + 12 * octaves);
    }

    boolean isNone() {
        return equals(NONE);
    }

    /** Where a written note sounds; it throws where no keyboard has it. */
    Pitch of(Pitch written) {
        if (isNone()) {
            return written;
        }
        int step = written.staffStep() + steps;
        PitchClass name = of(written.pitchClass());
        int octave = Math.floorDiv(step, 7);
        return new Pitch(name, octave);
    }

    PitchClass of(PitchClass written) {
        Letter letter = Letter.values()[Math.floorMod(written.letter().ordinal() + steps, 7)];
        int wanted = Math.floorMod(written.semitone() + semitones, 12);
        int alteration = Math.floorMod(wanted - letter.semitones() + 6, 12) - 6;
        return new PitchClass(letter, alteration);
    }

    Chord of(Chord written) {
        return isNone() || written == null ? written : written.with(this::of);
    }

    /** The key that sounds; where it has no signature, the one that sounds the same. */
    Key of(Key written) {
        if (isNone()) {
            return written;
        }
        PitchClass tonic = of(written.tonic());
        int fifths = tonic.fifths() + written.mode().fifthsFromMajor();
        int printable = fifths > 7 ? fifths - 12 : fifths < -7 ? fifths + 12 : fifths;
        Mode mode = written.mode();
        return Key.ofSignature(printable, mode);
    }
}
