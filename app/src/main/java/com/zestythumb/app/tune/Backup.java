package com.zestythumb.app.tune;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.function.Function;

/** Everything a studio holds, as one file of JSON. */
public record Backup(
        @Schema(example = "zesty-thumb-backup") @NotNull String kind,
        int formatVersion,
        @NotNull @Size(max = 20_000) List<@NotNull @Valid KeptTune> tunes) {

    private static final String KIND = "zesty-thumb-backup";

    public Backup {
        if (kind != null && !KIND.equals(kind)) {
            throw new IllegalArgumentException("this file is no backup of this app; choose the one saved under Backup");
        }
    }

    /** A tune with its settings, labels and history. */
    public record KeptTune(
            @NotNull String chart,
            @NotNull @Size(min = 1, max = 100) List<@NotNull @Valid SettingDto> settings,
            @NotNull List<String> tags,
            int level,
            @NotNull Instant updatedAt,
            @Schema(nullable = true) Instant removedAt,
            @NotNull List<@NotNull @Valid KeptState> history) {

        boolean isSameAs(Tune other) {
            return chart.equals(other.chart()) && settings.equals(settingsOf(other)) && tags.equals(other.tags());
        }
    }

    /** An earlier state of a tune. */
    public record KeptState(
            @NotNull Instant savedAt,
            @NotNull String title,
            @NotNull String chart) {}

    static Backup of(List<Tune> tunes, Function<Tune, List<TuneRevision>> history) {
        return new Backup(
                KIND,
                1,
                tunes.stream().map(tune -> kept(tune, history.apply(tune))).toList());
    }

    private static List<SettingDto> settingsOf(Tune tune) {
        return tune.settings().stream().map(Setting::toDto).toList();
    }

    private static KeptTune kept(Tune tune, List<TuneRevision> history) {
        return new KeptTune(
                tune.chart(),
                settingsOf(tune),
                tune.tags(),
                tune.level(),
                tune.updatedAt(),
                tune.removedAt(),
                history.stream()
                        .map(r -> new KeptState(r.savedAt(), r.title(), r.chart()))
                        .toList());
    }
}
