package com.zestythumb.app.arrange;

import com.zestythumb.app.arrange.RecentCharts.HeardChart;
import com.zestythumb.app.http.Computations;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.HandPatterns;
import com.zestythumb.core.arrangement.PracticeReductions;
import com.zestythumb.core.arrangement.WrittenOut;
import com.zestythumb.core.checking.BothHands;
import com.zestythumb.core.checking.Ground;
import com.zestythumb.core.checking.HandPosition;
import com.zestythumb.core.checking.OtherFingers;
import com.zestythumb.core.checking.PassedLine;
import com.zestythumb.core.checking.ReadingHints;
import com.zestythumb.core.checking.TuneBars;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.LeadSheet;
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

    /** Bars whose left hand is to be written, or computed again. */
    @Schema(name = "LeftHandBars")
    record Bars(
            @Valid @NotNull ArrangementRequest tune,

            @Schema(description = "Bars as written, from 0.") @NotNull @Size(max = 1000)
            Set<@NotNull Integer> bars,

            @Schema(
                    description =
                            "Another chart of the tune into which they are written; the same one where it is not told.")
            @Size(max = ArrangementRequest.MAX_CHART)
            String into) {}

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
            List<PassView> passes,

            @Schema(description = "What the eye passes over and the ear misses, bar by bar.")
            List<ReadingHints.Hint> hints,

            @Schema(description = "Who plays when, for bars in which both hands play.")
            List<TogetherView> together,

            @Schema(description = "Bars of the tune that are like an earlier one.")
            List<TuneBars.Like> likes,

            @Schema(description = "Bars of the left hand that come again and again; none or one.")
            List<Ground> grounds,

            @Schema(description = "Scales and arpeggios that go from one hand into the other.")
            List<PassedLine> lines,

            @Schema(description = "Bars whose written fingers spread this hand too far, each with others.")
            List<FingersView> fingers) {}

    /** Other fingers for a bar. */
    @Schema(name = "OtherFingers")
    record FingersView(
            int bar,

            @Schema(example = "5 and 3 lie a fifth apart, more than this hand spreads them")
            String words,

            String chart) {}

    /** How the hands go together in a bar. */
    @Schema(name = "HandsTogether")
    record TogetherView(
            int bar,
            List<BothHands.Stroke> strokes,

            @Schema(description = "How hard it is to put together; 0 where it is not.")
            int weight,

            @Schema(description = "What makes it hard; empty where it is not.", example = "the hands take turns")
            String trouble) {}

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

            @Schema(description = "Chords that come within it.")
            List<ChangeView> changes,

            @Schema(description = "The pattern as text, to be used in any tune; empty where it cannot be told so.")
            String text) {}

    /** A chord that comes within a bar. */
    @Schema(name = "ChangeInBar")
    record ChangeView(int count, String symbol) {}

    private static List<ChangeView> changes(Arrangement tune, int index) {
        Bar bar = tune.sheet().bars().get(index);
        NoteNames names = tune.sheet().heading().names();
        return bar.events().stream()
                .filter(event -> !event.isSilent() && event.start().isPositive())
                .map(event -> new ChangeView(
                        bar.countAt(event.start()),
                        names.fromEnglish(event.chord().toString())))
                .toList();
    }

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

    private final Computations computations;
    private final RecentCharts charts;

    LeftHandController(Computations computations, RecentCharts charts) {
        this.computations = computations;
        this.charts = charts;
    }

    @PostMapping("/written")
    @Operation(summary = "The chart with the left hand written out in some bars, note by note as it is played now.")
    Written write(@Valid @RequestBody Bars request) {
        return computations.inTurn(() -> {
            HeardChart heard = charts.of(request.tune());
            clean(heard.chart());
            Arrangement from = heard.sheet().arranged(request.tune().wanted());
            return new Written(ChartWriter.write(
                    request.into() == null
                            ? WrittenOut.of(from, request.bars())
                            : WrittenOut.taken(clean(Chart.read(request.into())), from, request.bars())));
        });
    }

    @PostMapping("/computed")
    @Operation(summary = "The chart with the left hand of some bars left to be found.")
    Written compute(@Valid @RequestBody Bars request) {
        return computations.inTurn(() -> new Written(ChartWriter.write(
                WrittenOut.without(clean(charts.of(request.tune()).chart()), request.bars()))));
    }

    @PostMapping("/told")
    @Operation(summary = "What the left hand does, bar by bar and from place to place, whoever wrote it.")
    Told tell(@Valid @RequestBody ArrangementRequest request) {
        return computations.inTurn(() -> {
            Arrangement tune = charts.of(request).sheet().arranged(request.wanted());
            NoteNames names = tune.sheet().heading().names();
            return new Told(
                    HandPatterns.of(tune).stream()
                            .map(one -> new PatternView(
                                    one.bar(),
                                    one.kind(),
                                    one.name(),
                                    one.members(),
                                    one.odd(),
                                    changes(tune, one.bar()),
                                    one.text()))
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
                    PracticeReductions.of(tune).stream()
                            .map(pass -> new PassView(pass.name(), ChartWriter.write(pass.sheet())))
                            .toList(),
                    ReadingHints.of(tune),
                    BothHands.of(tune).stream()
                            .map(LeftHandController::together)
                            .toList(),
                    TuneBars.of(tune.sheet()),
                    Ground.of(tune).stream().toList(),
                    PassedLine.of(tune),
                    OtherFingers.of(tune).stream()
                            .map(one -> new FingersView(one.bar(), one.words(), ChartWriter.write(one.sheet())))
                            .toList());
        });
    }

    private static TogetherView together(BothHands bar) {
        String trouble = bar.trouble() == null ? "" : bar.trouble().words();
        return new TogetherView(bar.bar(), bar.strokes(), bar.weight(), trouble);
    }

    /** A chart with mistakes is refused, so that nothing typed is lost. */
    private static LeadSheet clean(Chart chart) {
        if (!chart.problems().isEmpty()) {
            throw new IllegalArgumentException("fix this first, so that nothing is lost: "
                    + chart.problems().get(0));
        }
        return chart.sheet();
    }
}
