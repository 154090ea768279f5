package com.zestythumb.app.arrange;

import com.zestythumb.app.http.Computations;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** In which order a tune is practised; keeps nothing. */
@RestController
@RequestMapping("/api/practice")
@Tag(name = "Practice")
class PracticeController {

    private final Computations computations;
    private final RecentCharts charts;

    PracticeController(Computations computations, RecentCharts charts) {
        this.computations = computations;
        this.charts = charts;
    }

    @PostMapping
    @Operation(summary = "A way through the tune in small steps: which hand, which bars, how slowly, and why.")
    PracticeView path(@Valid @RequestBody ArrangementRequest request) {
        return computations.inTurn(
                () -> PracticeView.of(charts.of(request).sheet().arranged(request.wanted())));
    }
}
