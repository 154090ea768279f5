package com.zestythumb.core.analysis;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.SymbolStyle;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.pitch.PitchClass;
import java.util.List;
import java.util.Locale;

/** Degrees of the scale by number of half steps, and the ways to write them. */
final class Degrees {

    static final List<String> ROMAN = List.of("I", "II", "III", "IV", "V", "VI", "VII");
    private static final List<String> COUNTED = List.of("1", "2", "3", "4", "5", "6", "7");

    private Degrees() {}

    static int between(PitchClass tonic, PitchClass note) {
        return note.above(tonic);
    }

    /**
     * The chord member that sounds like a bass, whatever its spelling: 0 for the root, 1 the third or what stands in its
     * place, 2 the fifth, 3 the sixth or seventh, whether those between sound or not; −1 for a foreign one and for what
     * is piled above the seventh.
     */
    static int bassMember(Chord chord, PitchClass bass) {
        int above = between(chord.root(), bass);
        for (Interval tone : chord.quality().intervals()) {
            if (tone.semitones() == above) {
                return switch (tone.steps()) {
                    case 0 -> 0;
                    case 1, 2, 3 -> 1;
                    case 4 -> 2;
                    default -> 3;
                };
            }
        }
        return -1;
    }

    /** Which of the twelve degrees the key's own scale has. */
    static boolean[] scale(Key key) {
        boolean[] scale = new boolean[12];
        for (int i = 1; i <= 7; i++) {
            scale[key.mode().degree(i).semitones()] = true;
        }
        return scale;
    }

    static boolean isMinor(Key key) {
        return key.mode().degree(3).semitones() == 3;
    }

    /** Whether a triad on this degree can be a passing home: {@code "ii"} in major, {@code "III"} in minor. */
    static String target(int aboveTonic, Key key) {
        return isMinor(key)
                ? switch (aboveTonic) {
                    case 3 -> "III";
                    case 5 -> "iv";
                    case 7 -> "V";
                    case 8 -> "VI";
                    case 10 -> "VII";
                    default -> null;
                }
                : switch (aboveTonic) {
                    case 2 -> "ii";
                    case 4 -> "iii";
                    case 5 -> "IV";
                    case 7 -> "V";
                    case 9 -> "vi";
                    default -> null;
                };
    }

    /** The note of a numeral of {@link #target}, to be named in words. */
    static PitchClass noteOf(String numeral, Key key) {
        return key.degree(ROMAN.indexOf(numeral.toUpperCase(Locale.ROOT)) + 1);
    }

    static String functional(Chord chord, Key key, String of) {
        String suffix = SymbolStyle.signs(chord.quality().suffix());
        String head = of == null ? place(chord.root(), key, ROMAN) : "V";
        String behind = of != null
                ? "/" + of.toUpperCase(Locale.ROOT)
                : chord.hasSlash() ? "/" + place(chord.bass(), key, COUNTED) : "";
        return head + suffix + behind;
    }

    static String counted(Chord chord, Key key) {
        String suffix = SymbolStyle.signs(chord.quality().suffix());
        // A figure right behind a figure would be read as one number.
        String parted = !suffix.isEmpty() && Character.isDigit(suffix.charAt(0)) ? "(" + suffix + ")" : suffix;
        return place(chord.root(), key, COUNTED)
                + parted
                + (chord.hasSlash() ? "/" + place(chord.bass(), key, COUNTED) : "");
    }

    /** A degree against the major scale on the same tonic, as both schools of upper case have it. */
    private static String place(PitchClass note, Key key, List<String> names) {
        int steps = Math.floorMod(note.letter().ordinal() - key.tonic().letter().ordinal(), 7);
        int natural = Mode.MAJOR.degree(steps + 1).semitones();
        int alteration = Math.floorMod(between(key.tonic(), note) - natural + 6, 12) - 6;
        return (alteration >= 0 ? "♯".repeat(alteration) : "♭".repeat(-alteration)) + names.get(steps);
    }

    /** Numerals of the church modes are written against major or minor on the same tonic. */
    static Key majorOrMinor(Key key) {
        boolean plain = key.mode() == Mode.MAJOR || key.mode() == Mode.MINOR;
        Mode mode = isMinor(key) ? Mode.MINOR : Mode.MAJOR;
        try {
            return plain ? key : new Key(key.tonic(), mode);
        } catch (IllegalArgumentException e) {
            return key;
        }
    }
}
