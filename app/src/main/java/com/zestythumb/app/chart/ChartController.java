package com.zestythumb.app.chart;

import com.zestythumb.app.arrange.ArrangementRequest;
import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.http.Computations;
import com.zestythumb.core.chord.SymbolStyle;
import com.zestythumb.core.harmonising.HomeKey;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.sheet.KeyLine;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.NoteEntry;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.sheet.Transposition;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.function.UnaryOperator;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Turns charts into other charts. A chart with mistakes is refused, so that nothing typed is lost. */
@RestController
@RequestMapping("/api/charts")
@Tag(name = "Charts")
class ChartController {

    /** A chart's text. */
    record ChartText(
            @NotNull @Size(max = ArrangementRequest.MAX_CHART)
            String chart) {}

    /** How chords are written. */
    enum ChordsAs {
        LETTERS,
        NUMERALS
    }

    record FormatRequest(
            @NotNull @Size(max = ArrangementRequest.MAX_CHART)
            String chart,

            @NotNull ChordsAs chords) {}

    record PrintingRequest(
            @NotNull @Size(max = ArrangementRequest.MAX_CHART)
            String chart,

            @Schema(description = "How B and B flat are called.") @NotNull
            NoteNames names,

            @Schema(description = "How the kinds of chord are printed.") @NotNull
            SymbolStyle symbols) {}

    record KeyRequest(
            @NotNull @Size(max = ArrangementRequest.MAX_CHART)
            String chart,

            @Schema(description = "The key; empty for the one in which the tune is heard.", example = "E minor")
            @NotNull
            String key) {}

    record TransposeRequest(
            @NotNull @Size(max = ArrangementRequest.MAX_CHART)
            String chart,

            @Schema(description = "The new key; empty to go by an interval.", example = "Eb major") @NotNull
            String key,

            @Schema(description = "An interval; empty to go to a key.", example = "M2") @NotNull
            String interval,

            @Schema(description = "Whether to go down by the interval.")
            boolean down,

            @Schema(description = "Keep every note on its line and space and change the signature alone.")
            boolean samePage,

            @Schema(description = "What students play of it, whose notes go along. May be left out.") @Size(max = 100)
            List<@NotNull @Valid ChoicesDto> choices) {

        TransposeRequest {
            choices = choices == null ? List.of() : choices;
        }
    }

    record MovedTune(String chart, List<ChoicesDto> choices) {}

    record NoteRequest(
            @Schema(description = "Whose note it is.") @NotNull
            NoteEntry.Hand hand,

            @Schema(description = "Whether it is struck with the note before, for as long.")
            boolean withLast,

            @NotNull @Size(max = ArrangementRequest.MAX_CHART)
            String chart,

            @Schema(description = "Bar as written, from 0.") @Min(0)
            int bar,

            @Schema(description = "Quarter notes after the bar line, exact.", example = "3/2")
            @NotNull
            @Pattern(regexp = FRACTION)
            String onset,

            @Schema(description = "Quarter notes.", example = "1/2") @NotNull @Pattern(regexp = FRACTION)
            String duration,

            @Schema(description = "MIDI key; 0 for a letter or a rest.") @Min(0) @Max(127)
            int midi,

            @Schema(description = "A to G for the nearest such note of the key; empty for a key or a rest.")
            @NotNull
            @Pattern(regexp = "[A-G]?")
            String letter,

            @Schema(description = "Half steps to raise (1) or lower (-1) the letter's note.") @Min(-1) @Max(1)
            int accidental,

            @Schema(description = "Whether it is tied to the same note before.")
            boolean tied) {}

    /** The chart with its new note, and where the next one goes. */
    record NoteResult(
            String chart,
            @Schema(description = "Bar as written, from 0.") int bar,

            @Schema(description = "Quarter notes after the bar line, exact.")
            String onset,

            @Schema(description = "The key that was written; 0 for a rest.")
            int midi) {}

    private static final String NO_CLEAR_KEY = "no key is clear here; write one into the chart, such as key: G major";
    private static final String FRACTION = "\\d{1,3}(/[1-9]\\d{0,2})?";

    private final Computations computations;

    ChartController(Computations computations) {
        this.computations = computations;
    }

