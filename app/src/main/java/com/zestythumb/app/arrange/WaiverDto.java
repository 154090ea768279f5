package com.zestythumb.app.arrange;

import com.zestythumb.core.arrangement.Waiver;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/** Something that the teacher leaves as it is. */
@Schema(name = "Waiver")
public record WaiverDto(
        @Schema(description = "Code of what is found.", example = "parallel-fifths") @NotNull @Size(max = 80)
        String code,

        @Schema(description = "Index of the written bar; −1 for the whole tune.") @Min(-1)
        int bar,

        @Schema(description = "Why, in her own words; may be empty.") @NotNull @Size(max = 200)
        String reason) {

    static WaiverDto of(Waiver waiver) {
        return new WaiverDto(waiver.code(), waiver.bar(), waiver.reason());
    }

    Waiver toWaiver() {
        return new Waiver(code, bar, reason);
    }
}
