package com.zestythumb.app.arrange;

import com.zestythumb.core.practising.PracticeStep;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Locale;

/** What is practised at a time. */
@Schema(name = "PracticeStep")
public record PracticeStepDto(
        @Schema(allowableValues = {"tune", "right", "bass", "held", "left", "filler", "together"})
        @NotNull
        @Size(max = 20)
        String hands,

        @Schema(description = "Index of its first bar.") @Min(0)
        int from,

        @Schema(description = "Index of its last bar.") @Min(0)
        int to,

        @Schema(description = "Per cent of the tune's tempo to begin with.") @Min(1) @Max(1000)
        int start,

        @Schema(description = "Per cent to come to.") @Min(1) @Max(1000)
        int goal,

        @Schema(description = "Times without a slip before it goes faster.") @Min(1) @Max(100)
        int rounds,

        @Schema(description = "About so many.") @Min(0) @Max(1000)
        double minutes,

        @Schema(description = "In a sentence for the student.") @NotNull @Size(max = 200)
        String why,

        @Schema(description = "A word from the teacher; empty where there is none.") @NotNull @Size(max = 200)
        String word) {

    static PracticeStepDto of(PracticeStep step) {
        return new PracticeStepDto(
                step.hands().name().toLowerCase(Locale.ROOT),
                step.from(),
                step.to(),
                step.start(),
                step.goal(),
                step.rounds(),
                step.minutes(),
                step.why(),
                "");
    }
}
