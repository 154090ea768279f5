package com.zestythumb.core.analysis;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.pitch.PitchClass;
import java.util.Locale;

/**
 * A Roman numeral in a stated key: case for major and minor, °, ø and + for the altered triads,
 * figured bass for the inversion, and V/x for an applied dominant.
 *
 * @param roman the numeral with its accidental and quality sign: {@code "♭VI"}, {@code "vii°"}
 * @param figures figured bass, {@code "6/5"}, or the chord's own addition where it has no figures
 * @param of the numeral that an applied dominant leads to, or null
 */
public record Numeral(String roman, String figures, String of) {

    private static final String[] ROMAN = {"I", "II", "III", "IV", "V", "VI", "VII"};

    /**
     * The numeral of a chord in a key.
     *
     * @param chord what sounds
     * @param bass the note that sounds lowest, which decides the figures
     */
    public static Numeral of(Chord chord, PitchClass bass, Key key) {
        PitchClass target = appliedTarget(chord, key);
        String figures = figures(chord, bass);
        if (target != null) {
            return new Numeral("V", figures, diatonicTriad(target, key));
        }
        return new Numeral(roman(chord.root(), chord.quality(), key), figures, null);
    }

    /** Where a dominant that does not belong to the key leads, or null if it is none. */
    private static PitchClass appliedTarget(Chord chord, Key key) {
        Interval third = chord.quality().numbered(3);
        Interval fifth = chord.quality().numbered(5);
        boolean dominant = Interval.MAJOR_THIRD.equals(third)
                && Interval.PERFECT_FIFTH.equals(fifth)
                && chord.quality().numbered(6) == null
                && !Interval.parse("M7").equals(chord.quality().numbered(7));
        if (!dominant || !key.contains(chord.root())) {
            return null;
        }
        PitchClass target = chord.root().plus(Interval.PERFECT_FOURTH);
        if (!key.contains(target) || key.degreeOf(target) == 1 || isDiminishedDegree(target, key)) {
            return null;
        }
        boolean dorianSubdominant = key.mode() == Mode.MINOR
                && key.degreeOf(chord.root()) == 4
                && !chord.quality().hasSeventh();
        if (dorianSubdominant) {
            return null;
        }
        boolean foreignTone = chord.tones().stream().anyMatch(tone -> !key.contains(tone));
        return foreignTone ? target : null;
    }

    private static boolean isDiminishedDegree(PitchClass degree, Key key) {
        return !key.contains(degree.plus(Interval.PERFECT_FIFTH));
    }

    private static String diatonicTriad(PitchClass degree, Key key) {
        boolean major = key.contains(degree.plus(Interval.MAJOR_THIRD));
        return roman(degree, major ? Quality.MAJOR : Quality.MINOR, key);
    }

    private static String roman(PitchClass root, Quality quality, Key key) {
        String numeral = ROMAN[key.degreeOf(root) - 1];
        boolean minorThird = Interval.MINOR_THIRD.equals(quality.numbered(3));
        return accidental(root, quality, key)
                + (minorThird ? numeral.toLowerCase(Locale.ROOT) : numeral)
                + sign(quality);
    }

    /** In minor the raised seventh degree is the ordinary place of vii°, and takes no sharp. */
    private static String accidental(PitchClass root, Quality quality, Key key) {
        int alteration = key.alterationOf(root);
        boolean leadingToneChord = key.mode() == Mode.MINOR
                && key.degreeOf(root) == 7
                && alteration == 1
                && Interval.parse("d5").equals(quality.numbered(5));
        if (leadingToneChord || alteration == 0) {
            return "";
        }
        return alteration > 0 ? "♯".repeat(alteration) : "♭".repeat(-alteration);
    }

    private static String sign(Quality quality) {
        return switch (quality) {
            case DIMINISHED, DIMINISHED_SEVENTH -> "°";
            case HALF_DIMINISHED -> "ø";
            case AUGMENTED, AUGMENTED_SEVENTH -> "+";
            default -> "";
        };
    }

    private static String figures(Chord chord, PitchClass bass) {
        Quality quality = chord.quality();
        int inversion = chord.tones().indexOf(bass);
        // A triad over its own seventh, Am/G, is a seventh chord in third inversion to the ear.
        boolean overSeventh =
                inversion < 0 && bass.letter() == chord.root().letter().plus(6);
        String figured = overSeventh ? FiguredBass.of(3, true) : FiguredBass.of(inversion, quality.hasSeventh());
        return switch (quality) {
            case SUSPENDED_SECOND, SUSPENDED_FOURTH, SEVENTH_SUSPENDED_FOURTH, ADDED_NINTH -> quality.suffix();
            case SIXTH, MINOR_SIXTH -> "add6";
            case MINOR_ADDED_NINTH -> "add9";
            case MAJOR_SEVENTH, MINOR_MAJOR_SEVENTH -> inversion == 0 ? "maj7" : figured;
            case DOMINANT_NINTH, MINOR_NINTH -> inversion == 0 ? "9" : figured;
            case MAJOR_NINTH -> inversion == 0 ? "maj9" : figured;
            case DOMINANT_FLAT_NINTH -> inversion == 0 ? "♭9" : figured;
            default -> figured;
        };
    }

    /** In one line: {@code "V6/5"}, {@code "V7/V"}, {@code "vii°7"}. */
    @Override
    public String toString() {
        return roman + figures + (of == null ? "" : "/" + of);
    }
}
