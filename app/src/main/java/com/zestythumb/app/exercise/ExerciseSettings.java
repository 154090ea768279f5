package com.zestythumb.app.exercise;

import com.zestythumb.core.exercise.Criterion;
import com.zestythumb.core.pitch.Key;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Set;

/** How an exercise is to be worked at. */
@Schema(name = "ExerciseSettings")
public record ExerciseSettings(
        @Schema(description = "The key in which it is to be played, where that is asked; else null.", nullable = true)
        @Size(max = 20)
        String to,

        @Schema(description = "Whether a student may ask for a note at a time.")
        boolean help,

        @Schema(
                description =
                        "Whether the hand is seen at first, and each bar goes once it was right three times, to come back after a slip.")
        boolean fading,

        @Schema(description = "So many tries are finished before their marks are seen; 0 for none.") @Min(0) @Max(20)
        int marksAfter,

        @Schema(description = "What counts for the marks.") @NotNull
        Set<@NotNull Criterion> counts) {

    public static final ExerciseSettings USUAL = new ExerciseSettings(null, false, false, 0, Criterion.USUAL);

    public ExerciseSettings {
        counts = counts == null || counts.isEmpty() ? Criterion.USUAL : Set.copyOf(counts);
    }

    /** The key that is asked for, or null. */
    Key key() {
        return to == null || to.isBlank() ? null : Key.parse(to);
    }
}
