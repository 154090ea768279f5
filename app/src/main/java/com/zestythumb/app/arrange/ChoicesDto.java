package com.zestythumb.app.arrange;

import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.figure.Figure;
import com.zestythumb.core.voicing.Way;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** What the teacher chose for one student. */
@Schema(name = "Choices")
public record ChoicesDto(
        @NotNull Way way,
        @NotNull Figure figure,
        @NotNull @Valid HandDto hand,
        @NotNull @Size(max = 2000) List<@NotNull @Valid PinDto> pins) {

    public static ChoicesDto of(Choices choices) {
        return new ChoicesDto(
                choices.way(),
                choices.figure(),
                HandDto.of(choices.hand()),
                choices.pins().stream().map(PinDto::of).toList());
    }

    /** The choices as the core takes them; throws with a teacher's words where a value makes no sense. */
    public Choices toChoices() {
        return new Choices(
                way, figure, hand.toHand(), pins.stream().map(PinDto::toPin).toList());
    }
}
