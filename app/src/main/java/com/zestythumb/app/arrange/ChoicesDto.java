package com.zestythumb.app.arrange;

import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.figure.Figures;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;

/** What a student plays of a tune; what is left out is as usual. Ids are those of the catalogue. */
@Schema(name = "Choices")
public record ChoicesDto(
        @Schema(description = "How chords are laid under the hand.", defaultValue = "close") @Size(max = 80)
        String style,

        @Schema(
                description = "How the style is set, by the ids of its settings.",
                example = "{\"inversions\":\"NEAREST\"}")
        @Size(max = 20)
        Map<String, @NotNull @Size(max = 80) String> settings,

        @Schema(description = "How chords are broken.", defaultValue = "BLOCK") @Size(max = 80)
        String figure,

        @Schema(description = "By which the way from chord to chord is judged.", defaultValue = "popular")
        @Size(max = 80)
        String school,

        @Schema(description = "Voicings the teacher fixed.") @Size(max = 2000)
        List<@NotNull @Valid PinDto> pins) {

    public ChoicesDto {
        Choices usual = Choices.USUAL;
        style = style == null ? usual.style().style().id() : style;
        settings = settings == null ? usual.style().settings() : settings;
        figure = figure == null ? usual.figure().id() : figure;
        school = school == null ? usual.school().id() : school;
        pins = pins == null ? List.of() : pins;
    }

    public static ChoicesDto of(Choices choices) {
        return new ChoicesDto(
                choices.style().style().id(),
                choices.style().settings(),
                choices.figure().id(),
                choices.school().id(),
                choices.pins().stream().map(PinDto::of).toList());
    }

    /** A hand to try choices with. */
    public static HandDto anyHand() {
        return HandDto.of(Choices.USUAL.hand());
    }

    /** The choices as the core takes them; throws with a teacher's words where a value makes no sense. */
    public Choices toChoices(HandDto hand) {
        return new Choices(
                new StyleChoice(VoicingStyles.named(style), settings),
                Figures.named(figure),
                hand.toHand(),
                School.named(school),
                pins.stream().map(PinDto::toPin).toList());
    }
}
