package com.zestythumb.app.tune;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** A tune as the page reads it. */
@Schema(name = "Tune")
public record TuneView(
        long id,

        @Schema(description = "To be named in If-Match when the chart is saved.")
        long version,

        String title,
        String chart,
        List<AssignmentView> assignments,
        List<String> tags,
        int level,
        Instant updatedAt) {

    static TuneView of(Tune tune, List<Assignment> assignments) {
        return new TuneView(
                tune.id(),
                tune.version(),
                tune.title(),
                tune.chart(),
                assignments.stream().map(AssignmentView::of).toList(),
                tune.tags(),
                tune.level(),
                tune.updatedAt());
    }
}
