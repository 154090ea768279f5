package com.zestythumb.app.arrange;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Balance;
import com.zestythumb.core.arrangement.Loudness;
import com.zestythumb.core.arrangement.Performance;
import com.zestythumb.core.arrangement.PlayedNote;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.sheet.SheetNote;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** One of those who play. */
@Schema(name = "Part")
public record PartView(
        @Schema(allowableValues = {"left", "melody"}) String id,
        @Schema(description = "Every note as written.") List<NoteView> notes) {

    /** A note in time. */
    @Schema(name = "TimedNote")
    public record NoteView(
            @Schema(
                    description = "n, its chord and its place in it; or m, the bar of the tune and its place there.",
                    example = "n3-0")
            String id,

            @Schema(description = "The chord it belongs to, or over which it sounds; −1 before the first.")
            int chord,

            int bar,

            @Schema(description = "When it is played, in quarter notes after the bar line: swung where eighths swing.")
            double onset,

            @Schema(description = "How long it sounds, in quarter notes.")
            double duration,

            int midi,

            @Schema(
                    description = "Whether it is held over into the next note of the same pitch.",
                    defaultValue = "false")
            @JsonInclude(JsonInclude.Include.NON_DEFAULT)
            boolean tied,

            @Schema(description = "Whether the right hand plays it.", defaultValue = "false")
            @JsonInclude(JsonInclude.Include.NON_DEFAULT)
            boolean right,

            @Schema(description = "Whether it is the bass of its chord.", defaultValue = "false")
            @JsonInclude(JsonInclude.Include.NON_DEFAULT)
            boolean bass,

            @Schema(
                    description = "How much louder it is than the others of its kind: 0.5 for half as loud again,"
                            + " −0.5 for half as loud.",
                    defaultValue = "0")
            @JsonInclude(JsonInclude.Include.NON_DEFAULT)
            double louder,

            @Schema(
                    description = "The same when its bar comes again, a number for the second time and each later one"
                            + " that is told apart; none where it stays as it is.")
            @JsonInclude(JsonInclude.Include.NON_EMPTY)
            List<Double> louderAgain) {}

    /** The hands and, where there is one, the tune. */
    static List<PartView> of(Arrangement arrangement, Performance performance) {
        Map<Side, Loudness> loudness = Map.of(
                Side.LEFT, new Loudness(arrangement.sheet(), Side.LEFT),
                Side.RIGHT, new Loudness(arrangement.sheet(), Side.RIGHT));
        Map<Boolean, List<NoteView>> parts = performance.notes().stream()
                .collect(Collectors.partitioningBy(
                        played -> played.part() == PlayedNote.Part.TUNE,
                        Collectors.mapping(
                                played -> note(
                                        played,
                                        arrangement,
                                        loudness.get(played.note().side())),
                                Collectors.toList())));
        PartView left = new PartView("left", parts.get(false));
        List<NoteView> melody = parts.get(true);
        return melody.isEmpty() ? List.of(left) : List.of(left, new PartView("melody", melody));
    }

    private static NoteView note(PlayedNote played, Arrangement arrangement, Loudness loudness) {
        TimedNote note = played.note();
        boolean tune = played.part() == PlayedNote.Part.TUNE;
        double stress = note.stress().factor();
        return new NoteView(
                note.id(),
                note.chord(),
                note.bar(),
                played.from().toDouble(),
                played.duration().toDouble(),
                note.pitch().midi(),
                note.tied(),
                note.isRight() && !tune,
                Balance.isBass(note, arrangement),
                louder(stress * loudness.of(note.bar(), note.note())),
                louderAgain(stress, loudness, note.bar(), note.note()));
    }

    private static List<Double> louderAgain(double stress, Loudness loudness, int bar, SheetNote note) {
        return IntStream.rangeClosed(2, loudness.times())
                .mapToObj(time -> louder(stress * loudness.of(bar, note, time)))
                .toList();
    }

    private static double louder(double factor) {
        return Math.round((factor - 1) * 100) / 100.0;
    }
}
