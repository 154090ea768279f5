package com.zestythumb.core.exercise;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.WrittenOut;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.exercise.Marking.Mark;
import com.zestythumb.core.exercise.Marking.Verdict;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.BarFilling;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Questions about a tune that are answered in a word, by a choice, or on one key. */
public final class Quiz implements Task {

    private static final int LONGEST = 40;

    /**
     * One question and what is right.
     *
     * @param judge marks an answer, a word or MIDI keys with spaces between; never empty
     * @param hints what helps, each telling more, and none of them all
     * @param right an answer that is right
     */
    record Item(Question question, Function<String, Judged> judge, List<String> hints, String right) {}

    /** How an answer is marked. */
    record Judged(int points, List<String> faults, List<String> words) {

        static Judged right(String words) {
            return new Judged(Marking.FULL, List.of(), List.of(words));
        }

        static Judged wrong(int points, String fault, String words) {
            return new Judged(points, List.of(fault), List.of(words));
        }
    }

    private final Arrangement key;
    private final ExerciseKind asked;
    private final Set<Integer> bars;
    private final Map<Integer, Item> items;
    private final List<Question> questions;

    private Quiz(Arrangement key, Set<Integer> bars, ExerciseKind asked, List<Item> items) {
        this.key = key;
        this.bars = new TreeSet<>(bars);
        this.asked = asked;
        this.items =
                items.stream().collect(Collectors.toMap(item -> item.question().chord(), Function.identity()));
        this.questions = items.stream().map(Item::question).toList();
    }

    static Quiz of(Arrangement key, Set<Integer> bars, ExerciseKind asked) {
        List<ArrangedChord> chords = key.chords().stream()
                .filter(chord -> bars.contains(chord.event().bar()))
                .filter(chord -> !chord.voicing().isSilent())
                .toList();
        List<Item> items = switch (asked) {
            case NAMES -> WordQuestions.names(key, chords);
            case NUMERALS -> WordQuestions.numerals(key, chords);
            case FINGERS -> WordQuestions.fingers(key, chords);
            case HARMONY -> HarmonyQuestions.of(key, chords);
            case CLOSES -> ChoiceQuestions.closes(key, bars);
            case ODD_BAR -> ChoiceQuestions.oddBar(key, chords);
            case FAULT -> ChoiceQuestions.fault(key, chords);
            case SPELLING -> ChoiceQuestions.spelling(key, chords);
            case NON_CHORD -> NonChordQuestions.of(key, chords);
            case RIDDLE -> RiddleQuestions.of(key, chords);
            default -> throw new IllegalArgumentException(asked + " is laid on the keys");
        };
        if (items.isEmpty()) {
            throw new IllegalArgumentException("there is nothing to ask in these bars; choose others");
        }
        return new Quiz(key, bars, asked, items);
    }

    static Question question(Arrangement key, ArrangedChord chord, String prompt, List<String> choices) {
        int bar = key.sheet().bars().get(chord.event().bar()).number();
        return new Question(chord.index(), bar, prompt, choices);
    }

    /** Judges a chord symbol, with a small letter too: {@code "am"}; what is none is told so. */
    static Function<String, Judged> ofChord(Heading heading, Function<Chord, Judged> judge) {
        return given -> {
            return SpokenChord.parse(given, heading.names())
                    .map(judge)
                    .orElse(Judged.wrong(
                            0, "no-chord", "“" + given + "” is no chord symbol; a letter, then what kind: C, Dm, G7"));
        };
    }

    @Override
    public Arrangement key() {
        return key;
    }

    @Override
    public ExerciseKind asked() {
        return asked;
    }

    @Override
    public List<Question> questions() {
        return questions;
    }

    /** With its hand, where the question is about that; else with rests. */
    @Override
    public LeadSheet page(Answers answers, Set<Integer> shown) {
        answers.keys().forEach(this::check);
        answers.words().forEach(this::check);
        Set<Integer> all = IntStream.range(0, key.sheet().bars().size()).boxed().collect(Collectors.toSet());
        boolean hidden = asked == ExerciseKind.HARMONY && !HarmonyQuestions.isOverBass(key)
                || asked == ExerciseKind.RIDDLE
                || asked == ExerciseKind.SPELLING;
        LeadSheet whole = WrittenOut.of(key, all);
        return hidden
                ? whole.mapBars(bar -> bars.contains(bar.index()) ? bar.withLeft(List.of(rests(bar))) : bar)
                : whole;
    }

    private List<SheetNote> rests(Bar bar) {
        List<SheetNote> rests = new ArrayList<>();
        key.chords().stream()
                .filter(chord -> chord.event().bar() == bar.index())
                .forEach(chord -> rests.addAll(AnswerVoice.rest(chord.event())));
        return BarFilling.withRests(rests, bar.length());
    }

    private void check(int chord, Object answer) {
        if (!items.containsKey(chord)) {
            throw new IllegalArgumentException("this chord is not asked for; load the page anew");
        }
        if (answer instanceof String word && word.length() > LONGEST) {
            throw new IllegalArgumentException("a word or two are enough: at most " + LONGEST + " letters");
        }
        if (answer instanceof List<?> keys && keys.size() > 1) {
            throw new IllegalArgumentException("one key is asked for; let the others go");
        }
    }

    @Override
    public Marking marked(Answers answers) {
        return new Marking(
                questions.stream().map(question -> mark(question, answers)).toList(), 0);
    }

    private Mark mark(Question question, Answers answers) {
        String word = answers.words().getOrDefault(question.chord(), "");
        List<Integer> keys = answers.keys().getOrDefault(question.chord(), List.of());
        String given = keys.isEmpty() ? word.strip() : String.valueOf(keys.get(0));
        if (given.isEmpty()) {
            return new Mark(question.chord(), question.bar(), Verdict.NOT_ANSWERED, 0, List.of(), List.of(), List.of());
        }
        Judged judged = items.get(question.chord()).judge().apply(given);
        Verdict verdict = judged.points() == Marking.FULL
                ? Verdict.RIGHT
                : judged.points() > 0 ? Verdict.NEARLY : Verdict.NOT_YET;
        return new Mark(
                question.chord(), question.bar(), verdict, judged.points(), judged.faults(), judged.words(), List.of());
    }

    @Override
    public Answers solution() {
        Map<Integer, String> right = items.values().stream()
                .collect(Collectors.toMap(item -> item.question().chord(), Item::right));
        if (asked.how() != ExerciseKind.How.PLAYED) {
            return new Answers(Map.of(), right);
        }
        return Answers.played(right.entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, one -> List.of(Integer.valueOf(one.getValue())))));
    }

    @Override
    public Hint hint(int chord, Answers answers, int asked) {
        List<String> hints = items.containsKey(chord) ? items.get(chord).hints() : List.of();
        return hints.isEmpty() ? Hint.NONE : Hint.said(hints.get(Math.min(asked, hints.size()) - 1));
    }
}
