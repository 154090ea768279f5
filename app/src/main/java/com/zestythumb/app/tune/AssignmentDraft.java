package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.core.arrangement.Choices;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;

/** A tune given to a student. */
public record AssignmentDraft(
        @Schema(description = "The student's number.") long student,

        @Schema(description = "What is played; as usual where it is left out.") @Valid
        ChoicesDto choices) {

    public AssignmentDraft {
        choices = choices == null ? ChoicesDto.of(Choices.USUAL) : choices;
    }
}
