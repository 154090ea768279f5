package com.zestythumb.app.tune;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** What a tune is found by on the shelf. */
public record ShelfLabels(
        @Schema(description = "Words of the teacher's own.", example = "[\"recital\"]") @NotNull @Size(max = 20)
        List<@NotBlank @Size(max = 40) String> tags,

        @Schema(description = "From 1, easiest, to 5; 0 where none is told.") @Min(0) @Max(5)
        int level) {}
