package com.zestythumb.app.arrange;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voicing.Hand;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;

/** A student's left hand. */
@Schema(name = "Hand")
public record HandDto(
        @Schema(description = "Half steps held with ease from little finger to thumb, 5 to 19.", example = "12")
        int span,

        @Schema(description = "Lowest note the hand is sent to.", example = "E2") @NotNull
        String lowest,

        @Schema(description = "Highest note, two octaves or more above the lowest.", example = "E4") @NotNull
        String highest) {

    public static HandDto of(Hand hand) {
        return new HandDto(hand.span(), hand.lowest().toString(), hand.highest().toString());
    }

    public Hand toHand() {
        return new Hand(span, Pitch.parse(lowest), Pitch.parse(highest));
    }
}
