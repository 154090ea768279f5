package com.zestythumb.app.arrange;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** What a student practised of a tune, on each page of it as its bars stood then. */
@Schema(name = "PracticeRecord")
public record PracticeRecordDto(@NotNull @Size(max = 50) List<@NotNull @Valid Page> pages) {

    public static final PracticeRecordDto NOTHING = new PracticeRecordDto(List.of());

    /** What was practised while the bars stood so. */
    @Schema(name = "PractisedPage")
    public record Page(
            @Schema(description = "A mark of each bar, by which what was practised follows bars that move.")
            @NotNull
            @Size(max = 5000)
            List<@NotNull @Size(max = 20) String> bars,

            @Schema(description = "As it was told, or a day and a step at a time.") @NotNull @Size(max = 500)
            List<@NotNull @Valid PractisedDto> steps) {}
}
