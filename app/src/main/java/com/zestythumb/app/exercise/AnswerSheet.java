package com.zestythumb.app.exercise;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.arrange.HandDto;
import com.zestythumb.core.exercise.Asked;
import com.zestythumb.core.exercise.Exercise;
import com.zestythumb.core.exercise.Marking;
import com.zestythumb.core.exercise.Marking.Mark;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.LeadSheet;
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

        @Schema(description = "A word from the teacher.") String words,

        Asked asked,

        @Schema(
                description =
                        "The tune with what is given, what is answered and rests for the rest; once all is right in its pattern.")
        String chart,

        ChoicesDto choices,
        HandDto hand,

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

            @Schema(description = "MIDI keys; empty where nothing is answered yet.")
            List<Integer> keys,

            @Schema(description = "Null until it is marked.", nullable = true)
            Mark mark) {}

    /**
     * As it stands.
     *
     * @param marking what is to be seen of the marks; null for nothing
     */
    static AnswerSheet of(KeptExercise kept, Exercise exercise, Attempt attempt, Marking marking) {
        Map<Integer, List<Integer>> answers = attempt.answers();
        List<Mark> seen =
                attempt.finishedAt() != null ? attempt.marks() : marking == null ? List.of() : marking.marks();
        Map<Integer, Mark> marks = seen.stream().collect(Collectors.toMap(Mark::chord, Function.identity()));
        LeadSheet sheet = exercise.key().sheet();
        // Once all is found it is heard as the teacher plays it.
        boolean found =
                attempt.finishedAt() != null && attempt.points() == attempt.most() && exercise.asked() == Asked.CHORDS;
        return new AnswerSheet(
                kept.title(),
                kept.student() == null ? "" : kept.student().name(),
                kept.words(),
                kept.asked(),
                found ? kept.chart() : ChartWriter.write(exercise.page(answers)),
                found ? ChoicesDto.of(exercise.with(answers)) : kept.choices(),
                kept.hand(),
                attempt.number(),
                kept.tries() == 0 ? -1 : Math.max(0, kept.tries() - attempt.number()),
                kept.atOnce(),
                attempt.finishedAt() != null,
                exercise.places().stream()
                        .map(place -> new AskedChord(
                                place.chord(),
                                sheet.bars().get(place.event().bar()).number(),
                                sheet.heading().print(place.event().chord()),
                                answers.getOrDefault(place.chord(), List.of()),
                                marks.get(place.chord())))
                        .toList(),
                attempt.points(),
                attempt.most(),
                attempt.smoother(),
                attempt.said());
    }
}
