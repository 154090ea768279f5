package com.zestythumb.app.arrange;

import com.zestythumb.core.analysis.Analysis;
import com.zestythumb.core.analysis.Cadence;
import com.zestythumb.core.analysis.Function;
import com.zestythumb.core.analysis.KeySpan;
import com.zestythumb.core.analysis.Progression;
import com.zestythumb.core.analysis.Reading;
import com.zestythumb.core.analysis.Role;
import com.zestythumb.core.analysis.TuneNote;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.BarMap;
import com.zestythumb.core.exercise.Hidden;
import com.zestythumb.core.pitch.NoteNames;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/** What the progression does and what there is to learn. Chords are counted as in the arrangement. */
@Schema(name = "Analysis")
record AnalysisView(
        @Schema(description = "Whether a key can be told.") boolean clear,

        @Schema(description = "What speaks against the key that the chart states; or empty.")
        String contradiction,

        List<KeySpanView> keys,

        @Schema(description = "One for each chord.") List<ReadingView> readings,

        List<CadenceView> cadences,
        List<ProgressionView> progressions,

        @Schema(description = "In each phrase the chord to lean into, and the one in which to let go.")
        List<Analysis.Lean> leans,

        @Schema(description = "What each note of the tune is against its chord, in the order of the melody.")
        List<TuneNoteView> tune,

        @Schema(description = "One for each written bar.") List<BarMap.Entry> bars,

        @Schema(description = "Stretches that are an earlier one again; bars by index, the end behind the last.")
        List<BarMap.Again> again,

        @Schema(description = "How many bars the left hand has to learn.")
        int toLearn,

        @Schema(description = "Indices of the bars to learn, those first that come most often.")
        List<Integer> order) {

    @Schema(name = "KeySpan")
    record KeySpanView(
            @Schema(example = "E♭ major") String key,

            @Schema(description = "Sharps of its signature, flats below 0.")
            int signature,

            @Schema(description = "Its first chord.") int from,

            @Schema(description = "The first chord that is no longer in it.")
            int to,

            @Schema(description = "The chord before it that belongs to both keys, or −1.")
            int pivot,

            @Schema(example = "11 of 12 chords are its own, its dominant goes home 3 times")
            String reason,

            double confidence) {}

    @Schema(name = "Reading")
    record ReadingView(
            @Schema(example = "IIm7") String functional,
            @Schema(example = "2m7") String counted,
            Role role,
            Function function,
            @Schema(description = "Why, in a sentence.") String reason,
            double confidence,

            @Schema(description = "The numeral the rules give, where the teacher overruled them or not.")
            String byRule,

            @Schema(description = "Other numerals it might have, the next one first, as the chart writes them.")
            List<String> others,

            @Schema(description = "How much to lean on it, 0 to 5.")
            double weight) {}

    @Schema(name = "Cadence")
    record CadenceView(
            int chord,
            Cadence.Close kind,
            @Schema(example = "half") String word,

            @Schema(example = "a comma: it waits on the dominant")
            String meaning,

            @Schema(example = "the phrase stops on V") String reason,
            double confidence) {}

    @Schema(name = "Progression")
    record ProgressionView(
            @Schema(example = "ii–V–I") String name,
            @Schema(description = "Its first chord.") int from,

            @Schema(description = "The chord behind its last.")
            int to,

            @Schema(example = "each root falls a fifth to the next")
            String reason) {}

    @Schema(name = "TuneNote")
    record TuneNoteView(
            @Schema(description = "Index of its bar.") int bar,
            TuneNote.Standing kind,

            @Schema(example = "that steps away and comes back")
            String words,

            @Schema(description = "Foreign to its chord on a strong beat: to be brought out.")
            boolean stressed) {}

    static AnalysisView of(Arrangement arrangement, BarMap map, Set<Hidden> hidden) {
        boolean areNumeralsHidden = hidden.contains(Hidden.NUMERALS);
        Analysis analysis = arrangement.analysis();
        NoteNames names = arrangement.sheet().heading().names();
        return new AnalysisView(
                analysis.isClear(),
                analysis.contradiction(),
                analysis.keys().stream().map(span -> key(span, analysis, names)).toList(),
                IntStream.range(0, areNumeralsHidden ? 0 : analysis.readings().size())
                        .mapToObj(i -> reading(
                                analysis.readings().get(i), analysis.weights().get(i)))
                        .toList(),
                areNumeralsHidden
                        ? List.of()
                        : arrangement.closes().stream()
                                .map(AnalysisView::cadence)
                                .toList(),
                areNumeralsHidden
                        ? List.of()
                        : analysis.progressions().stream()
                                .map(AnalysisView::progression)
                                .toList(),
                analysis.leans(),
                hidden.contains(Hidden.SYMBOLS) || areNumeralsHidden
                        ? List.of()
                        : analysis.tune().stream().map(AnalysisView::note).toList(),
                map.bars(),
                map.again(),
                map.toLearn(),
                map.inOrderOfUse());
    }

    private static ProgressionView progression(Progression row) {
        return new ProgressionView(row.name(), row.from(), row.to(), row.reason());
    }

    private static KeySpanView key(KeySpan span, Analysis analysis, NoteNames names) {
        return new KeySpanView(
                names.fromEnglish(span.key().pretty()),
                span.key().signature(),
                span.from(),
                span.to(),
                span.pivot(),
                analysis.reason(span),
                span.confidence());
    }

    private static ReadingView reading(Reading reading, double weight) {
        return new ReadingView(
                reading.functional(),
                reading.counted(),
                reading.role(),
                reading.function(),
                reading.reason(),
                reading.confidence(),
                reading.byRule().toString(),
                reading.others(),
                weight);
    }

    private static TuneNoteView note(TuneNote note) {
        return new TuneNoteView(note.bar(), note.kind(), note.kind().words(), note.stressed());
    }

    private static CadenceView cadence(Cadence cadence) {
        return new CadenceView(
                cadence.chord(),
                cadence.kind(),
                cadence.kind().word(),
                cadence.kind().meaning(),
                cadence.reason(),
                cadence.confidence());
    }
}
