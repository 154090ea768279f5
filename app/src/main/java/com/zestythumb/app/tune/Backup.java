package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.arrange.OwnFigureDto;
import com.zestythumb.app.student.StudentDraft;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;

/** Everything a studio holds, as one file of JSON. */
public record Backup(
        @Schema(example = "zesty-thumb-backup") @NotNull String kind,
        int formatVersion,
        @NotNull @Size(max = 20_000) List<@NotNull @Valid KeptTune> tunes,

        @Schema(description = "Figures of the teacher's own.") @Size(max = 2000)
        List<@NotNull @Valid OwnFigureDto> figures) {

    public Backup {
        figures = figures == null ? List.of() : figures;
    }

    static final String KIND = "zesty-thumb-backup";
    static final int FORMAT = 3;

    /** A tune with what is played of it, labels and history. */
    public record KeptTune(
            @NotNull String chart,
            @NotNull @Size(min = 1, max = 100) List<@NotNull @Valid KeptAssignment> assignments,
            @NotNull List<String> tags,
            int level,
            @NotNull Instant updatedAt,
            @Schema(nullable = true) Instant removedAt,
            @NotNull List<@NotNull @Valid KeptState> history) {}

    /** What one student plays of a tune. */
    public record KeptAssignment(
            @NotNull @Valid StudentDraft student,
            @NotNull @Valid ChoicesDto choices) {}

    /** An earlier state of a tune. */
    public record KeptState(
            @NotNull Instant savedAt,
            @NotNull String title,
            @NotNull String chart,
            @Schema(description = "How it was played then.") List<@NotNull @Valid KeptAssignment> played) {

        public KeptState {
            played = played == null ? List.of() : played;
        }
    }
}
