package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ArrangementRequest;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** A tune as the page sends it. */
public record TuneDraft(
        @Schema(description = "The version this was made from; 0 for a new tune.")
        long version,

        @NotNull
        @Size(max = ArrangementRequest.MAX_CHART, message = "holds more than {max} letters; cut the tune in two")
        String chart,

        @NotNull @Size(min = 1, max = 100) List<@NotNull @Valid SettingDto> settings) {}
