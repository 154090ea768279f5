package com.zestythumb.app.exercise;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.arrange.HandDto;
import com.zestythumb.core.exercise.Correction;
import com.zestythumb.core.exercise.ExerciseKind;
import com.zestythumb.core.exercise.Task;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.LeadSheet;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** A page that a student takes home of a try: what was not right, in her own bars, and a better way beside them. */
@Schema(name = "TakeHome")
record TakeHome(
        String title,

        @Schema(description = "Empty where it is for anybody.")
        String student,

        Instant finishedAt,
        int points,
        int most,

        @Schema(description = "What the teacher says of it.")
        String said,

        ChoicesDto choices,
        HandDto hand,

        @Schema(description = "Whose rules its faults are drawn by.")
        String school,

        List<Item> items) {

    /** One chord that was not right. */
    @Schema(name = "TakeHomeItem")
    record Item(
            int bar,
            String prompt,
            List<String> words,

            @Schema(description = "Which chord of the bars it is, from 0.")
            int chord,

            @Schema(description = "The bars as they were answered, as a chart; empty where a word was given.")
            String yours,

            @Schema(description = "The same with a better way.")
            String better,

            String said,
            String right) {

        private static Item of(Correction one) {
            return new Item(
                    one.bar(),
                    one.prompt(),
                    one.words(),
                    one.chord(),
                    chart(one.yours()),
                    chart(one.better()),
                    one.said(),
                    one.right());
        }

        private static String chart(LeadSheet sheet) {
            return sheet == null ? "" : ChartWriter.write(sheet);
        }
    }

    static TakeHome of(KeptExercise exercise, Task task, Attempt attempt) {
        return new TakeHome(
                exercise.title(),
                exercise.student() == null ? "" : exercise.student().name(),
                attempt.finishedAt(),
                attempt.points(),
                attempt.most(),
                attempt.said(),
                exercise.choices(),
                exercise.hand(),
                task.asked() == ExerciseKind.FOUR_PARTS
                        ? "strict"
                        : task.key().choices().school().id(),
                Correction.of(task, attempt.answers(), attempt.marks()).stream()
                        .map(Item::of)
                        .toList());
    }
}
