package com.zestythumb.app.tune;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.arrange.HandDto;
import com.zestythumb.app.arrange.OwnFigureDto;
import com.zestythumb.app.arrange.PracticeRecordDto;
import com.zestythumb.app.student.StudentDraft;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import tools.jackson.databind.JsonNode;

/** Everything a studio holds, as one file of JSON. What a file may hold nobody counts: it is written and read in lots. */
@Schema(name = "Backup")
record Backup(
        @Schema(example = "zesty-thumb-backup") String kind,
        int formatVersion,
        List<KeptStudent> students,
        List<KeptTune> tunes,

        @Schema(description = "Figures of the teacher's own.")
        List<KeptFigure> figures) {

    static final String KIND = "zesty-thumb-backup";
    static final int FORMAT = 5;

    /** A student, whether it plays anything or not. */
    record KeptStudent(
            @Schema(description = "By which assignments name it in this file.")
            int number,

            @NotNull @Valid StudentDraft draft,
            @Schema(nullable = true) Instant removedAt) {}

    /** A tune with what is played of it, labels and history. */
    record KeptTune(
            @NotNull String chart,
            @NotNull List<@NotNull @Valid KeptAssignment> assignments,
            @NotNull List<@NotNull String> tags,
            int level,
            @NotNull Instant updatedAt,
            @Schema(nullable = true) Instant removedAt,
            @NotNull List<@NotNull @Valid KeptState> history) {}

    /** What one student plays of a tune. */
    record KeptAssignment(
            @Schema(description = "The student's number in this file.")
            int student,

            @Schema(description = "From the first, 0.") int place,

            @Schema(implementation = ChoicesDto.class) @NotNull
            JsonNode choices,

            @Schema(description = "What was practised of it.") @Valid
            PracticeRecordDto practised,

            @Schema(nullable = true) Instant removedAt) {

        KeptAssignment {
            practised = practised == null ? PracticeRecordDto.NOTHING : practised;
        }
    }

    /** An earlier state of a tune. */
    record KeptState(
            @NotNull Instant savedAt,

            @Schema(description = "Empty where it has none.")
            String name,

            @NotNull String title,
            @NotNull String chart,
            @Schema(description = "How it was played then.") List<@NotNull @Valid KeptPlayed> played) {

        KeptState {
            name = name == null ? "" : name;
            played = played == null ? List.of() : played;
        }
    }

    /** How a tune was played once. */
    record KeptPlayed(
            @Schema(description = "Which of the tune's assignments, from 0; -1 where it is none of them any more.")
            int assignment,

            @NotNull String student,

            @Schema(description = "As it was then, where that is known.", nullable = true) @Valid
            HandDto hand,

            @Schema(implementation = ChoicesDto.class) @NotNull
            JsonNode choices) {}

    /** A figure of the teacher's own. */
    @Schema(name = "FigureInBackup")
    record KeptFigure(
            @NotNull @Valid OwnFigureDto figure,
            @Schema(nullable = true) Instant removedAt) {}
}
