package com.zestythumb.app.arrange;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Balance;
import com.zestythumb.core.arrangement.Rolls;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.formats.musicxml.MusicXmlWriter;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

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

            @Schema(description = "Whether it is to be played softer than others.", defaultValue = "false")
            @JsonInclude(JsonInclude.Include.NON_DEFAULT)
            boolean soft,

            @Schema(description = "Whether it is to be heard over others.", defaultValue = "false")
            @JsonInclude(JsonInclude.Include.NON_DEFAULT)
            boolean broughtOut) {}

    /** The hands and, where there is one, the tune. */
    static List<PartView> of(Arrangement arrangement) {
        List<NoteView> melody = melody(arrangement);
        Map<String, Fraction> late = Rolls.delays(arrangement.notes());
        PartView left = new PartView(
                "left",
                arrangement.notes().stream()
                        .map(note -> note(
                                note, late.getOrDefault(note.id(), Fraction.ZERO), Balance.isBass(note, arrangement)))
                        .toList());
        return melody.isEmpty() ? List.of(left) : List.of(left, new PartView("melody", melody));
    }

    private static NoteView note(TimedNote note, Fraction late, boolean bass) {
        return new NoteView(
                note.id(),
                note.chord(),
                note.bar(),
                note.onset().plus(late).toDouble(),
                note.sounding().minus(late).toDouble(),
                note.pitch().midi(),
                note.tied(),
                note.isRight(),
                bass,
                note.isSoft(),
                note.isBroughtOut());
    }

    /** The tune's notes, each with the chord it sounds over. */
    private static List<NoteView> melody(Arrangement arrangement) {
        List<NoteView> notes = new ArrayList<>();
        int chord = 0;
        List<ArrangedChord> chords = arrangement.chords();
        for (Bar bar : arrangement.sheet().bars()) {
            for (int i = 0; i < bar.melody().size(); i++) {
                SheetNote note = bar.melody().get(i);
                while (chord + 1 < chords.size()
                        && isReached(chords.get(chord + 1).event(), bar, note)) {
                    chord++;
                }
                if (!note.isRest()) {
                    notes.add(new NoteView(
                            MusicXmlWriter.melodyId(bar.index(), i),
                            chord,
                            bar.index(),
                            note.onset().toDouble(),
                            note.duration().toDouble(),
                            note.pitch().midi(),
                            note.tied(),
                            false,
                            false,
                            false,
                            false));
                }
            }
        }
        return notes;
    }

    private static boolean isReached(ChordEvent next, Bar bar, SheetNote note) {
        return next.bar() < bar.index()
                || next.bar() == bar.index() && next.start().compareTo(note.onset()) <= 0;
    }
}
