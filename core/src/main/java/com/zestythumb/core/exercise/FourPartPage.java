package com.zestythumb.core.exercise;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.BarFilling;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Writes four parts on two staves.
 *
 * @param parts of each chord by its index, from the lowest; fewer than four where some are not there yet
 * @param underTune whether the highest is the tune, which stays as it is
 */
record FourPartPage(Arrangement key, Map<Integer, List<Pitch>> parts, boolean underTune) {

    private static final int PARTS = 4;
    private static final int STEP = 2;

    /** The tune with its four parts, as far as they are there. */
    LeadSheet sheet() {
        Map<Integer, List<ArrangedChord>> byBar = key.chords().stream()
                .filter(chord -> parts.containsKey(chord.index()))
                .collect(Collectors.groupingBy(chord -> chord.event().bar()));
        return key.sheet().mapBars(bar -> inParts(bar, byBar.getOrDefault(bar.index(), List.of())));
    }

    /** Soprano and alto on the upper staff, tenor and bass on the lower. */
    private Bar inParts(Bar bar, List<ArrangedChord> chords) {
        List<SheetNote> soprano = underTune && !bar.melody().isEmpty() ? bar.melody() : line(bar, chords, 3);
        List<List<SheetNote>> upper = new ArrayList<>(List.of(soprano));
        // A bass that is given keeps its own notes, those that pass too.
        boolean asWritten = !underTune && isBassLine(bar);
        List<List<SheetNote>> left =
                new ArrayList<>(List.of(asWritten ? bar.left().get(0) : line(bar, chords, 0)));
        List<SheetNote> tenor = line(bar, chords, 1);
        List<SheetNote> alto = line(bar, chords, 2);
        if (sounds(tenor)) {
            left.add(0, tenor);
        }
        if (sounds(alto)) {
            upper.add(alto);
        }
        return bar.withUpper(upper).withLeft(left);
    }

    /** Whether the lower staff has one line that goes by step while a chord lasts: what is broken there is no part of its own. */
    static boolean isBassLine(Bar bar) {
        if (bar.left().size() != 1) {
            return false;
        }
        List<SheetNote> line =
                bar.left().get(0).stream().filter(note -> !note.isRest()).toList();
        for (int i = 1; i < line.size(); i++) {
            SheetNote note = line.get(i);
            boolean meetsAChord =
                    bar.events().stream().anyMatch(event -> event.start().equals(note.onset()));
            int apart = Math.abs(note.pitch().midi() - line.get(i - 1).pitch().midi());
            if (note.onset().equals(line.get(i - 1).onset()) || !meetsAChord && apart > STEP) {
                return false;
            }
        }
        return true;
    }

    private static boolean sounds(List<SheetNote> line) {
        return line.stream().anyMatch(note -> !note.isRest());
    }

    private List<SheetNote> line(Bar bar, List<ArrangedChord> chords, int part) {
        List<SheetNote> line = new ArrayList<>();
        for (ArrangedChord chord : chords) {
            List<Pitch> here = parts.get(chord.index());
            // Of parts that are not all there yet the lowest lie below, or under the tune the highest is the tune's.
            int place = part < PARTS - 1 && part < here.size() - (underTune ? 1 : 0)
                    ? part
                    : part == PARTS - 1 && (underTune || here.size() == PARTS) ? here.size() - 1 : -1;
            line.addAll(place < 0 ? AnswerVoice.rest(chord.event()) : AnswerVoice.held(chord.event(), here.get(place)));
        }
        return BarFilling.withRests(line, bar.length());
    }
}
