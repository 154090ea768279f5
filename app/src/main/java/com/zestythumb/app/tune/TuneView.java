package com.zestythumb.app.tune;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** A tune as the page reads it. */
@Schema(name = "Tune")
public record TuneView(
        long id,
        long version,
        String title,
        String chart,
        List<SettingDto> settings,
        List<String> tags,
        int level,
        Instant updatedAt) {

    static TuneView of(Tune tune) {
        return new TuneView(
                tune.id(),
                tune.version(),
                tune.title(),
                tune.chart(),
                tune.settings().stream().map(Setting::toDto).toList(),
                tune.tags(),
                tune.level(),
                tune.updatedAt());
    }
}