    @PostMapping("/format")
    @Operation(summary = "The chart written in good order, chords as letters or as numerals.")
    ChartText format(@Valid @RequestBody FormatRequest request) {
        return computations.inTurn(() -> {
            LeadSheet sheet = read(request.chart());
            if (request.chords() == ChordsAs.LETTERS) {
                return new ChartText(ChartWriter.write(sheet));
            }
            // Numerals are of some key, so the one that is heard is told with them.
            LeadSheet heard = HomeKey.signed(sheet);
            return new ChartText(
                    ChartWriter.writeNumerals(new LeadSheet(heard.heading().withKey(heard.key()), heard.bars())));
        });
    }

    @PostMapping("/printing")
    @Operation(summary = "The chart with other note names or another way of printing chords.")
    ChartText printing(@Valid @RequestBody PrintingRequest request) {
        return computations.inTurn(() -> {
            LeadSheet sheet = read(request.chart());
            Heading heading = sheet.heading().withNames(request.names()).withSymbols(request.symbols());
            return new ChartText(ChartWriter.write(new LeadSheet(heading, sheet.bars())));
        });
    }

    @PostMapping("/key")
    @Operation(summary = "The chart with its key written down: the one given, or the one in which it is heard.")
    ChartText key(@Valid @RequestBody KeyRequest request) {
        return computations.inTurn(() -> {
            LeadSheet sheet = Chart.read(request.chart()).sheet();
            Key key = request.key().isEmpty()
                    ? HomeKey.of(sheet).orElseThrow(() -> new IllegalArgumentException(NO_CLEAR_KEY))
                    : Key.parse(sheet.heading().names().toEnglish(request.key()));
            return new ChartText(KeyLine.write(request.chart(), key));
        });
    }

    @PostMapping("/transpose")
    @Operation(
            summary = "The tune in another key, or its page under another signature.",
            description = "Notes that are kept, wanted and forbidden go along.")
    MovedTune transpose(@Valid @RequestBody TransposeRequest request) {
        return computations.inTurn(() -> {
            LeadSheet sheet = HomeKey.signed(read(request.chart()));
            UnaryOperator<LeadSheet> move = move(request);
            return new MovedTune(
                    ChartWriter.write(move.apply(sheet)),
                    request.choices().stream()
                            .map(one -> one.moved(pitch -> moved(pitch, sheet, move)))
                            .toList());
        });
    }

    private static UnaryOperator<LeadSheet> move(TransposeRequest request) {
        if (request.key().isEmpty()) {
            Interval interval = Interval.parse(request.interval());
            return sheet -> request.down() ? Transposition.down(interval, sheet) : Transposition.up(interval, sheet);
        }
        Key key = Key.parse(request.key());
        return sheet -> request.samePage() ? Transposition.samePage(key, sheet) : Transposition.to(key, sheet);
    }

    /** A note goes where it would go if it stood on the page. */
    private static Pitch moved(Pitch pitch, LeadSheet sheet, UnaryOperator<LeadSheet> move) {
        SheetNote note = new SheetNote(pitch, Fraction.ZERO, Fraction.of(1));
        Bar bar = sheet.bars().get(0).withKey(sheet.key()).withEvents(List.of()).withLeft(List.of(List.of(note)));
        return move.apply(new LeadSheet(sheet.heading(), List.of(bar)))
                .bars()
                .get(0)
                .left()
                .get(0)
                .get(0)
                .pitch();
    }

    @PostMapping("/notes")
    @Operation(summary = "The chart with one note or rest of the tune or the left hand more.")
    NoteResult addNote(@Valid @RequestBody NoteRequest request) {
        return computations.inTurn(() -> {
            NoteEntry entry = new NoteEntry(read(request.chart()), request.hand());
            NoteEntry.Place place = new NoteEntry.Place(request.bar(), Fraction.parse(request.onset()));
            Pitch pitch = null;
            if (!request.letter().isEmpty()) {
                pitch = entry.nearest(place, request.letter().charAt(0), request.accidental(), request.withLast());
            } else if (request.midi() > 0) {
                pitch = entry.spelled(place, request.midi());
            }
            NoteEntry.Result result = request.withLast() && pitch != null
                    ? entry.add(place, pitch)
                    : entry.put(place, pitch, Fraction.parse(request.duration()), request.tied());
            return new NoteResult(
                    ChartWriter.write(result.sheet()),
                    result.next().bar(),
                    result.next().onset().toString(),
                    pitch == null ? 0 : pitch.midi());
        });
    }

    private static LeadSheet read(String text) {
        Chart chart = Chart.read(text);
        if (!chart.problems().isEmpty()) {
            throw new IllegalArgumentException("fix this first, so that nothing is lost: "
                    + chart.problems().get(0));
        }
        return chart.sheet();
    }
}
