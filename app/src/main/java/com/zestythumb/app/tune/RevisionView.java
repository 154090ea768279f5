package com.zestythumb.app.tune;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** An earlier state of a tune. */
@Schema(name = "Revision")
public record RevisionView(
        long id,
        @Schema(description = "When it was last so.") Instant savedAt,

        @Schema(description = "What it is remembered by; empty where it has no name.")
        String name,

        String title,
        String chart,
        @Schema(description = "How it was played.") List<History.Played> played) {}
