package com.zestythumb.app.arrange;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What a student practised of a tune. */
@Schema(name = "PracticeRecord")
public record PracticeRecordDto(
        @Schema(description = "A day and a step at a time.") @NotNull @Size(max = 5000)
        List<@NotNull @Valid PractisedDto> steps,

        @Schema(description = "A mark of each bar as it stood when that was told, so that it follows bars that move.")
        @NotNull
        @Size(max = 5000)
        List<@NotNull @Size(max = 20) String> bars) {

    public static final PracticeRecordDto NOTHING = new PracticeRecordDto(List.of(), List.of());

    /**
     * This with what a device tells. Two devices do not undo one another's: of a day and a step goes what was practised longer.
     * Where the bars are others now, the device has brought all of it to them.
     */
    public PracticeRecordDto with(PracticeRecordDto told) {
        if (!bars.equals(told.bars)) {
            return told.steps.isEmpty() ? this : told;
        }
        Map<List<Object>, PractisedDto> all = new LinkedHashMap<>();
        steps.forEach(one -> all.put(key(one), one));
        told.steps.forEach(
                one -> all.merge(key(one), one, (kept, other) -> other.seconds() < kept.seconds() ? kept : other));
        return new PracticeRecordDto(List.copyOf(all.values()), bars);
    }

    private static List<Object> key(PractisedDto one) {
        return List.of(one.day(), one.hands(), one.from(), one.to());
    }
}
