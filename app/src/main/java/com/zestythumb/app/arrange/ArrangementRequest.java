package com.zestythumb.app.arrange;

import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.sheet.Counts;
import com.zestythumb.formats.musicxml.EngravingOption;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Set;

/** A chart and how to play it. */
public record ArrangementRequest(
        @Schema(description = "The chart's text.", example = "key: C major\nmeter: 4/4\n| C | F | G7 | C |")
        @NotNull
        @Size(max = ArrangementRequest.MAX_CHART, message = "holds more than {max} letters; cut the tune in two")
        String chart,

        @Valid ChoicesDto choices,
        @Valid HandDto hand,

        @Schema(description = "What the page shows of the count below both hands.", defaultValue = "NONE")
        Counts counts,

        @Schema(description = "What editors do differently and is wished of the engraving.")
        Set<@NotNull EngravingOption> engraving,

        @Schema(description = "For which chord other ways to play it are wanted.", defaultValue = "0")
        int chord,

        @Schema(description = "Marks of the measures that need not be sent again.") @Size(max = 5000)
        Set<@NotNull @Size(max = 40) String> known) {

    public ArrangementRequest {
        choices = choices == null ? ChoicesDto.of(Choices.USUAL) : choices;
        counts = counts == null ? Counts.NONE : counts;
        engraving = engraving == null ? Set.of() : engraving;
        known = known == null ? Set.of() : known;
        hand = hand == null ? HandDto.of(Choices.USUAL.hand()) : hand;
    }

    /** Letters a chart may have. */
    public static final int MAX_CHART = 100_000;

    Choices wanted() {
        return choices.toChoices(hand);
    }
}
