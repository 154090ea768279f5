package com.zestythumb.app.arrange;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;

/** What a student practised of a step: once, as a device tells it, or all of a day, as it is shown. */
@Schema(name = "Practised")
public record PractisedDto(
        @Schema(description = "What a device calls it: told twice, it is kept once. Empty where a day is shown.")
        @Pattern(regexp = "[A-Za-z0-9-]{0,40}")
        String id,

        @Schema(description = "The day, by the student's own calendar.", example = "2026-11-29")
        @NotNull
        @Pattern(regexp = "\\d{4}-\\d{2}-\\d{2}")
        String day,

        @Schema(allowableValues = {"tune", "right", "bass", "held", "left", "filler", "together"})
        @NotNull
        @Size(max = 80)
        String hands,

        @Schema(description = "Index of the first bar; -1 where its bars are gone.") @Min(-1)
        int from,

        @Schema(description = "Index of the last bar; -1 where its bars are gone.") @Min(-1)
        int to,

        @Schema(description = "Per cent of the tempo that were reached.") @Min(0) @Max(1000)
        int percent,

        @Schema(description = "Rounds that were played to their end.") @Min(0) @Max(1_000_000)
        int rounds,

        @Schema(description = "Slips that were told.") @Min(0) @Max(1_000_000)
        int slips,

        @Min(0) @Max(1_000_000) int seconds,

        @Schema(description = "Whether the step is done with; null where that was not told.", nullable = true)
        Boolean done) {

    public PractisedDto {
        id = id == null ? "" : id;
    }
}
