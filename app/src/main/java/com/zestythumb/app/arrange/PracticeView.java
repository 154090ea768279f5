package com.zestythumb.app.arrange;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.practising.BarMarks;
import com.zestythumb.core.practising.PracticePath;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/** A way through a tune. */
@Schema(name = "Practice")
record PracticeView(
        List<PracticeStepDto> steps,

        @Schema(description = "A mark of what each bar holds, by which it is known again where it moves.")
        List<String> bars) {

    static PracticeView of(Arrangement arrangement) {
        return new PracticeView(
                PracticePath.of(arrangement).stream().map(PracticeStepDto::of).toList(),
                BarMarks.of(arrangement.sheet()));
    }
}
