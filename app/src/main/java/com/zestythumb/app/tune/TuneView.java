package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.PracticeRecordDto;
import com.zestythumb.app.http.Resource;
import com.zestythumb.app.http.Versioned;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;

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
        Instant updatedAt)
        implements Resource, Versioned {

    @Override
    public String address() {
        return "/api/tunes/" + id;
    }

    static TuneView of(Tune tune, List<Assignment> assignments, Map<Long, PracticeRecordDto> practised) {
        return new TuneView(
                tune.id(),
                tune.version(),
                tune.title(),
                tune.chart(),
                assignments.stream()
                        .map(one -> AssignmentView.of(one, practised.getOrDefault(one.id(), PracticeRecordDto.NOTHING)))
                        .toList(),
                tune.tags(),
                tune.level(),
                tune.updatedAt());
    }
}
