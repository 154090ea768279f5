package com.zestythumb.app.arrange;

import com.zestythumb.app.http.Computations;
import com.zestythumb.core.arrangement.AnalysedSheet;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.WarmUp;
import com.zestythumb.core.harmonising.HomeKey;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.formats.musicxml.MusicXmlWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.util.Map;
import java.util.Set;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the hands do before a tune; keeps nothing. */
@RestController
@RequestMapping("/api/warm-ups")
@Tag(name = "Warm-ups")
class WarmUpController {

    private final MusicXmlWriter page = new MusicXmlWriter(Staves.PAGE);
    private final Computations computations;
    private final RecentCharts charts;

    WarmUpController(Computations computations, RecentCharts charts) {
        this.computations = computations;
        this.charts = charts;
    }

    @PostMapping
    @Operation(summary = "Scale, arpeggio, broken chord and cadence of a tune's key for both hands, fingered.")
    ArrangementView of(@Valid @RequestBody ArrangementRequest request) {
        return computations.inTurn(() -> {
            AnalysedSheet tune = charts.of(request).sheet();
            Key key = HomeKey.of(tune.sheet(), tune.analysis())
                    .orElseThrow(() -> new IllegalArgumentException(
                            "no key is clear in this tune; write one at its head to warm up in it"));
            Arrangement warmUp = WarmUp.of(key, request.wanted().hand());
            return Views.of(
                    Chart.read(WarmUp.chart(key)),
                    warmUp,
                    -1,
                    ScoreParts.of(page.writeText(warmUp), Set.of()),
                    Map.of());
        });
    }
}
