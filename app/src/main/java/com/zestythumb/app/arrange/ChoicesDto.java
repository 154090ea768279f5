package com.zestythumb.app.arrange;

import com.zestythumb.core.arrangement.Articulation;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.Ending;
import com.zestythumb.core.arrangement.FingeringWay;
import com.zestythumb.core.arrangement.Pedalling;
import com.zestythumb.core.arrangement.Playing;
import com.zestythumb.core.arrangement.Repeating;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import com.zestythumb.core.voicing.Weights;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

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

        @Schema(description = "A figure of the teacher's own, which is played where the figure is OWN.") @Valid
        OwnFigureDto own,

        @Schema(description = "Bars that are played in another way.") @Size(max = 200)
        List<@NotNull @Valid StretchDto> stretches,

        @Schema(
                description =
                        "Whether every fourth bar of a section runs into the next, and every eighth breaks its chords in"
                                + " another way.",
                defaultValue = "false")
        Boolean varied,

        @Schema(
                description =
                        "How much the teacher minds what, 0 to 100 half steps, by the ids of terms; what is left out"
                                + " weighs as usual.",
                example = "{\"shapes\":4}")
        @Size(max = 60)
        Map<@Size(max = 80) String, @NotNull Integer> weights,

        @Schema(description = "Notes that the hand shall not play.", example = "[\"F#\"]") @Size(max = 11)
        List<@NotNull @Size(max = 3) String> forbidden,

        @Schema(description = "How the pedal is used.", defaultValue = "NONE") @Size(max = 80)
        String pedal,

        @Schema(description = "How long keys are held.", defaultValue = "AS_THE_FIGURE") @Size(max = 80)
        String touch,

        @Schema(description = "How chords are played that come again quickly.", defaultValue = "AS_USUAL")
        @Size(max = 80)
        String repeating,

        @Schema(description = "By what fingers are found.", defaultValue = "BOOK") @Size(max = 80)
        String fingering,

        @Schema(description = "Whether the fingers of the right hand are told over the tune.", defaultValue = "false")
        Boolean tuneFingers,

        @Schema(description = "What the last bar does.", defaultValue = "REST") @Size(max = 80)
        String ending,

        @Schema(description = "Notes wanted on top of chords or at their bottom.") @Size(max = 2000)
        List<@NotNull @Valid WantedDto> wanted,

        @Schema(description = "Voicings the teacher fixed.") @Size(max = 2000)
        List<@NotNull @Valid PinDto> pins,

        @Schema(description = "What the teacher leaves as it is, although the rules mind it.") @Size(max = 500)
        List<@NotNull @Valid WaiverDto> waivers,

        @Schema(description = "The way through the tune where the teacher changed it; none where it is the app's own.")
        @Size(max = 500)
        List<@NotNull @Valid PracticeStepDto> way,

        @Schema(
                description =
                        "A mark of each bar as it stood when the way was changed, so that it follows bars that move.")
        @Size(max = 5000)
        List<@NotNull @Size(max = 20) String> wayBars) {

    private static final int MIDDLE = 4;

    public ChoicesDto {
        Choices usual = Choices.USUAL;
        style = style == null ? usual.style().style().id() : style;
        // Left out, each style is set as is usual for it.
        boolean isUsual = style.equals(usual.style().style().id());
        settings = settings != null ? settings : isUsual ? usual.style().settings() : Map.of();
        figure = figure == null ? usual.pattern().id() : figure;
        school = school == null ? usual.school().id() : school;
        stretches = stretches == null ? List.of() : stretches;
        varied = varied != null && varied;
        weights = weights == null ? Map.of() : weights;
        forbidden = forbidden == null ? List.of() : forbidden;
        pedal = pedal == null ? usual.playing().pedal().name() : pedal;
        touch = touch == null ? usual.playing().touch().name() : touch;
        repeating = repeating == null ? usual.playing().repeating().name() : repeating;
        fingering = fingering == null ? usual.playing().fingering().name() : fingering;
        tuneFingers = tuneFingers != null && tuneFingers;
        ending = ending == null ? usual.playing().ending().name() : ending;
        wanted = wanted == null ? List.of() : wanted;
        pins = pins == null ? List.of() : pins;
        waivers = waivers == null ? List.of() : waivers;
        way = way == null ? List.of() : way;
        wayBars = wayBars == null ? List.of() : wayBars;
    }

    public static ChoicesDto of(Choices choices) {
        return new ChoicesDto(
                choices.style().style().id(),
                choices.style().settings(),
                choices.pattern().id(),
                choices.school().id(),
                OwnFigureDto.of(choices.pattern()),
                choices.stretches().stream().map(StretchDto::of).toList(),
                choices.varied(),
                choices.weights().own(),
                choices.forbidden().stream().map(PitchClass::toString).sorted().toList(),
                choices.playing().pedal().name(),
                choices.playing().touch().name(),
                choices.playing().repeating().name(),
                choices.playing().fingering().name(),
                choices.playing().tuneFingers(),
                choices.playing().ending().name(),
                choices.wanted().stream().map(WantedDto::of).toList(),
                choices.pins().stream().map(PinDto::of).toList(),
                choices.waivers().stream().map(WaiverDto::of).toList(),
                List.of(),
                List.of());
    }

    /** The same with its notes moved: those that are kept, wanted and forbidden. */
    public ChoicesDto moved(UnaryOperator<Pitch> move) {
        return new ChoicesDto(
                style,
                settings,
                figure,
                school,
                own,
                stretches,
                varied,
                weights,
                forbidden.stream().map(name -> moved(name, move)).toList(),
                pedal,
                touch,
                repeating,
                fingering,
                tuneFingers,
                ending,
                wanted.stream().map(one -> one.moved(move)).toList(),
                pins.stream().map(one -> one.moved(move)).toList(),
                waivers,
                way,
                wayBars);
    }

    /** The name of a note, moved; nothing for none. */
    static String moved(String name, UnaryOperator<Pitch> move) {
        return name.isEmpty()
                ? name
                : move.apply(new Pitch(PitchClass.parse(name), MIDDLE))
                        .pitchClass()
                        .toString();
    }

    /** A hand to try choices with. */
    public static HandDto anyHand() {
        return HandDto.of(Choices.USUAL.hand());
    }

    /** The choices as the core takes them; throws with a teacher's words where a value makes no sense. */
    public Choices toChoices(HandDto hand) {
        return new Choices(
                new StyleChoice(VoicingStyles.named(style), settings),
                OwnFigureDto.figure(figure, own),
                stretches.stream().map(StretchDto::toStretch).toList(),
                varied,
                hand.toHand(),
                School.named(school),
                new Weights(TermNames.known(weights)),
                forbidden.stream().map(PitchClass::parse).collect(Collectors.toSet()),
                new Playing(
                        Pedalling.named(pedal),
                        Articulation.named(touch),
                        Repeating.named(repeating),
                        FingeringWay.named(fingering),
                        tuneFingers,
                        Ending.named(ending)),
                wanted.stream().map(WantedDto::toNote).toList(),
                pins.stream().map(PinDto::toPin).toList(),
                waivers.stream().map(WaiverDto::toWaiver).toList());
    }
}
