package com.zestythumb.app.arrange;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Reach;
import com.zestythumb.core.voicing.ReadingLevel;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Map;

/** A student's left hand. */
@Schema(name = "Hand")
public record HandDto(
        @Schema(description = "Half steps held with ease from little finger to thumb, 5 to 19.", example = "12")
        int span,

        @Schema(description = "Lowest note the hand is sent to.", example = "E2") @NotNull
        String lowest,

        @Schema(description = "Highest note, an octave or more above the lowest.", example = "E4") @NotNull
        String highest,

        @Schema(
                description =
                        "Pairs of fingers that were measured on white keys, in half steps; the others are those of a"
                                + " usual hand of this span.",
                example = "{\"2-5\":7}")
        @Size(max = 10)
        Map<@Size(max = 3) String, @NotNull Integer> white,

        @Schema(description = "The same on black keys.") @Size(max = 10)
        Map<@Size(max = 3) String, @NotNull Integer> black,

        @Schema(description = "Whether it rolls what it cannot hold, as far as a tenth.", defaultValue = "false")
        Boolean rolls,

        @Schema(description = "What its student reads with ease.", defaultValue = "ANYTHING") @Size(max = 80)
        String reading) {

    public HandDto {
        white = white == null ? Map.of() : white;
        black = black == null ? Map.of() : black;
        rolls = rolls != null && rolls;
        reading = reading == null ? ReadingLevel.ANYTHING.name() : reading;
    }

    /** A usual hand. */
    public HandDto(int span, String lowest, String highest) {
        this(span, lowest, highest, Map.of(), Map.of(), false, null);
    }

    public static HandDto of(Hand hand) {
        Reach reach = hand.reach();
        return new HandDto(
                hand.span(),
                hand.lowest().toString(),
                hand.highest().toString(),
                reach.measured(false),
                reach.measured(true),
                hand.rolls(),
                hand.reading().name());
    }

    /** Throws with a teacher's words where it makes no sense. */
    public Hand toHand() {
        Hand usual = new Hand(span, Pitch.parse(lowest), Pitch.parse(highest));
        return usual.with(usual.reach().with(white, black)).rolling(rolls).reading(ReadingLevel.named(reading));
    }
}
