package com.zestythumb.app.exercise;

import com.zestythumb.app.arrange.ArrangementRequest;
import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.arrange.HandDto;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.exercise.ExerciseKind;
import com.zestythumb.core.exercise.Task;
import com.zestythumb.core.sheet.Chart;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Set;

/** What a student is to find in a tune. */
public record ExerciseDraft(
        @Schema(description = "The student's number; null where it is for anybody.", nullable = true)
        Long student,

        @NotNull @Size(max = ArrangementRequest.MAX_CHART) String chart,
        @Valid @NotNull ChoicesDto choices,
        @Valid @NotNull HandDto hand,

        @Schema(description = "Bars as written, from 0, whose left hand is to be found.") @NotNull @Size(max = 1000)
        Set<@NotNull Integer> bars,

        @NotNull ExerciseKind asked,

        @Schema(description = "How often it may be tried; 0 for as often as is wished.", defaultValue = "0")
        @Min(0)
        @Max(20)
        int tries,

        @Schema(description = "Whether each chord is marked at once, or all of them at the end.")
        boolean atOnce,

        @Schema(description = "A word to the student.") @Size(max = 500)
        String words,

        @Schema(description = "How it is worked at; the usual way where it is not told.", nullable = true) @Valid
        ExerciseSettings settings) {

    public ExerciseDraft {
        settings = settings == null ? ExerciseSettings.USUAL : settings;
        words = words == null ? "" : words.strip();
    }

    /** What is asked, with its key; refuses what makes no sense. */
    Task task() {
        return Task.of(
                Arrangement.of(Chart.read(chart).sheet(), choices.toChoices(hand)),
                bars,
                asked,
                settings.key(),
                settings.counts());
    }
}
