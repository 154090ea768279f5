package com.zestythumb.app.arrange;

import com.zestythumb.app.http.Reckoning;
import com.zestythumb.core.practising.PracticePath;
import com.zestythumb.core.practising.PracticeStep;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.util.List;
import java.util.Locale;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** In which order a tune is practised; keeps nothing. */
@RestController
@RequestMapping("/api/practice")
@Tag(name = "Practice")
class PracticeController {

    /** What is practised at a time. */
    @Schema(name = "PracticeStep")
    record StepView(
            @Schema(allowableValues = {"right", "bass", "left", "together"})
            String hands,

            @Schema(description = "Index of its first bar.") int from,

            @Schema(description = "Index of its last bar.") int to,

            @Schema(description = "Per cent of the tune's tempo to begin with.")
            int start,

            @Schema(description = "Per cent to come to.") int goal,

            @Schema(description = "Times without a slip before it goes faster.")
            int rounds,

            @Schema(description = "About so many.") double minutes,

            @Schema(description = "In a sentence for the student.")
            String why) {

        private static StepView of(PracticeStep step) {
            return new StepView(
                    step.hands().name().toLowerCase(Locale.ROOT),
                    step.from(),
                    step.to(),
                    step.start(),
                    step.goal(),
                    step.rounds(),
                    step.minutes(),
                    step.why());
        }
    }

    private final Reckoning reckoning;
    private final RecentCharts charts;

    PracticeController(Reckoning reckoning, RecentCharts charts) {
        this.reckoning = reckoning;
        this.charts = charts;
    }

    @PostMapping
    @Operation(summary = "A way through the tune in small steps: which hand, which bars, how slowly, and why.")
    List<StepView> path(@Valid @RequestBody ArrangementRequest request) {
        return reckoning.inTurn(() -> PracticePath.of(charts.of(request).sheet().arranged(request.wanted())).stream()
                .map(StepView::of)
                .toList());
    }
}
