package com.zestythumb.core.chord;

import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.pitch.PitchClass;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Chords written as numerals in a key: {@code I vi ii V7}, {@code bVI}, {@code V6/5}, {@code V7/ii},
 * {@code IV/5} with a degree of the scale in the bass. Case tells major from minor; {@code I6} is the first
 * inversion, an added sixth is {@code Iadd6}; {@code vii°} in minor stands on the raised seventh degree
 * (common practice).
 */
public final class NumeralSymbol {

    private static final List<String> DEGREES = List.of("I", "II", "III", "IV", "V", "VI", "VII");
    private static final Pattern SYNTAX =
            Pattern.compile("([b#♭♯]*)(VII|VI|V|IV|III|II|I|vii|vi|v|iv|iii|ii|i)(°|o|ø|\\+)?"
                    + "(6/4|6/5|4/3|4/2|64|65|43|42|6|2)?([^/]*)(?:/(.+))?");
    private static final Pattern DEGREE = Pattern.compile("([b#♭♯]*)([1-7])");

    /** Figures to chord member in the bass; those of sevenths have a seventh. */
    private static final Map<String, Integer> FIGURES =
            Map.of("6", 1, "6/4", 2, "64", 2, "6/5", 1, "65", 1, "4/3", 2, "43", 2, "4/2", 3, "42", 3, "2", 3);

    private NumeralSymbol() {}

    /** Reads a numeral; empty where the text is none, or names notes that cannot be written. */
    public static Optional<Chord> parse(String text, Key key) {
        try {
            return read(text, key).filter(chord -> !chord.tones().isEmpty());
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private static Optional<Chord> read(String text, Key key) {
        Matcher m = SYNTAX.matcher(text);
        if (!m.matches()) {
            return Optional.empty();
        }
        String behind = m.group(6);
        boolean applied = behind != null && SYNTAX.matcher(behind).matches();
        Key home = key;
        if (applied) {
            Optional<Key> target = keyOf(behind, key);
            if (target.isEmpty()) {
                return Optional.empty();
            }
            home = target.get();
        }
        PitchClass root = root(m, home);
        Optional<Quality> quality = quality(m, root, home);
        if (quality.isEmpty()) {
            return Optional.empty();
        }
        Chord plain = Chord.of(root, quality.get());
        if (m.group(4) != null) {
            int member = FIGURES.get(m.group(4));
            List<PitchClass> tones = plain.tones();
            return member < tones.size()
                    ? Optional.of(new Chord(root, quality.get(), tones.get(member)))
                    : Optional.empty();
        }
        if (behind == null || applied) {
            return Optional.of(plain);
        }
        Matcher degree = DEGREE.matcher(behind);
        return degree.matches()
                ? Optional.of(
                        new Chord(root, quality.get(), note(degree.group(1), Integer.parseInt(degree.group(2)), key)))
                : Optional.empty();
    }

    private static Optional<Key> keyOf(String numeral, Key key) {
        return parse(numeral, key).flatMap(chord -> {
            try {
                return Optional.of(new Key(chord.root(), chord.quality().hasMinorThird() ? Mode.MINOR : Mode.MAJOR));
            } catch (IllegalArgumentException e) {
                return Optional.empty();
            }
        });
    }

    private static PitchClass root(Matcher m, Key key) {
        int degree = DEGREES.indexOf(m.group(2).toUpperCase(Locale.ROOT)) + 1;
        boolean diminished = m.group(3) != null && !m.group(3).equals("+");
        boolean raised = key.mode() == Mode.MINOR
                && degree == 7
                && diminished
                && m.group(1).isEmpty();
        return note(raised ? "#" : m.group(1), degree, key);
    }

    private static PitchClass note(String signs, int degree, Key key) {
        PitchClass natural = key.degree(degree);
        int change = (int) signs.chars()
                .map(c -> c == '#' || c == '♯' ? 1 : -1)
                .asLongStream()
                .sum();
        return new PitchClass(natural.letter(), natural.alteration() + change);
    }

    private static Optional<Quality> quality(Matcher m, PitchClass root, Key key) {
        boolean minor = Character.isLowerCase(m.group(2).charAt(0));
        String sign = m.group(3) == null ? "" : m.group(3);
        String suffix = m.group(5).replace("°", "");
        boolean seventhByFigures = m.group(4) != null && m.group(4).matches("6/?5|4/?3|4/?2|2");
        if (seventhByFigures) {
            boolean major = key.contains(root.plus(Interval.parse("M7")));
            suffix = (!minor && sign.isEmpty() && major ? "maj7" : "7") + suffix;
        }
        String head = switch (sign) {
            case "°", "o" -> "dim";
            case "ø" -> suffix.startsWith("7") ? "ø" : "ø7";
            case "+" -> suffix.isEmpty() ? "aug" : "+";
            default -> minor ? "m" : "";
        };
        return SuffixReader.read(head + suffix);
    }

    /** The numeral of a chord, which {@link #parse} reads back; its letters where no numeral says it. */
    public static String print(Chord chord, Key key) {
        String numeral = written(chord, key);
        return parse(numeral, key).filter(chord::equals).isPresent() ? numeral : chord.toString();
    }

    private static String written(Chord chord, Key key) {
        String bare = signs(chord.root(), chord.quality(), key);
        if (!chord.hasSlash()) {
            return bare;
        }
        for (String figures : List.of("6", "6/4", "6/5", "4/3", "4/2")) {
            String candidate = numeral(chord, key) + figures;
            if (parse(candidate, key).filter(chord::equals).isPresent()) {
                return candidate;
            }
        }
        return bare + "/" + accidental(key.alterationOf(chord.bass())) + key.degreeOf(chord.bass());
    }

    /** Accidental, roman letters and the sign of a diminished or augmented triad. */
    private static String numeral(Chord chord, Key key) {
        Quality quality = chord.quality();
        String roman = DEGREES.get(key.degreeOf(chord.root()) - 1);
        boolean raised = key.mode() == Mode.MINOR
                && key.degreeOf(chord.root()) == 7
                && key.alterationOf(chord.root()) == 1
                && !sign(quality).isEmpty()
                && !sign(quality).equals("+");
        return (raised ? "" : accidental(key.alterationOf(chord.root())))
                + (quality.hasMinorThird() ? roman.toLowerCase(Locale.ROOT) : roman)
                + sign(quality);
    }

    private static String signs(PitchClass root, Quality quality, Key key) {
        String head = numeral(Chord.of(root, quality), key);
        String suffix = quality.suffix();
        String rest = switch (suffix) {
            case "dim", "aug", "m" -> "";
            case "dim7", "m7b5", "7#5" -> "7";
            case "6", "m6" -> "add6";
            case "6/9", "m6/9" -> "add6add9";
            default -> suffix.startsWith("m") && !suffix.startsWith("maj") ? suffix.substring(1) : suffix;
        };
        return head + rest;
    }

    private static String sign(Quality quality) {
        return switch (quality.suffix()) {
            case "dim", "dim7" -> "°";
            case "m7b5" -> "ø";
            case "aug", "7#5" -> "+";
            default -> "";
        };
    }

    private static String accidental(int alteration) {
        return alteration >= 0 ? "#".repeat(alteration) : "b".repeat(-alteration);
    }
}
