package com.zestythumb.core.exercise;

import com.zestythumb.core.analysis.FiguredBass;
import com.zestythumb.core.analysis.Numeral;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.NumeralSymbol;
import com.zestythumb.core.exercise.Quiz.Judged;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voicing.ChordTone;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Judges a Roman numeral by the chord that it stands for, so that II7 is V7/V, and ♭II6 the Neapolitan; whatever way its signs are
 * typed.
 *
 * @param right as the app writes it
 * @param chord what it stands for
 * @param played the bass that sounds
 * @param keys those in which it may be counted: where the music has gone, and the one it is written in
 */
record NumeralAnswer(Numeral right, Chord chord, PitchClass played, List<Key> keys) {

    private static final int NEARLY = 2;
    private static final int CLOSELY = 3;
    private static final List<ChordTone> MEMBERS =
            List.of(ChordTone.ROOT, ChordTone.THIRD, ChordTone.FIFTH, ChordTone.SEVENTH);
    private static final Pattern ROMAN = Pattern.compile("([b♭#♯]*)([IViv]+)([°o0ø+]?)(.*)");
    private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹₀₁₂₃₄₅₆₇₈₉";

    private static final List<String> STEPS = List.of("I", "II", "III", "IV", "V", "VI", "VII");

    Judged judge(String given) {
        String text = plain(given);
        if (isTheSame(text)) {
            return Judged.right("right: " + print());
        }
        Optional<Chord> said = keys.stream()
                .flatMap(key ->
                        Stream.of(text.replaceAll("^N", "bII"), inTriad(text)).flatMap(one -> readings(one, key)))
                .filter(one -> one.root().soundsLike(chord.root()))
                .findFirst();
        if (text.matches("[1-7]") && isOnStep(Integer.parseInt(text))) {
            return Judged.wrong(NEARLY, "wrong-numeral", "the step is right; write it as a Roman numeral");
        }
        if (said.isEmpty()) {
            return Judged.wrong(0, "wrong-numeral", "count the steps from the keynote up to the root of the chord");
        }
        if (!triad(said.get()).equals(triad(chord))) {
            return Judged.wrong(NEARLY, "wrong-case", "the root is right; capital letters for major, small for minor");
        }
        boolean seventh = seventh(text);
        boolean has = chord.quality().hasSeventh();
        String roman = right.of() == null ? right.roman() : right.roman() + "/" + right.of();
        if (seventh != has) {
            return Judged.wrong(
                    CLOSELY,
                    "wrong-figures",
                    has
                            ? roman + " is right; which figure shows the seventh?"
                            : roman + " is right, and has no seventh here");
        }
        return inversions().contains(inversion(text))
                ? Judged.right("right: " + given.strip()
                        + (text.equals(plain(print()))
                                ? ""
                                : (figures(text).equals(figures(plain(print()))) ? ", here " : ", played as ")
                                        + print()))
                : Judged.wrong(
                        CLOSELY,
                        "wrong-figures",
                        roman + " is right; which figure shows that " + played.pretty() + " is the lowest note?");
    }

    /** In the key itself; in minor and the modes also by the steps of the major scale, as ♭VI, ♭VII and ♯vii° are counted there. */
    private static Stream<Chord> readings(String text, Key key) {
        Stream<Chord> own = NumeralSymbol.parse(text, key).stream();
        if (key.mode() == Mode.MAJOR || !text.matches("[b#].*")) {
            return own;
        }
        Key major = new Key(key.tonic(), Mode.MAJOR);
        return Stream.concat(own, NumeralSymbol.parse(text.replaceAll("^#(?=vii?(?![Ii]))", ""), major).stream());
    }

    /** Whether the chord stands on a step of a key in which it may be heard, counted from 1. */
    private boolean isOnStep(int step) {
        return keys.stream()
                .flatMap(key -> NumeralSymbol.parse(STEPS.get(step - 1), key).stream())
                .anyMatch(one -> one.root().soundsLike(chord.root()));
    }

    private boolean isTheSame(String text) {
        String own = plain(print());
        return text.equals(own)
                || own.startsWith("Ger") && text.equals("Ger6")
                || text.replaceAll("[^A-Za-z]", "").equals(own.replaceAll("[^A-Za-z]", ""))
                        && own.matches("(Ger|It|Fr|N).*");
    }

    /** The inversions that count: of a symbol with its bass that one; else as it is played, or in root position. */
    private Set<Integer> inversions() {
        Set<Integer> all = new HashSet<>();
        all.add(Math.max(0, MEMBERS.indexOf(ChordTone.of(chord, chord.bass()))));
        if (!chord.hasSlash()) {
            all.add(Math.max(0, MEMBERS.indexOf(ChordTone.of(chord, played))));
        }
        return all;
    }

    private static Set<Integer> triad(Chord chord) {
        return chord.quality().intervals().stream()
                .filter(interval -> interval.steps() == 2 || interval.steps() == 3 || interval.steps() == 4)
                .map(interval -> interval.semitones())
                .collect(Collectors.toSet());
    }

    /** The figures, without what the numeral is applied to. */
    private static String figures(String text) {
        Matcher m = ROMAN.matcher(text.replaceAll("^N", "II"));
        return m.matches() ? m.group(4).replaceAll("/[b♭#♯]*[IViv]+.*$", "").replaceAll("[^0-9]", "") : "";
    }

    private static boolean seventh(String text) {
        return figures(text).matches("7.*|65|43|42|2|9|11|13");
    }

    private static int inversion(String text) {
        String figures = figures(text);
        for (int inversion = 0; inversion < MEMBERS.size(); inversion++) {
            String of = FiguredBass.of(inversion, true).replace("/", "");
            String triad = FiguredBass.of(inversion, false).replace("/", "");
            if (figures.equals(of) || inversion > 0 && figures.equals(triad) && !triad.isEmpty()) {
                return inversion;
            }
        }
        return figures.equals("2") ? 3 : 0;
    }

    /** The numeral alone, without figures that a chord does not have. */
    private static String inTriad(String text) {
        Matcher m = ROMAN.matcher(text);
        String of = text.replaceAll("^[^/]*", "");
        return m.matches() ? m.group(1) + m.group(2) + m.group(3) + (of.matches("/[b♭#♯]*[IViv]+") ? of : "") : text;
    }

    /** Raised and lowered figures as plain ones, flats and sharps as letters, a nought as the sign of a diminished chord. */
    private static String plain(String given) {
        String text = given.strip();
        for (int i = 0; i < RAISED.length(); i++) {
            text = text.replace(RAISED.charAt(i), (char) ('0' + i % 10));
        }
        return text.replace('♭', 'b')
                .replace('♯', '#')
                .replaceAll("(?<=vii|ii)[0oº]", "°")
                .replaceAll("(\\d)[-/](?=\\d)", "$1")
                .replace(" ", "");
    }

    String print() {
        return right.roman() + right.figures() + (right.of() == null ? "" : "/" + right.of());
    }
}
