package com.zestythumb.app.arrange;

import com.zestythumb.app.arrange.ArrangementView.AlternativeView;
import com.zestythumb.app.arrange.ArrangementView.FindingView;
import com.zestythumb.app.arrange.Offers.FixView;
import com.zestythumb.app.arrange.Offers.FixedView;
import com.zestythumb.app.arrange.Offers.PriceView;
import com.zestythumb.app.arrange.Offers.ProposalView;
import com.zestythumb.app.arrange.Offers.StepView;
import com.zestythumb.app.arrange.Offers.StyleEffectView;
import com.zestythumb.app.arrange.RecentCharts.HeardChart;
import com.zestythumb.app.http.Computations;
import com.zestythumb.core.arrangement.AnalysedSheet;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.WrittenOut;
import com.zestythumb.core.proposing.Proposals;
import com.zestythumb.core.proposing.Proposals.Wish;
import com.zestythumb.core.proposing.StepByStep;
import com.zestythumb.core.proposing.Texture;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import com.zestythumb.formats.LeftOut;
import com.zestythumb.formats.ScoreWriter;
import com.zestythumb.formats.SheetWriter;
import com.zestythumb.formats.abc.AbcWriter;
import com.zestythumb.formats.chordpro.ChordProWriter;
import com.zestythumb.formats.midi.MidiFileWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Arranges charts and writes them as files; keeps nothing. */
@RestController
@RequestMapping("/api/arrangements")
@Tag(name = "Arrangements")
class ArrangementController {

    /** All ways of a chord; fewer in a tune so long that to solve it for each would take its time. */
    private static final int MOST_PRICES = 60;

    private static final int FEWEST_PRICES = 8;
    private static final int CHORDS_PRICED = 4000;
    private static final int USUAL_MINUTES = 15;

    private final ScoreWriter midi = new MidiFileWriter();

    static final String LEFT_OUT = "Left-Out";

    private final Computations computations;
    private final RecentCharts charts;
    private final OwnLevels own;

    ArrangementController(Computations computations, RecentCharts charts, OwnLevels own) {
        this.computations = computations;
        this.charts = charts;
        this.own = own;
    }

    private Arrangement arranged(ArrangementRequest request) {
        return charts.of(request).sheet().arranged(request.wanted());
    }

    @PostMapping
    @Operation(
            summary = "Arrange a chart for a left hand. Mistakes in the chart come back as problems, not as an error.")
    ArrangementView arrange(
            @Parameter(
                            description =
                                    "The page's own name and the number of its question, as k3j.12: what it asked before gives way.")
                    @RequestHeader(name = "X-Page", defaultValue = "")
                    String page,
            @Valid @RequestBody ArrangementRequest request) {
        return computations.inTurn(page, () -> {
            HeardChart heard = charts.of(request);
            Arrangement arrangement = heard.sheet().arranged(request.wanted());
            MusicXmlWriter writer = new MusicXmlWriter(Staves.PAGE, request.counts(), request.engraving());
            return Views.of(
                    heard.chart(),
                    arrangement,
                    request.chord(),
                    ScoreParts.of(writer.writeText(arrangement), request.known()),
                    own.levels());
        });
    }

    @PostMapping("/alternatives")
    @Operation(summary = "Other ways to play one chord, each with what the whole tune would cost more.")
    List<AlternativeView> alternatives(@Valid @RequestBody ArrangementRequest request) {
        return computations.inTurn(() -> Views.alternatives(arranged(request), request.chord()));
    }

    @PostMapping("/fixes")
    @Operation(summary = "Ways to fix what is found at one chord, each tried on the whole tune, the best first.")
    List<FixView> fixes(@Valid @RequestBody ArrangementRequest request, @RequestParam(defaultValue = "") String code) {
        return computations.inTurn(() -> Offers.fixes(arranged(request), request.chord(), code, own.levels()));
    }

    @PostMapping("/fixed")
    @Operation(summary = "The whole tune with the best fix of every chord at which there is one.")
    FixedView fixed(@Valid @RequestBody ArrangementRequest request) {
        return computations.inTurn(() -> Offers.fixed(arranged(request), own.levels()));
    }

    @PostMapping("/report")
    @Operation(summary = "What the rules of a school find in a tune, whatever school it is played by.")
    List<FindingView> report(@Valid @RequestBody ArrangementRequest request, @RequestParam String school) {
        return computations.inTurn(() -> Views.findings(arranged(request), School.named(school), own.levels()));
    }

    @PostMapping("/prices")
    @Operation(summary = "More other ways to play one chord, each with its price for the whole tune, term by term.")
    List<PriceView> prices(@Valid @RequestBody ArrangementRequest request) {
        return computations.inTurn(() -> {
            Arrangement tune = arranged(request);
            int affordable = CHORDS_PRICED / Math.max(1, tune.chords().size());
            return Offers.prices(tune, request.chord(), Math.max(FEWEST_PRICES, Math.min(MOST_PRICES, affordable)));
        });
    }

    @PostMapping("/styles")
    @Operation(summary = "What each style would do to this tune, before one is chosen.")
    List<StyleEffectView> styles(@Valid @RequestBody ArrangementRequest request) {
        return computations.inTurn(() -> {
            AnalysedSheet tune = charts.of(request).sheet();
            Choices choices = request.wanted().withPins(List.of());
            return VoicingStyles.all().stream()
                    .map(style -> Offers.effect(tune.arranged(choices.with(new StyleChoice(style, Map.of())))))
                    .toList();
        });
    }

