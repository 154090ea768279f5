package com.zestythumb.app.arrange;

import com.zestythumb.app.arrange.RecentCharts.HeardChart;
import com.zestythumb.app.http.Reckoning;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.HandPatterns;
import com.zestythumb.core.arrangement.Passes;
import com.zestythumb.core.arrangement.WrittenOut;
import com.zestythumb.core.checking.HandPosition;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.sheet.ChartWriter;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
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

    /** What the left hand does, read off its notes. */
    @Schema(name = "HandTold")
    record Told(
            List<PatternView> patterns,
            List<PositionView> positions,

            @Schema(
                    description =
                            "Plainer left hands cut from its own: the bass alone, the chords held; one for this hand where it is too wide.")
            List<PassView> passes) {}

    /** What it does in a bar. */
    @Schema(name = "BarPattern")
    record PatternView(
            @Schema(description = "Index of the written bar.")
            int bar,

            @Schema(description = "What it is called in data; empty where it has no name.")
            String kind,

            @Schema(example = "Alberti") String name,

            @Schema(
                    description = "The members of the chord it runs over until it comes again.",
                    example = "root 5th 3rd 5th")
            String members,

            @Schema(description = "Counts at which it is not as in the other bars.")
            List<Integer> odd,

            @Schema(description = "The pattern as text, to be used in any tune; empty where it cannot be told so.")
            String text) {}

    /** Where the thumb lies for a while. */
    @Schema(name = "HandPosition")
    record PositionView(
            int bar,

            @Schema(description = "Index of the chord with which it begins.")
            int chord,

            @Schema(description = "In how many bars.") int bars,
            @Schema(example = "A") String thumb,

            @Schema(description = "Where its key lies, in plain words.", example = "left of the two black keys")
            String where,

            @Schema(example = "down a step") String way) {}

    /** A plainer left hand, cut from the one that is there. */
    @Schema(name = "Pass")
    record PassView(@Schema(example = "The bass alone") String name, String chart) {}

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

    @PostMapping("/told")
    @Operation(summary = "What the left hand does, bar by bar and from place to place, whoever wrote it.")
    Told tell(@Valid @RequestBody ArrangementRequest request) {
        return reckoning.inTurn(() -> {
            Arrangement tune = charts.of(request).sheet().arranged(request.wanted());
            NoteNames names = tune.sheet().heading().names();
            return new Told(
                    HandPatterns.of(tune).stream()
                            .map(one -> new PatternView(
                                    one.bar(), one.kind(), one.name(), one.members(), one.odd(), one.text()))
                            .toList(),
                    HandPosition.of(tune).stream()
                            .map(one -> new PositionView(
                                    one.bar(),
                                    one.chord(),
                                    one.bars(),
                                    names.fromEnglish(one.thumb().pitchClass().pretty()),
                                    one.thumb().onTheKeys(),
                                    one.way()))
                            .toList(),
                    Passes.of(tune).stream()
                            .map(pass -> new PassView(pass.name(), ChartWriter.write(pass.sheet())))
                            .toList());
        });
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
