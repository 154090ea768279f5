package com.zestythumb.app.tune;

import com.zestythumb.app.http.Versioned;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;

/** A chart was saved. */
@Schema(name = "SavedChart")
record SavedChart(
        @Schema(description = "To be named in If-Match at the next save.")
        long version,

        String title,
        Instant updatedAt)
        implements Versioned {}
