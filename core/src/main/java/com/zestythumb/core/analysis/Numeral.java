package com.zestythumb.core.analysis;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.PitchClass;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A Roman numeral in a stated key: case for major and minor, °, ø and + for the altered triads,
 * figured bass for the inversion, and V/x for an applied dominant.
 *
 * @param roman the numeral with its accidental and quality sign: {@code "♭VI"}, {@code "vii°"}
 * @param figures figured bass, {@code "6/5"}, or the chord's own addition where it has no figures
 * @param of the numeral that an applied dominant leads to, or null
 */
public record Numeral(String roman, String figures, String of) {

    private static final Interval DIMINISHED_FIFTH = Interval.parse("d5");
    private static final Interval AUGMENTED_FIFTH = Interval.parse("A5");
    private static final Interval MINOR_SEVENTH = Interval.parse("m7");
    private static final String[] ROMAN = {"I", "II", "III", "IV", "V", "VI", "VII"};

    private static final Pattern WRITTEN =
            Pattern.compile("([b#♭♯]*[A-Za-z]+[°oø+]?)([^/]*(?:/\\d+)?)(?:/([b#♭♯]*[IViv]+[°oø]?))?");

    /** Reads {@code "V6/5/V"}, {@code "iiø7"}, {@code "bVI"}; what cannot be parted is taken whole. */
    public static Numeral parse(String text) {
        Matcher m = WRITTEN.matcher(text);
        if (!m.matches()) {
            return new Numeral(text, "", null);
        }
        return new Numeral(signs(m.group(1)), m.group(2), m.group(3) == null ? null : signs(m.group(3)));
    }

    private static String signs(String roman) {
        return roman.replaceAll("^b", "♭").replace('#', '♯').replaceAll("o$", "°");
    }

    /** The same numeral with the figures for another lowest note. */
    Numeral over(Chord chord, PitchClass bass) {
        return new Numeral(roman, figures(chord, bass), of);
    }

    /** The numeral of a chord for itself, applied to nothing. */
    static Numeral plain(Chord chord, Key key) {
        Key plain = Degrees.majorOrMinor(key);
        boolean minorThird = ChordKind.of(chord) == ChordKind.OPEN
                ? hasMinorThird(chord.root(), plain)
                : chord.quality().hasMinorThird();
        return new Numeral(roman(chord.root(), chord.quality(), minorThird, plain), figures(chord, chord.bass()), null);
    }

    /** A chord that belongs to the key of another chord of this one: {@code V7/ii}, {@code vii°7/V}. */
    static Numeral applied(String roman, Chord chord, String of) {
        return new Numeral(roman, figures(chord, chord.bass()), of);
    }

    /** Where a chord leaves its third out, the scale gives it; the dominant's is major. */
    private static boolean hasMinorThird(PitchClass root, Key key) {
        boolean[] scale = Degrees.scale(key);
        int aboveTonic = Degrees.between(key.tonic(), root);
        return aboveTonic != 7 && scale[(aboveTonic + 3) % 12] && !scale[(aboveTonic + 4) % 12];
    }

    private static String roman(PitchClass root, Quality quality, boolean minorThird, Key key) {
        String degree = degree(Degrees.between(key.tonic(), root), quality, key);
        return (minorThird ? degree.toLowerCase(Locale.ROOT) : degree) + sign(quality);
    }

    /**
     * The degree with its accidental, by ear and not by spelling: diminished chords and the fourth degree are
     * raised, others lowered; in minor the raised seventh is the ordinary place of vii° and takes no sharp.
     */
    private static String degree(int halfSteps, Quality quality, Key key) {
        for (int i = 1; i <= 7; i++) {
            if (key.mode().degree(i).semitones() == halfSteps) {
                return ROMAN[i - 1];
            }
        }
        boolean diminished = DIMINISHED_FIFTH.equals(quality.numbered(5));
        boolean minor = Degrees.isMinor(key);
        boolean raised = diminished || halfSteps == 6 || minor && halfSteps != 1;
        String plain = degree(Math.floorMod(halfSteps + (raised ? -1 : 1), 12), quality, key);
        boolean leadingTone = minor && diminished && halfSteps == 11;
        return (leadingTone ? "" : raised ? "♯" : "♭") + plain;
    }

    private static String sign(Quality quality) {
        Interval third = quality.numbered(3);
        Interval fifth = quality.numbered(5);
        if (Interval.MINOR_THIRD.equals(third) && DIMINISHED_FIFTH.equals(fifth)) {
            return MINOR_SEVENTH.equals(quality.numbered(7)) ? "ø" : "°";
        }
        return Interval.MAJOR_THIRD.equals(third) && AUGMENTED_FIFTH.equals(fifth) ? "+" : "";
    }

    private static String figures(Chord chord, PitchClass bass) {
        Quality quality = chord.quality();
        int inversion = Degrees.bassMember(chord, bass);
        // A triad over its own seventh, Am/G, is a seventh chord in third inversion to the ear.
        boolean overSeventh =
                inversion < 0 && bass.letter() == chord.root().letter().plus(6);
        // Over a foreign bass the chord itself stands as in root position, its seventh told.
        String figured =
                overSeventh ? FiguredBass.of(3, true) : FiguredBass.of(Math.max(0, inversion), quality.hasSeventh());
        String addition = addition(quality);
        boolean seventhChord = quality.hasSeventh() && quality.numbered(3) != null;
        return addition.isEmpty() || seventhChord && (inversion > 0 || overSeventh) ? figured : addition;
    }

    /** What the symbol adds to a triad or a plain seventh chord: {@code "maj7"}, {@code "sus4"}, {@code "♭9"}. */
    private static String addition(Quality quality) {
        // A fifth that is left out changes no numeral.
        String suffix = quality.suffix().replace("(no5)", "").replace("no5", "");
        return switch (suffix) {
            case "", "m", "dim", "aug", "7", "m7", "m7b5", "dim7", "7#5" -> "";
            case "6", "m6" -> "add6";
            case "mM7", "dimM7", "maj7#5" -> "maj7";
            case "7b9" -> "♭9";
            default ->
                suffix.replaceFirst("^m(?!aj)M?|^dim|^aug", "")
                        .replace("6add9", "6/9")
                        .replace("b", "♭")
                        .replace("#", "♯");
        };
    }

    /** In one line: {@code "V6/5"}, {@code "V7/V"}, {@code "vii°7"}. */
    @Override
    public String toString() {
        return roman + figures + (of == null ? "" : "/" + of);
    }
}
