package com.zestythumb.app.arrange;

import com.zestythumb.app.arrange.RecentCharts.HeardChart;
import com.zestythumb.app.http.Reckoning;
import com.zestythumb.core.arrangement.WrittenOut;
import com.zestythumb.core.sheet.ChartWriter;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Set;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Writes the left hand into a chart, and takes it out again; keeps nothing. */
@RestController
@RequestMapping("/api/left-hands")
@Tag(name = "Left hands")
class LeftHandController {

    /** Bars whose left hand is to be written, or reckoned again. */
    @Schema(name = "LeftHandBars")
    record Bars(
            @Valid @NotNull ArrangementRequest tune,

            @Schema(description = "Bars as written, from 0.") @NotNull @Size(max = 1000)
            Set<@NotNull Integer> bars) {}

    /** The text of a chart. */
    @Schema(name = "ChartOfHands")
    record Written(String chart) {}

    private final Reckoning reckoning;
    private final RecentCharts charts;

    LeftHandController(Reckoning reckoning, RecentCharts charts) {
        this.reckoning = reckoning;
        this.charts = charts;
    }

    @PostMapping("/written")
    @Operation(summary = "The chart with the left hand written out in some bars, note by note as it is played now.")
    Written write(@Valid @RequestBody Bars request) {
        return reckoning.inTurn(() -> {
            HeardChart heard = clean(request);
            return new Written(ChartWriter.write(
                    WrittenOut.of(heard.sheet().arranged(request.tune().wanted()), request.bars())));
        });
    }

    @PostMapping("/reckoned")
    @Operation(summary = "The chart with the left hand of some bars left to be reckoned.")
    Written reckon(@Valid @RequestBody Bars request) {
        return reckoning.inTurn(() -> new Written(
                ChartWriter.write(WrittenOut.without(clean(request).sheet().sheet(), request.bars()))));
    }

    /** A chart with mistakes is refused, so that nothing typed is lost. */
    private HeardChart clean(Bars request) {
        HeardChart heard = charts.of(request.tune());
        if (!heard.chart().problems().isEmpty()) {
            throw new IllegalArgumentException("mend this first, so that nothing is lost: "
                    + heard.chart().problems().get(0));
        }
        return heard;
    }
}
