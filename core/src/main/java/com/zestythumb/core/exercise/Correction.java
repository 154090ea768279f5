package com.zestythumb.core.exercise;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.exercise.Marking.Mark;
import com.zestythumb.core.exercise.Marking.Verdict;
import com.zestythumb.core.exercise.Task.Question;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a student takes home of a chord that was not right: her own bars, and beside them a better way.
 *
 * @param bar what a teacher calls its bar
 * @param prompt what was asked
 * @param words what is said of it, the most important first
 * @param chord which sounding chord of {@code yours} it is, from 0
 * @param yours the bar before and its own as they were answered; null where it was answered in a word
 * @param better the same with a better way; null where it was answered in a word
 * @param said the word that was given; empty where keys were played
 * @param right a word that is right; empty where keys were played
 */
public record Correction(
        int bar,
        String prompt,
        List<String> words,
        int chord,
        LeadSheet yours,
        LeadSheet better,
        String said,
        String right) {

    /** Of every mark that is not right, in their order. */
    public static List<Correction> of(Task task, Answers answers, List<Mark> marks) {
        Map<Integer, Question> questions =
                task.questions().stream().collect(Collectors.toMap(Question::chord, question -> question));
        List<Correction> corrections = new ArrayList<>();
        for (Mark mark : marks) {
            Question question = questions.get(mark.chord());
            if (mark.verdict() != Verdict.RIGHT && question != null) {
                corrections.add(of(task, answers, mark, question));
            }
        }
        return corrections;
    }

    private static Correction of(Task task, Answers answers, Mark mark, Question question) {
        int chord = mark.chord();
        List<String> words = mark.words().isEmpty() ? List.of("not answered") : mark.words();
        Exercise exercise =
                task instanceof Transposed moved ? moved.played() : task instanceof Exercise voiced ? voiced : null;
        if (exercise == null) {
            boolean isSaid = task.asked().how() != ExerciseKind.How.PLAYED;
            return new Correction(
                    mark.bar(),
                    question.prompt(),
                    words,
                    0,
                    null,
                    null,
                    answers.words().getOrDefault(chord, ""),
                    isSaid ? task.solution().words().getOrDefault(chord, "") : "");
        }
        int bar = exercise.key().chords().get(chord).event().bar();
        int from = Math.max(0, bar - 1);
        int first = (int) exercise.key().chords().stream()
                .map(ArrangedChord::event)
                .filter(event -> event.bar() < from)
                .count();
        return new Correction(
                mark.bar(),
                question.prompt(),
                words,
                chord - first,
                exercise.page(answers, Set.of()).excerpt(from, bar + 1),
                exercise.page(better(exercise, answers, mark, from), Set.of()).excerpt(from, bar + 1),
                "",
                "");
    }

    /** The chord otherwise, so that it is right where it stands; where nothing is, all of these bars as the key has them. */
    private static Answers better(Exercise exercise, Answers answers, Mark mark, int from) {
        Map<Integer, List<Integer>> model = exercise.solution().keys();
        return Stream.concat(
                        Stream.of(mark.nearer(), model.getOrDefault(mark.chord(), List.of())),
                        exercise.ways(mark.chord(), answers).stream())
                .filter(keys -> !keys.isEmpty())
                .map(keys -> answers.with(mark.chord(), keys, ""))
                .filter(one -> Marking.of(exercise, one.keys()).marks().stream()
                        .anyMatch(other -> other.chord() == mark.chord() && other.verdict() == Verdict.RIGHT))
                .findFirst()
                .orElseGet(() -> asInKey(exercise, answers, model, from, mark.chord()));
    }

    private static Answers asInKey(
            Exercise exercise, Answers answers, Map<Integer, List<Integer>> model, int from, int last) {
        Answers all = answers;
        for (Exercise.Place place : exercise.places()) {
            if (place.event().bar() >= from && place.chord() <= last) {
                all = all.with(place.chord(), model.getOrDefault(place.chord(), List.of()), "");
            }
        }
        return all;
    }
}
