package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.PitchClass;

/** Which member of its chord a note is. */
public enum ChordTone {
    ROOT(1),
    SECOND(2),
    THIRD(3),
    FOURTH(4),
    FIFTH(5),
    SIXTH(6),
    SEVENTH(7),
    NINTH(9),
    ELEVENTH(11),
    THIRTEENTH(13),
    /** A bass that is no note of the chord. */
    FOREIGN(0);

    private static final int OCTAVE = 7;
    private static final int KEYS = 12;
    private static final ChordTone[] ALL = values();

    private final int number;

    ChordTone(int number) {
        this.number = number;
    }

    /** The interval above the root as teachers count it, 3 for the third; 0 for a foreign note. */
    public int number() {
        return number;
    }

    /** As a student reads it: {@code "root"}, {@code "3rd"}; {@code "–"} for a note that is none of the chord's. */
    public String words() {
        return switch (number) {
            case 0 -> "–";
            case 1 -> "root";
            case 2 -> "2nd";
            case 3 -> "3rd";
            default -> number + "th";
        };
    }

    /** Whether it colours a seventh chord: ninth, eleventh or thirteenth. */
    public boolean isColour() {
        return number > OCTAVE + 1;
    }

    /** What a note is in a chord, by its sound: a B sharp over F is the fifth too. */
    public static ChordTone of(Chord chord, PitchClass note) {
        int above = Math.floorMod(note.semitone() - chord.root().semitone(), KEYS);
        for (Interval interval : chord.quality().intervals()) {
            if (Math.floorMod(interval.semitones(), KEYS) == above) {
                return numbered(interval.steps() + 1);
            }
        }
        boolean ofUpper =
                chord.upper() != null && chord.upper().tones().stream().anyMatch(note::soundsLike);
        return ofUpper ? above(chord.root(), note) : FOREIGN;
    }

    /** A note of the triad above a chord is one of its ninth, eleventh and thirteenth, or doubles a lower member. */
    private static ChordTone above(PitchClass root, PitchClass note) {
        int steps = Math.floorMod(note.letter().ordinal() - root.letter().ordinal(), OCTAVE);
        return numbered(steps % 2 == 1 ? steps + 1 + OCTAVE : steps + 1);
    }

    static ChordTone numbered(int number) {
        for (ChordTone member : ALL) {
            if (member.number == number) {
                return member;
            }
        }
        return FOREIGN;
    }
}
