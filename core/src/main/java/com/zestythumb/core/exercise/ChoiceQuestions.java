package com.zestythumb.core.exercise;

import com.zestythumb.core.analysis.Cadence.Close;
import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.checking.Finding;
import com.zestythumb.core.checking.FindingWords;
import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.exercise.Quiz.Item;
import com.zestythumb.core.exercise.Quiz.Judged;
import com.zestythumb.core.pitch.Letter;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voiceleading.Severity;
import com.zestythumb.core.voiceleading.Voice;
import com.zestythumb.core.voicing.ChordTone;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Questions with a few answers of which one is right. */
final class ChoiceQuestions {

    private ChoiceQuestions() {}

    /** Which kind of close it is; perfect and merely authentic are one to a student. */
    static List<Item> closes(Arrangement key, Set<Integer> bars) {
        List<String> kinds = Arrays.stream(Close.values())
                .filter(close -> close != Close.PERFECT)
                .map(ChoiceQuestions::name)
                .toList();
        return key.closes().stream()
                .filter(close ->
                        bars.contains(key.chords().get(close.chord()).event().bar()))
                .map(close -> new Item(
                        Quiz.question(key, key.chords().get(close.chord()), "Which close is this?", kinds),
                        given -> given.equals(name(close.kind()))
                                ? Judged.right(close.kind().meaning())
                                : Judged.wrong(
                                        0,
                                        "wrong-close",
                                        "not that one: listen whether it comes home, waits, or surprises"),
                        List.of(
                                "listen whether it comes home, waits, or surprises",
                                "its last chord is "
                                        + key.chords().get(close.chord()).numeral(),
                                "it is " + close.kind().meaning()),
                        name(close.kind())))
                .toList();
    }

    private static String name(Close close) {
        return close == Close.PERFECT || close == Close.AUTHENTIC ? "authentic" : close.word();
    }

    /** Which bar has another pattern than the rest; asked once, at the first chord. */
    static List<Item> oddBar(Arrangement key, List<ArrangedChord> chords) {
        Map<Integer, String> patterns = new LinkedHashMap<>();
        for (ArrangedChord chord : chords) {
            patterns.merge(chord.event().bar(), pattern(key, chord), String::concat);
        }
        Map<String, Long> often =
                patterns.values().stream().collect(Collectors.groupingBy(pattern -> pattern, Collectors.counting()));
        List<Integer> odd = patterns.keySet().stream()
                .filter(bar -> often.get(patterns.get(bar)) == 1)
                .toList();
        if (odd.size() != 1 || often.size() != 2) {
            throw new IllegalArgumentException(
                    "among these bars there is not one, and one alone, that is not like the others");
        }
        List<String> names =
                patterns.keySet().stream().map(bar -> nameOf(key, bar)).toList();
        String right = nameOf(key, odd.get(0));
        return List.of(new Item(
                Quiz.question(key, chords.get(0), "Which bar is not like the others?", names),
                given -> given.equals(right)
                        ? Judged.right("right: " + right)
                        : Judged.wrong(
                                0, "wrong-bar", "not that one: look at the order of the notes, and at the rhythm"),
                List.of(
                        "look at the order of the notes",
                        "compare each bar with the first, finger by finger",
                        "it is one of these: " + oneOfTwo(names, right)),
                right));
    }

    private static String nameOf(Arrangement key, int bar) {
        Bar written = key.sheet().bars().get(bar);
        return written.number() == 0 ? "pickup" : "bar " + written.number();
    }

    private static String pattern(Arrangement key, ArrangedChord chord) {
        return key.notesOf(chord.index()).stream()
                .filter(note -> !note.isRight())
                .map(note -> note.onset() + " "
                        + ChordTone.of(chord.chord(), note.pitch().pitchClass()))
                .collect(Collectors.joining(", ", "[", "]"));
    }

