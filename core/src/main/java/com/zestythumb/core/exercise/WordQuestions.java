package com.zestythumb.core.exercise;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.exercise.Quiz.Item;
import com.zestythumb.core.exercise.Quiz.Judged;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.voicing.ChordTone;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Reach;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
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
                        List.of(
                                "pile its notes up in thirds; the lowest of the pile is the root",
                                "its root is "
                                        + heading.names()
                                                .fromEnglish(
                                                        chord.chord().root().pretty()),
                                "its kind: " + chord.chord().quality().description()),
                        heading.print(chord.chord())))
                .toList();
    }

    private static Judged name(Chord said, Chord right, Heading heading) {
        if (sound(said).equals(sound(right))) {
            boolean bass = said.bass().soundsLike(right.bass());
            if (!bass && right.hasSlash()) {
                return Judged.wrong(CLOSELY, "wrong-bass", "the chord is right; look at its lowest note");
            }
            boolean spelled = said.root().equals(right.root()) || !said.root().soundsLike(right.root());
            return spelled
                    ? Judged.right("right: " + heading.print(right))
                    : Judged.wrong(
                            NEARLY, "misspelt", "the same keys; in this key it is called " + heading.print(right));
        }
        if (!said.root().soundsLike(right.root())) {
            return Judged.wrong(0, "wrong-root", "look for thirds, one above another; the lowest of them is the root");
        }
        if (said.quality().hasMinorThird() != right.quality().hasMinorThird()) {
            return Judged.wrong(NEARLY, "wrong-third", "the root is right; is its third major or minor?");
        }
        boolean seventh = said.quality().hasSeventh() != right.quality().hasSeventh();
        String what = seventh
                ? right.quality().hasSeventh() ? "and there is a seventh as well" : "and there is no seventh"
                : "and something is added or missing";
        return Judged.wrong(CLOSELY, "wrong-kind", "the root is right, " + what);
    }

    private static Set<Integer> sound(Chord chord) {
        return chord.tones().stream().map(PitchClass::semitone).collect(Collectors.toSet());
    }

    /** The numeral of each chord, figures and all; without figures it is nearly right. */
    static List<Item> numerals(Arrangement key, List<ArrangedChord> chords) {
        return chords.stream()
                .map(chord -> {
                    NumeralAnswer right = new NumeralAnswer(
                            chord.numeral(),
                            chord.chord(),
                            chord.voicing().soundingBass(),
                            List.of(
                                    key.analysis().readings().get(chord.index()).key(),
                                    key.sheet().bars().get(chord.event().bar()).key()));
                    return new Item(
                            Quiz.question(key, chord, key.sheet().heading().print(chord.chord()), List.of()),
                            right::judge,
                            List.of(
                                    "count from the keynote to the root of the chord",
                                    chord.chord().quality().hasMinorThird()
                                            ? "its third is minor: small letters"
                                            : "its third is major: capital letters",
                                    chord.voicing()
                                                    .soundingBass()
                                                    .soundsLike(chord.chord().root())
                                            ? "the root is at the bottom, so that no figure tells an inversion"
                                            : "the "
                                                    + ChordTone.of(
                                                                    chord.chord(),
                                                                    chord.voicing()
                                                                            .soundingBass())
                                                            .words()
                                                    + " is at the bottom: a figure tells that"),
                            right.print());
                })
                .toList();
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
                    List.of(
                            "the little finger is 5, the thumb 1; the lowest key is nearest to the little one",
                            "the lowest takes " + own.get(0),
                            "the highest takes " + own.get(own.size() - 1)),
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
