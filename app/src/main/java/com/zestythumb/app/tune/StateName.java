package com.zestythumb.app.tune;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/** What an earlier state is remembered by. */
record StateName(
        @Schema(description = "Empty for none.", example = "as played in May") @NotNull @Size(max = 80)
        String name) {}