    /** For whom left hands are proposed. */
    @Schema(name = "Wish")
    record WishDto(
            @Valid @NotNull ArrangementRequest tune,

            @Schema(description = "The student's level, 1 to 5.")
            int level,

            @Schema(description = "What kind of accompaniment.", defaultValue = "ANY")
            Texture texture,

            @Schema(description = "Minutes of practice a day.", defaultValue = "15")
            int minutes) {}

    @PostMapping("/proposals")
    @Operation(
            summary = "Three whole left hands for a tune and a student, from easy to rich, each with its difficulty.")
    List<ProposalView> proposals(@Valid @RequestBody WishDto wish) {
        return computations.inTurn(() -> Proposals.of(
                        charts.of(wish.tune()).sheet(),
                        wish.tune().wanted(),
                        new Wish(
                                wish.level(),
                                wish.texture() == null ? Texture.ANY : wish.texture(),
                                wish.minutes() == 0 ? USUAL_MINUTES : wish.minutes()))
                .stream()
                .map(one -> new ProposalView(
                        ChoicesDto.of(one.choices()),
                        one.choices().style().style().name(),
                        one.choices().pattern().name(),
                        Offers.difficulty(one.difficulty()),
                        one.days(),
                        one.wanted()))
                .toList());
    }

    @PostMapping("/steps")
    @Operation(summary = "The way to this left hand in steps, each with one thing more, the plainest first.")
    List<StepView> steps(@Valid @RequestBody ArrangementRequest request) {
        return computations.inTurn(() -> StepByStep.to(charts.of(request).sheet(), request.wanted()).stream()
                .map(step ->
                        new StepView(step.name(), ChoicesDto.of(step.choices()), Offers.difficulty(step.difficulty())))
                .toList());
    }

    @PostMapping(path = "/musicxml", produces = "application/vnd.recordare.musicxml+xml")
    @Operation(summary = "The arrangement as MusicXML 4.0 on a grand staff.")
    ResponseEntity<byte[]> musicXml(@Valid @RequestBody ArrangementRequest request) {
        return file(new MusicXmlWriter(Staves.GRAND, request.counts(), request.engraving()), request);
    }

    @PostMapping(path = "/midi", produces = "audio/midi")
    @Operation(summary = "The arrangement as a Standard MIDI File, repeats played out.")
    ResponseEntity<byte[]> midi(@Valid @RequestBody ArrangementRequest request) {
        return file(midi, request);
    }

    @PostMapping(path = "/abc", produces = "text/vnd.abc")
    @Operation(summary = "The tune as ABC 2.1.")
    ResponseEntity<byte[]> abc(
            @Parameter(description = "Whether with the left hand as it is played, and its fingers.")
                    @RequestParam(defaultValue = "false")
                    boolean hands,
            @Valid @RequestBody ArrangementRequest request) {
        return file(new AbcWriter(), request, hands);
    }

    @PostMapping(path = "/chordpro", produces = "text/plain")
    @Operation(summary = "Chords and words as ChordPro.")
    ResponseEntity<byte[]> chordPro(@Valid @RequestBody ArrangementRequest request) {
        return file(new ChordProWriter(), request, false);
    }

    @PostMapping(path = "/chart", produces = "text/plain")
    @Operation(summary = "The chart as it was typed.")
    ResponseEntity<byte[]> chart(@Valid @RequestBody ArrangementRequest request) {
        String title = Chart.read(request.chart()).sheet().title();
        return file(title, "txt", "text/plain;charset=UTF-8", request.chart().getBytes(StandardCharsets.UTF_8));
    }

    private ResponseEntity<byte[]> file(ScoreWriter writer, ArrangementRequest request) {
        return computations.inTurn(() -> {
            Arrangement arrangement = arranged(request);
            return file(arrangement, false, writer.extension(), writer.mediaType(), writer.write(arrangement));
        });
    }

    private ResponseEntity<byte[]> file(SheetWriter writer, ArrangementRequest request, boolean hands) {
        return computations.inTurn(() -> {
            Arrangement arrangement = arranged(request);
            LeadSheet sheet = hands ? WrittenOut.withBothHands(arrangement) : arrangement.sheet();
            byte[] text = writer.write(sheet).getBytes(StandardCharsets.UTF_8);
            return file(arrangement, hands, writer.extension(), writer.mediaType() + ";charset=UTF-8", text);
        });
    }

    /** What the format has no place for is told in the header {@link #LEFT_OUT}, parted by semicolons. */
    private static ResponseEntity<byte[]> file(
            Arrangement tune, boolean hands, String extension, String mediaType, byte[] content) {
        ResponseEntity<byte[]> file = file(tune.sheet().title(), extension, mediaType, content);
        return ResponseEntity.status(file.getStatusCode())
                .headers(file.getHeaders())
                .header(
                        LEFT_OUT,
                        String.join(
                                "; ",
                                LeftOut.of(tune, extension, hands).stream()
                                        .map(part -> part.replace(';', ','))
                                        .toList()))
                .body(content);
    }

    private static ResponseEntity<byte[]> file(String title, String extension, String mediaType, byte[] content) {
        String name = title.replaceAll("[^\\p{L}\\p{N} ._-]", "").strip();
        ContentDisposition attachment = ContentDisposition.attachment()
                .filename((name.isEmpty() ? "tune" : name) + "." + extension, StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, attachment.toString())
                .contentType(MediaType.parseMediaType(mediaType))
                .body(content);
    }
}
