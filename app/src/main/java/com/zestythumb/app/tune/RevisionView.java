package com.zestythumb.app.tune;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;

/** An earlier state of a tune. */
@Schema(name = "Revision")
public record RevisionView(
        long id,
        @Schema(description = "When it was last so.") Instant savedAt,
        String title,
        String chart) {

    static RevisionView of(TuneRevision revision) {
        return new RevisionView(revision.id(), revision.savedAt(), revision.title(), revision.chart());
    }
}
