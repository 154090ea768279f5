package com.zestythumb.app.student;

import com.zestythumb.app.arrange.HandDto;
import com.zestythumb.core.voicing.Hand;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;

/** A student as the page sends it. */
public record StudentDraft(
        @Schema(example = "Wren, 8") @NotBlank @Size(max = 80)
        String name,

        @Schema(description = "The hand; an adult's octave where it is left out.") @Valid
        HandDto hand,

        @Schema(description = "From 1, a beginner, to 5; 0 where none is told.") @Min(0) @Max(5)
        int level) {

    public StudentDraft {
        hand = hand == null ? HandDto.of(Hand.OCTAVE) : hand;
        name = name == null ? null : name.strip();
    }
}
