package com.zestythumb.core.exercise;

import com.zestythumb.core.analysis.Numeral;
import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.exercise.Quiz.Item;
import com.zestythumb.core.exercise.Quiz.Judged;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Reach;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** Questions that are answered in a word: the name of a chord, its numeral, its fingers. */
final class WordQuestions {

    private static final int NEARLY = 2;
    private static final int CLOSELY = 3;

    private WordQuestions() {}

    /** What each chord is called; one of the same notes, or of another member at the bottom, is as good or nearly so. */
    static List<Item> names(Arrangement key, List<ArrangedChord> chords) {
        Heading heading = key.sheet().heading();
        return chords.stream()
                .map(chord -> new Item(
                        Quiz.question(key, chord, "What is this chord called?", List.of()),
                        Quiz.ofChord(heading, said -> name(said, chord.chord(), heading)),
                        "its root is "
                                + heading.names()
                                        .fromEnglish(chord.chord().root().pretty()),
                        heading.print(chord.chord())))
                .toList();
    }

    private static Judged name(Chord said, Chord right, Heading heading) {
        if (sound(said).equals(sound(right))) {
            boolean bass = said.bass().soundsLike(right.bass());
            return bass || !right.hasSlash()
                    ? Judged.right("right: " + heading.print(right))
                    : Judged.wrong(CLOSELY, "wrong-bass", "the chord is right; look at its lowest note");
        }
        if (said.root().soundsLike(right.root())) {
            boolean third = said.quality().hasMinorThird() == right.quality().hasMinorThird();
            return third
                    ? Judged.wrong(CLOSELY, "wrong-kind", "the root is right, and something is added or missing")
                    : Judged.wrong(
                            NEARLY, "wrong-third", "the root is right; look whether its third is major or minor");
        }
        return Judged.wrong(0, "wrong-root", "look for thirds, one above another; the lowest of them is the root");
    }

    private static Set<Integer> sound(Chord chord) {
        return chord.tones().stream().map(PitchClass::semitone).collect(Collectors.toSet());
    }

    /** The numeral of each chord, figures and all; without figures it is nearly right. */
    static List<Item> numerals(Arrangement key, List<ArrangedChord> chords) {
        return chords.stream()
                .map(chord -> new Item(
                        Quiz.question(key, chord, key.sheet().heading().print(chord.chord()), List.of()),
                        given -> numeral(given, chord.numeral()),
                        "count from the keynote to the root of the chord",
                        print(chord.numeral())))
                .toList();
    }

    private static Judged numeral(String given, Numeral right) {
        Numeral said = Numeral.parse(given.strip().replace("#", "♯"));
        boolean roman = said.roman().equals(right.roman());
        boolean of = said.of() == null ? right.of() == null : said.of().equals(right.of());
        if (roman && of && plain(said.figures()).equals(plain(right.figures()))) {
            return Judged.right("right: " + print(right));
        }
        if (roman && of) {
            return Judged.wrong(
                    CLOSELY, "wrong-figures", "the numeral is right; look at the lowest note for its figures");
        }
        boolean sameDegree = said.roman().equalsIgnoreCase(right.roman());
        return sameDegree && of
                ? Judged.wrong(NEARLY, "wrong-case", "the step is right; large for major, small for minor")
                : Judged.wrong(0, "wrong-numeral", "count from the keynote to the root");
    }

    /** {@code 65}, {@code 6-5} and {@code 6/5} are one. */
    private static String plain(String figures) {
        return figures.replaceAll("[^0-9A-Za-z°ø+♭♯]", "").toLowerCase(Locale.ROOT);
    }

    private static String print(Numeral numeral) {
        return numeral.roman() + numeral.figures() + (numeral.of() == null ? "" : "/" + numeral.of());
    }

    /** A finger for each key of the first grip, from the lowest. Whatever lies in order and within the hand's reach is right. */
    static List<Item> fingers(Arrangement key, List<ArrangedChord> chords) {
        List<Item> items = new ArrayList<>();
        for (ArrangedChord chord : chords) {
            Grip grip = chord.voicing().first();
            List<Integer> own = chord.allFingers().subList(0, grip.tones().size());
            items.add(new Item(
                    Quiz.question(
                            key,
                            chord,
                            key.sheet().heading().print(chord.chord()) + ": "
                                    + grip.tones().size()
                                    + (grip.tones().size() == 1 ? " key" : " keys, from the lowest"),
                            List.of()),
                    given -> fingers(given, grip, own, key.choices().hand().reach()),
                    "the lowest takes " + own.get(0),
                    own.stream().map(String::valueOf).collect(Collectors.joining(" "))));
        }
        return items;
    }

    private static Judged fingers(String given, Grip grip, List<Integer> own, Reach reach) {
        List<Integer> said = given.chars()
                .filter(Character::isDigit)
                .map(sign -> sign - '0')
                .boxed()
                .toList();
        List<Pitch> keys = grip.pitches();
        if (said.size() != keys.size() || said.stream().anyMatch(finger -> finger < 1 || finger > 5)) {
            return Judged.wrong(0, "finger-count", "one finger for each key, 5 for the little one to 1 for the thumb");
        }
        if (new HashSet<>(said).size() < said.size()) {
            return Judged.wrong(1, "finger-twice", "one finger cannot be on two keys");
        }
        for (int i = 1; i < said.size(); i++) {
            if (said.get(i) > said.get(i - 1)) {
                return Judged.wrong(1, "finger-order", "the fingers would cross; the little one lies lowest");
            }
            boolean black = keys.get(i - 1).isBlackKey() && keys.get(i).isBlackKey();
            int apart = keys.get(i).midi() - keys.get(i - 1).midi();
            if (apart > reach.most(said.get(i), said.get(i - 1), black)) {
                return Judged.wrong(
                        NEARLY,
                        "finger-spread",
                        said.get(i - 1) + " and " + said.get(i)
                                + " would be spread too far; never stretch until it hurts");
            }
        }
        return Judged.right(said.equals(own) ? "right" : "right as well");
    }
}
