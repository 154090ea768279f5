package com.zestythumb.app.arrange;

import com.zestythumb.core.arrangement.Pin;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Fraction;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;

/** A voicing the teacher fixed. */
@Schema(name = "Pin")
public record PinDto(
        @Schema(description = "Its own name, which it keeps whatever moves; made by whoever fixed it. May be left out.")
        @Size(max = 40)
        String id,

        @Schema(description = "Bar as written, counted from 1.") @Min(1)
        int bar,

        @Schema(description = "Quarter notes after the bar line, a whole number or a fraction.", example = "3/2")
        @NotNull
        @Pattern(regexp = "\\d{1,3}(/[1-9]\\d{0,2})?")
        String start,

        @Schema(description = "The pitches.", example = "[\"E3\", \"G3\", \"C4\"]") @NotNull @Size(min = 1, max = 5)
        List<String> notes) {

    public PinDto {
        id = id == null ? "" : id;
    }

    public static PinDto of(Pin pin) {
        return new PinDto(
                pin.id(),
                pin.bar() + 1,
                pin.start().toString(),
                pin.notes().stream().map(Pitch::toString).toList());
    }

    Pin toPin() {
        String[] parts = start.split("/");
        Fraction at = Fraction.of(Long.parseLong(parts[0]), parts.length > 1 ? Long.parseLong(parts[1]) : 1);
        return new Pin(id, bar - 1, at, notes.stream().map(Pitch::parse).toList());
    }
}
