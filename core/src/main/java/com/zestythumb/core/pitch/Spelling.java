package com.zestythumb.core.pitch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Names keys of the keyboard as a musician would in a given key of music. */
public final class Spelling {

    private static final Interval MAJOR_SEVENTH = Interval.parse("M7");
    private static final Interval AUGMENTED_FOURTH = Interval.parse("A4");

    private Spelling() {}

    /**
     * The pitch on a key: the note of the scale if there is one, in minor the leading tone and that of the dominant (the
     * raised fourth degree, as the harmonic chromatic scale has it), else the name nearest to the scale on the line of
     * fifths.
     *
     * @param midi 12 to 127
     */
    public static Pitch of(int midi, Key key) {
        return as(of(midi % 12, key, List.of(Interval.UNISON)), midi);
    }

    /** The pitch on a key by a name that sounds like it. */
    public static Pitch as(PitchClass name, int midi) {
        int octave = Math.floorDiv(midi - name.letter().semitones() - name.alteration(), 12) - 1;
        return new Pitch(name, octave);
    }

    /**
     * The name for the root of a chord, such that all its tones lie nearest to the scale.
     *
     * @param semitone 0 (C) to 11 (B)
     */
    public static PitchClass of(int semitone, Key key, List<Interval> tones) {
        if (key.mode() == Mode.MINOR && tones.size() == 1) {
            for (Interval raised : List.of(MAJOR_SEVENTH, AUGMENTED_FOURTH)) {
                PitchClass leading = key.tonic().plus(raised);
                if (leading.semitone() == semitone && Math.abs(leading.alteration()) < 2) {
                    return leading;
                }
            }
        }
        int centre = key.signature() + 2;
        return names(semitone).stream()
                .min(Comparator.comparingInt(name -> tones.stream()
                        .mapToInt(i -> Math.abs(name.plus(i).fifths() - centre))
                        .sum()))
                .orElseThrow();
    }

    private static List<PitchClass> names(int semitone) {
        List<PitchClass> names = new ArrayList<>();
        for (Letter letter : Letter.values()) {
            for (int alteration = -1; alteration <= 1; alteration++) {
                PitchClass name = new PitchClass(letter, alteration);
                if (name.semitone() == semitone) {
                    names.add(name);
                }
            }
        }
        return names;
    }
}