    /** At which chord the strict rules find a fault; where there is none, a warning. Asked once, at the first chord. */
    static List<Item> fault(Arrangement key, List<ArrangedChord> chords) {
        List<Finding> findings = Findings.in(key, School.STRICT);
        Map<Integer, Finding> at = Stream.of(Severity.FAULT, Severity.WARNING)
                .map(severity -> findings.stream()
                        .filter(finding -> finding.severity() == severity)
                        .collect(Collectors.toMap(Finding::chord, finding -> finding, (one, other) -> one)))
                .filter(found -> !found.isEmpty())
                .findFirst()
                .orElse(Map.of());
        if (at.size() != 1) {
            throw new IllegalArgumentException("in these bars there is not one fault, and one alone");
        }
        Finding fault = at.values().iterator().next();
        List<String> names = chords.stream().map(chord -> placeOf(key, chord)).toList();
        String right = placeOf(key, key.chords().get(fault.chord()));
        if (!names.contains(right) || names.size() < 2) {
            throw new IllegalArgumentException("the fault lies in none of these bars, or in the only one; choose more");
        }
        FindingWords words = FindingWords.of(fault, key);
        List<Voice> voices = fault.fault().voices();
        return List.of(new Item(
                Quiz.question(key, chords.get(0), "At which chord is a rule broken?", names),
                given -> given.equals(right)
                        ? Judged.right(words.message())
                        : Judged.wrong(
                                0, "wrong-place", "not there: look at every part, and at what wants to rise or fall"),
                List.of(
                        "it is a matter of " + FindingWords.title(fault.kind()),
                        voices.isEmpty()
                                ? "look at every note of each chord"
                                : "look at " + voices.stream().map(Voice::words).collect(Collectors.joining(" and ")),
                        "it is one of these: " + oneOfTwo(names, right)),
                right));
    }

    /** The right one and the one that stands beside it, in their order. */
    private static String oneOfTwo(List<String> names, String right) {
        int at = names.indexOf(right);
        int first = at > 0 ? at - 1 : at;
        return names.get(first) + "; " + names.get(first + 1);
    }

    private static String placeOf(Arrangement key, ArrangedChord chord) {
        int bar = chord.event().bar();
        boolean alone = key.chords().stream()
                        .filter(other -> other.event().bar() == bar)
                        .count()
                == 1;
        String beat = alone
                ? ""
                : ", beat " + key.sheet().bars().get(bar).countAt(chord.event().start());
        return key.sheet().heading().print(chord.chord()) + ", " + nameOf(key, bar) + beat;
    }

    /** How the black keys of a chord are called there; none that stands in its symbol. */
    static List<Item> spelling(Arrangement key, List<ArrangedChord> chords) {
        Heading heading = key.sheet().heading();
        List<Item> items = new ArrayList<>();
        for (ArrangedChord arranged : chords) {
            Chord chord = arranged.chord();
            chord.tones().stream()
                    .filter(tone -> !tone.equals(chord.root()) && !tone.equals(chord.bass()))
                    .filter(tone -> Math.abs(tone.alteration()) == 1 && isBlack(tone))
                    .findFirst()
                    .ifPresent(tone -> items.add(spelling(key, arranged, tone, heading)));
        }
        return items;
    }

    private static boolean isBlack(PitchClass tone) {
        return Arrays.stream(Letter.values()).noneMatch(letter -> new PitchClass(letter, 0).soundsLike(tone));
    }

    private static Item spelling(Arrangement key, ArrangedChord arranged, PitchClass tone, Heading heading) {
        List<String> names = Arrays.stream(Letter.values())
                .flatMap(letter -> Stream.of(-1, 1).map(sign -> new PitchClass(letter, sign)))
                .filter(tone::soundsLike)
                .map(name -> heading.names().fromEnglish(name.pretty()))
                .sorted()
                .toList();
        String right = heading.names().fromEnglish(tone.pretty());
        String symbol = heading.print(arranged.chord());
        ChordTone member = ChordTone.of(arranged.chord(), tone);
        return new Item(
                Quiz.question(
                        key,
                        arranged,
                        symbol + ": its " + member.words() + " is a black key. What is it called here?",
                        names),
                given -> given.equals(right)
                        ? Judged.right("right: " + right)
                        : Judged.wrong(
                                1,
                                "misspelt",
                                "the key is the same; a chord is built in thirds, so that in " + symbol + " it is "
                                        + right),
                List.of(
                        "count the letters up from the root, every other one",
                        "its " + member.words() + " is the " + member.words() + " letter, counted from "
                                + heading.names()
                                        .fromEnglish(arranged.chord().root().pretty()) + " as the first",
                        "the letter is told by that, and the sign by the key: raised or lowered"),
                right);
    }
}
