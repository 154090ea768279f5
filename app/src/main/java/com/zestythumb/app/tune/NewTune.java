package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ArrangementRequest;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** A tune to be put on the shelf. */
public record NewTune(
        @NotNull
        @Size(max = ArrangementRequest.MAX_CHART, message = "holds more than {max} letters; cut the tune in two")
        String chart,

        @Schema(description = "Who plays it; any hand where it is left out.") @Size(max = 100)
        List<@NotNull @Valid AssignmentDraft> assignments) {

    public NewTune {
        assignments = assignments == null ? List.of() : assignments;
    }
}
