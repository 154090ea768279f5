package com.zestythumb.app.exercise;

import com.zestythumb.app.arrange.HandDto;
import com.zestythumb.core.exercise.Answers;
import com.zestythumb.core.exercise.ExerciseKind;
import com.zestythumb.core.exercise.ExerciseKind.How;
import com.zestythumb.core.exercise.Hidden;
import com.zestythumb.core.exercise.Marking;
import com.zestythumb.core.exercise.Marking.Mark;
import com.zestythumb.core.exercise.Task;
import com.zestythumb.core.exercise.Task.Question;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What a student sees of an exercise, and nothing of anybody else. */
@Schema(name = "AnswerSheet")
public record AnswerSheet(
        String title,

        @Schema(description = "Empty where it is for anybody.")
        String student,

        @Schema(description = "Who answers, where it is for anybody and somebody said so.")
        String name,

        @Schema(description = "A word from the teacher.") String words,

        ExerciseKind asked,

        @Schema(description = "How it is answered.") How how,

        @Schema(description = "What counts for the marks; empty where each question says it.")
        String counts,

        @Schema(description = "Whether help may be asked for, which tells more each time.")
        boolean help,

        @Schema(description = "Whether the notes go bar by bar as they are known.")
        boolean fading,

        HandDto hand,

        @Schema(description = "Whether the tune's chords are broken, so that their keys may come one after another.")
        boolean broken,

        @Schema(description = "Lowest and highest key that may be wanted, as MIDI numbers.")
        List<Integer> keys,

        @Schema(description = "Which try this is, from 1.") int attempt,

        @Schema(description = "How many may follow it; −1 for as many as are wished.")
        int triesLeft,

        boolean atOnce,
        boolean finished,
        List<AskedChord> places,
        int points,

        @Schema(description = "All the points there are.") int most,

        @Schema(description = "By how many half steps it is smoother than what the app would play; 0 where it is not.")
        int smoother,

        @Schema(description = "What the teacher says of it.")
        String said) {

    /** A chord that is asked for. */
    @Schema(name = "AskedChord")
    public record AskedChord(
            @Schema(description = "Its index among the sounding chords.")
            int chord,

            @Schema(description = "What a teacher calls its bar; 0 for a pickup.")
            int bar,

            String symbol,

            @Schema(description = "What is to be found.", example = "C, first inversion")
            String prompt,

            @Schema(description = "Words of which one is right; none where it is played or written.")
            List<String> choices,

            @Schema(description = "What stands under the bass, the highest first.", example = "[\"6\", \"5\"]")
            List<String> figures,

            @Schema(description = "MIDI keys; empty where nothing is answered yet.")
            List<Integer> keys,

            @Schema(description = "What is written or chosen; empty where nothing is yet.")
            String word,

            @Schema(description = "Null until it is marked.", nullable = true)
            Mark mark) {}

    /**
     * As it stands.
     *
     * @param marking what is to be seen of the marks; null for nothing
     * @param hidden whether the marks of this try are not to be seen
     */
    static AnswerSheet of(KeptExercise kept, Task task, Attempt attempt, Marking marking, boolean hidden) {
        Answers answers = attempt.answers();
        boolean finished = attempt.finishedAt() != null;
        List<Mark> given =
                finished ? attempt.marks() : marking == null ? List.of() : attempt.overruled(marking.marks());
        List<Mark> seen = hidden ? List.of() : given;
        Map<Integer, Mark> marks = seen.stream().collect(Collectors.toMap(Mark::chord, Function.identity()));
        return new AnswerSheet(
                kept.title(),
                kept.student() == null ? "" : kept.student().name(),
                attempt.name(),
                kept.words(),
                task.asked(),
                task.asked().how(),
                task.counted(),
                kept.settings().help(),
                kept.settings().fading(),
                kept.hand(),
                !task.key().choices().pattern().equals(AccompanimentPatterns.BLOCK),
                task.range(),
                attempt.number(),
                kept.tries() == 0 ? -1 : Math.max(0, kept.tries() - attempt.number()),
                kept.atOnce(),
                finished,
                task.questions().stream()
                        .map(question -> asked(question, task, answers, marks))
                        .toList(),
                hidden ? 0 : attempt.points(),
                hidden ? 0 : attempt.most(),
                hidden ? 0 : attempt.smoother(),
                attempt.said());
    }

    private static AskedChord asked(Question question, Task task, Answers answers, Map<Integer, Mark> marks) {
        boolean secret = task.asked().how() != How.PLAYED || task.hidden().contains(Hidden.SYMBOLS);
        return new AskedChord(
                question.chord(),
                question.bar(),
                secret
                        ? ""
                        : task.key()
                                .sheet()
                                .heading()
                                .print(task.key().chords().get(question.chord()).chord()),
                question.prompt(),
                question.choices(),
                question.figures(),
                answers.keys().getOrDefault(question.chord(), List.of()),
                answers.words().getOrDefault(question.chord(), ""),
                marks.get(question.chord()));
    }
}
