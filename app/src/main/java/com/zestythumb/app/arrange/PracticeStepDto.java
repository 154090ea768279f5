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

        @Schema(description = "Index of its first bar; -1 where its bars are gone.") @Min(-1)
        int from,

        @Schema(description = "Index of its last bar; -1 where its bars are gone.") @Min(-1)
        int to,

        @Schema(description = "Per cent of the tune's tempo to begin with.") @Min(1) @Max(1000)
        int start,

        @Schema(description = "Per cent to come to.") @Min(1) @Max(1000)
        int goal,

        @Schema(description = "Per cent by which it goes faster.") @Min(1) @Max(100)
        Integer by,

        @Schema(description = "Times without a slip before it goes faster.") @Min(1) @Max(100)
        int rounds,

        @Schema(description = "About so many.") @Min(0) @Max(1000)
        double minutes,

        @Schema(description = "Whether the hand is wide open for most of it, so that it is played in small doses.")
        Boolean isWide,

        @Schema(description = "In a sentence for the student.") @NotNull @Size(max = 200)
        String why,

        @Schema(description = "A word from the teacher; empty where there is none.") @NotNull @Size(max = 200)
        String word) {

    private static final int USUAL = 5;

    public PracticeStepDto {
        // What was kept before these could be told.
        by = by == null ? USUAL : by;
        isWide = isWide != null && isWide;
    }

    static PracticeStepDto of(PracticeStep step) {
        return new PracticeStepDto(
                step.hands().name().toLowerCase(Locale.ROOT),
                step.from(),
                step.to(),
                step.start(),
                step.goal(),
                step.by(),
                step.rounds(),
                step.minutes(),
                step.isWide(),
                step.why(),
                "");
    }
}
