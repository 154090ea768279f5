package com.zestythumb.app.harmony;

import com.zestythumb.app.arrange.ArrangementRequest;
import com.zestythumb.app.http.Computations;
import com.zestythumb.core.harmonising.Harmoniser;
import com.zestythumb.core.harmonising.HomeKey;
import com.zestythumb.core.harmonising.Level;
import com.zestythumb.core.harmonising.Proposal;
import com.zestythumb.core.pitch.NoteNames;
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
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Proposes chords for a tune; keeps nothing. */
@RestController
@RequestMapping("/api/harmonies")
@Tag(name = "Harmonies")
class HarmonyController {

    record HarmonyRequest(
            @Schema(description = "The chart; bars left open and guesses are solved anew, all other chords stay.")
            @NotNull
            @Size(max = ArrangementRequest.MAX_CHART)
            String chart,

            @Schema(description = "The levels wanted; none for plain, usual and rich.") @NotNull @Size(max = 10)
            List<@NotNull Level> levels) {}

    /** Whole proposals in the order of their levels. */
    record HarmonyAnswer(
            @Schema(description = "The key they are in.", example = "F major")
            String key,

            List<ProposalView> proposals) {}

    @Schema(name = "Proposal")
    record ProposalView(
            Level level,

            @Schema(description = "What it takes, in words.", example = "one, four and five")
            String words,

            @Schema(description = "The chart with these chords, marked as guesses.")
            String chart,

            List<ProposedView> chords) {}

    @Schema(name = "ProposedChord")
    record ProposedView(
            @Schema(description = "Index of its bar.") int bar,

            @Schema(description = "Quarter notes after the bar line, exact.")
            String start,

            @Schema(description = "As the chart writes it.") String symbol,

            @Schema(description = "The other chords that might stand here, the cheapest first.")
            List<PricedView> others) {}

    @Schema(name = "PricedChord")
    record PricedView(
            @Schema(description = "As the chart writes it.") String symbol,

            @Schema(description = "What the whole tune would cost more with it, all else solved anew around it.")
            double price) {}

    private final Computations computations;

    HarmonyController(Computations computations) {
        this.computations = computations;
    }

    @PostMapping
    @Operation(
            summary = "Chords for a tune without any, or for its open bars: the best of each level, and the price of"
                    + " every other chord.")
    HarmonyAnswer propose(@Valid @RequestBody HarmonyRequest request) {
        return computations.inTurn(() -> {
            Chart chart = Chart.read(request.chart());
            if (!chart.problems().isEmpty()) {
                throw new IllegalArgumentException("fix this first, so that nothing is lost: "
                        + chart.problems().get(0));
            }
            return propose(chart.sheet(), request);
        });
    }

    private static HarmonyAnswer propose(LeadSheet sheet, HarmonyRequest request) {
        NoteNames names = sheet.heading().names();
        List<Level> levels = request.levels().isEmpty() ? Harmoniser.THREE : request.levels();
        return new HarmonyAnswer(
                names.fromEnglish(HomeKey.likeliest(sheet).pretty()),
                levels.stream()
                        .distinct()
                        .map(level -> view(Harmoniser.propose(sheet, level), names))
                        .toList());
    }

    private static ProposalView view(Proposal proposal, NoteNames names) {
        return new ProposalView(
                proposal.level(),
                proposal.level().words(),
                ChartWriter.write(proposal.sheet()),
                proposal.chords().stream()
                        .map(chord -> new ProposedView(
                                chord.bar(),
                                chord.start().toString(),
                                names.fromEnglish(chord.chord().toString()),
                                chord.others().stream()
                                        .map(other -> new PricedView(
                                                names.fromEnglish(other.chord().toString()),
                                                Math.round(10 * other.price()) / 10.0))
                                        .toList()))
                        .toList());
    }
}
