package com.zestythumb.app.exercise;

import com.zestythumb.core.exercise.Marking.Mark;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;

/** One try, as the teacher sees it. */
@Schema(name = "Attempt")
public record AttemptView(
        long id,

        @Schema(description = "Who answered, where the exercise is for anybody; empty where nobody said.")
        String name,

        int number,
        Instant begunAt,

        @Schema(description = "Null while it is not finished.", nullable = true)
        Instant finishedAt,

        int seconds,
        int points,
        int most,
        List<Mark> marks,

        @Schema(description = "MIDI keys by chord.") Map<Integer, List<Integer>> answers,

        @Schema(description = "What was written or chosen, by chord.")
        Map<Integer, String> words,

        @Schema(description = "How often help was asked for, by chord.")
        Map<Integer, Integer> helped,

        @Schema(description = "Seconds until the first key, by chord.")
        Map<Integer, Integer> waited,

        @Schema(description = "What the teacher says of it.")
        String said,

        @Schema(description = "Points that the teacher gave, by chord.")
        Map<Integer, Integer> overruled) {

    static AttemptView of(Attempt attempt) {
        return new AttemptView(
                attempt.id(),
                attempt.name(),
                attempt.number(),
                attempt.begunAt(),
                attempt.finishedAt(),
                attempt.seconds(),
                attempt.points(),
                attempt.most(),
                attempt.marks(),
                attempt.answers().keys(),
                attempt.answers().words(),
                attempt.details().helped(),
                attempt.details().waited(),
                attempt.said(),
                attempt.overruled());
    }
}
