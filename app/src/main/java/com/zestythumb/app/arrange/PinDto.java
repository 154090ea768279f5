package com.zestythumb.app.arrange;

import com.zestythumb.core.arrangement.KeptVoicing;
import com.zestythumb.core.arrangement.Manner;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Fraction;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

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

        @Schema(description = "The pitches.", example = "[\"E3\", \"G3\", \"C4\"]") @NotNull @Size(min = 1, max = 10)
        List<@NotNull @Size(max = 4) String> notes,

        @Schema(description = "How some of its notes are played, by their pitches. May be left out.") @Size(max = 10)
        Map<@Size(max = 4) String, @NotNull Manner> manners,

        @Schema(description = "Fingers that are given, by the pitches. May be left out.") @Size(max = 10)
        Map<@Size(max = 4) String, @NotNull Integer> fingers,

        @Schema(description = "Where else it is kept.", defaultValue = "HERE")
        KeptVoicing.Scope scope) {

    public PinDto {
        scope = scope == null ? KeptVoicing.Scope.HERE : scope;
        id = id == null ? "" : id;
        manners = manners == null ? Map.of() : manners;
        fingers = fingers == null ? Map.of() : fingers;
    }

    public static PinDto of(KeptVoicing pin) {
        return new PinDto(
                pin.id(),
                pin.bar() + 1,
                pin.start().toString(),
                pin.notes().stream().map(Pitch::toString).toList(),
                byName(pin.manners()),
                byName(pin.fingers()),
                pin.scope());
    }

    PinDto moved(UnaryOperator<Pitch> move) {
        return of(toPin().moved(move));
    }

    KeptVoicing toPin() {
        return new KeptVoicing(
                id,
                bar - 1,
                Fraction.parse(start),
                notes.stream().map(Pitch::parse).toList(),
                byPitch(manners),
                byPitch(fingers),
                scope);
    }

    /** The lowest first, so that the same is always told alike. */
    private static <T> Map<String, T> byName(Map<Pitch, T> told) {
        Map<String, T> named = new LinkedHashMap<>();
        new TreeMap<>(told).forEach((pitch, one) -> named.put(pitch.toString(), one));
        return named;
    }

    private static <T> Map<Pitch, T> byPitch(Map<String, T> told) {
        return told.entrySet().stream()
                .collect(Collectors.toMap(one -> Pitch.parse(one.getKey()), Map.Entry::getValue));
    }
}
