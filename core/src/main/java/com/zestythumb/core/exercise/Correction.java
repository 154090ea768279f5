package com.zestythumb.core.exercise;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.exercise.Marking.Mark;
import com.zestythumb.core.exercise.Marking.Verdict;
import com.zestythumb.core.exercise.Task.Question;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

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
        if (!(task instanceof Exercise)) {
            boolean isSaid = task.asked().how() != Asked.How.PLAYED;
            return new Correction(
                    mark.bar(),
                    question.prompt(),
                    mark.words(),
                    0,
                    null,
                    null,
                    answers.words().getOrDefault(chord, ""),
                    isSaid ? task.solution().words().getOrDefault(chord, "") : "");
        }
        List<Integer> keys =
                mark.nearer().isEmpty() ? task.solution().keys().getOrDefault(chord, List.of()) : mark.nearer();
        int bar = task.key().chords().get(chord).event().bar();
        int from = Math.max(0, bar - 1);
        int first = (int) task.key().chords().stream()
                .map(ArrangedChord::event)
                .filter(event -> event.bar() < from)
                .count();
        return new Correction(
                mark.bar(),
                question.prompt(),
                mark.words(),
                chord - first,
                bars(task.page(answers, Set.of()), from, bar),
                bars(task.page(answers.with(chord, keys, ""), Set.of()), from, bar),
                "",
                "");
    }

    private static LeadSheet bars(LeadSheet sheet, int from, int to) {
        List<Bar> bars = sheet.bars().subList(from, to + 1);
        return new LeadSheet(sheet.heading(), bars);
    }
}
