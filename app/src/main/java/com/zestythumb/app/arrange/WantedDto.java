package com.zestythumb.app.arrange;

import com.zestythumb.core.arrangement.WantedNote;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Fraction;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.function.UnaryOperator;

/** A note wanted at an edge of a chord. */
@Schema(name = "WantedNote")
public record WantedDto(
        @Schema(description = "Bar as written, counted from 1.") @Min(1)
        int bar,

        @Schema(description = "Quarter notes after the bar line, a whole number or a fraction.", example = "3/2")
        @NotNull
        @Pattern(regexp = "\\d{1,3}(/[1-9]\\d{0,2})?")
        String start,

        @Schema(description = "The highest note; empty where any may be.", example = "G") @Size(max = 3)
        String top,

        @Schema(description = "The lowest note; empty where any may be.") @Size(max = 3)
        String bass) {

    public WantedDto {
        top = top == null ? "" : top;
        bass = bass == null ? "" : bass;
    }

    static WantedDto of(WantedNote note) {
        return new WantedDto(note.bar() + 1, note.start().toString(), text(note.top()), text(note.bass()));
    }

    WantedDto moved(UnaryOperator<Pitch> move) {
        return new WantedDto(bar, start, ChoicesDto.moved(top, move), ChoicesDto.moved(bass, move));
    }

    WantedNote toNote() {
        return new WantedNote(bar - 1, Fraction.parse(start), note(top), note(bass));
    }

    private static String text(PitchClass note) {
        return note == null ? "" : note.toString();
    }

    private static PitchClass note(String text) {
        return text.isEmpty() ? null : PitchClass.parse(text);
    }
}
