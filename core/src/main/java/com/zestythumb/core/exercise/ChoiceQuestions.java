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
import com.zestythumb.core.voicing.Member;
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
                        close.kind().meaning(),
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
                "look at the order of the notes",
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
                        + Member.of(chord.chord(), note.pitch().pitchClass()))
                .collect(Collectors.joining(", ", "[", "]"));
    }

    /** At which chord the strict rules find a fault; asked once, at the first chord. */
    static List<Item> fault(Arrangement key, List<ArrangedChord> chords) {
        Map<Integer, Finding> faults = Findings.in(key, School.STRICT).stream()
                .filter(finding -> finding.severity() == Severity.FAULT && finding.before() >= 0)
                .collect(Collectors.toMap(Finding::chord, finding -> finding, (one, other) -> one));
        if (faults.size() != 1) {
            throw new IllegalArgumentException("in these bars there is not one fault, and one alone");
        }
        Finding fault = faults.values().iterator().next();
        List<String> names = new ArrayList<>();
        for (int i = 1; i < chords.size(); i++) {
            names.add(way(key, chords.get(i - 1), chords.get(i)));
        }
        String right = way(key, key.chords().get(fault.before()), key.chords().get(fault.chord()));
        String what = FindingWords.of(fault, key).message();
        return List.of(new Item(
                Quiz.question(key, chords.get(0), "Between which chords is a rule broken?", names),
                given -> given.equals(right)
                        ? Judged.right(what)
                        : Judged.wrong(
                                0,
                                "wrong-place",
                                "not there: look at bass and top, and at what wants to go up or down"),
                "it is a matter of " + FindingWords.title(fault.kind()),
                right));
    }

    private static String way(Arrangement key, ArrangedChord from, ArrangedChord to) {
        Heading heading = key.sheet().heading();
        return heading.print(from.chord()) + " to " + heading.print(to.chord()) + ", "
                + nameOf(key, to.event().bar());
    }

    /** How the black key of a chord is called there. */
    static List<Item> spelling(Arrangement key, List<ArrangedChord> chords) {
        Heading heading = key.sheet().heading();
        List<Item> items = new ArrayList<>();
        for (ArrangedChord arranged : chords) {
            Chord chord = arranged.chord();
            chord.tones().stream()
                    .filter(tone -> tone.alteration() != 0)
                    .findFirst()
                    .ifPresent(tone -> items.add(spelling(key, arranged, tone, heading)));
        }
        return items;
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
        Member member = Member.of(arranged.chord(), tone);
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
                "count the letters up from the root, every other one",
                right);
    }
}
