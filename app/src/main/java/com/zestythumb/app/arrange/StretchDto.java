package com.zestythumb.app.arrange;

import com.zestythumb.core.arrangement.Stretch;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.Map;

/** Bars that are played in another way than the rest of the tune. */
@Schema(name = "Stretch")
public record StretchDto(
        @Schema(description = "Index of its first written bar, from 0.")
        int from,

        @Schema(description = "Index of the bar behind its last.")
        int to,

        @Schema(
                description =
                        "Where in its first bar the one chord begins that it is for, in quarter notes; left out for whole bars.",
                example = "2")
        @Pattern(regexp = "\\d{1,3}(/[1-9]\\d{0,2})?")
        String chord,

        @Schema(description = "How its chords are laid; where left out, as elsewhere.") @Size(max = 80)
        String style,

        @Schema(description = "How that style is set.") @Size(max = 20)
        Map<String, @NotNull @Size(max = 80) String> settings,

        @Schema(description = "How its chords are broken; where left out, as elsewhere.") @Size(max = 80)
        String figure,

        @Valid OwnFigureDto own) {

    static StretchDto of(Stretch stretch) {
        StyleChoice style = stretch.style();
        AccompanimentPattern figure = stretch.pattern();
        return new StretchDto(
                stretch.from(),
                stretch.to(),
                stretch.chord() == null ? null : stretch.chord().toString(),
                style == null ? null : style.style().id(),
                style == null ? null : style.settings(),
                figure == null ? null : figure.id(),
                figure == null ? null : OwnFigureDto.of(figure));
    }

    /** Throws with a teacher's words where it makes no sense. */
    Stretch toStretch() {
        return new Stretch(
                from,
                to,
                chord == null ? null : Fraction.parse(chord),
                style == null
                        ? null
                        : new StyleChoice(VoicingStyles.named(style), settings == null ? Map.of() : settings),
                figure == null ? null : OwnFigureDto.figure(figure, own));
    }
}
