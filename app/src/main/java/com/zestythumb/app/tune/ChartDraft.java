package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ArrangementRequest;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/** The text of a tune. */
public record ChartDraft(
        @NotNull
        @Size(max = ArrangementRequest.MAX_CHART, message = "holds more than {max} letters; cut the tune in two")
        String chart) {}
