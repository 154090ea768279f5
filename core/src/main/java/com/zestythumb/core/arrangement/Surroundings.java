package com.zestythumb.core.arrangement;

import com.zestythumb.core.analysis.Analysis;
import com.zestythumb.core.analysis.Cadence;
import com.zestythumb.core.analysis.TuneNote;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voicing.ChordContext;
import com.zestythumb.core.voicing.StyleChoice;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Tells what goes on around each chord of a tune: its closes, its key and the notes above it. */
public final class Surroundings {

    private Surroundings() {}

    /** Quarter notes; what is no longer than a sixteenth carries no voice from chord to chord. */
    private static final Fraction ORNAMENT = Fraction.of(1, 4);

    /** One for each sounding chord. O(chords + notes). */
    static List<ChordContext> of(
            LeadSheet sheet, List<ChordEvent> events, List<StyleChoice> styles, Analysis analysis) {
        Map<Integer, Cadence.Close> closes = new HashMap<>();
        analysis.cadences().forEach(cadence -> closes.put(cadence.chord(), cadence.kind()));
        List<ChordContext> around = new ArrayList<>();
        boolean basses = events.stream().anyMatch(event -> event.chord().hasSlash());
        Pitch sung = null;
        Set<List<Integer>> passing = passing(analysis);
        for (int i = 0; i < events.size(); i++) {
            ChordEvent event = events.get(i);
            Bar bar = sheet.bars().get(event.bar());
            List<Pitch> tune = new ArrayList<>();
            List<Pitch> strong = new ArrayList<>();
            Pitch goesOn = null;
            boolean hasTune = !styles.get(i).style().leavesTune();
            for (int place = 0; place < bar.melody().size(); place++) {
                SheetNote note = bar.melody().get(place);
                if (hasTune && isOver(note, event)) {
                    tune.add(note.pitch());
                    goesOn = note.duration().isAfter(ORNAMENT) ? note.pitch() : null;
                    boolean weighs = !note.onset().isAfter(event.start()) || bar.isStrong(note.onset());
                    if (weighs && !passing.contains(List.of(bar.index(), place))) {
                        strong.add(note.pitch());
                    }
                }
            }
            // At a phrase's end the last note sung is heard on through a rest.
            sung = tune.isEmpty() ? sung : tune.get(tune.size() - 1);
            Cadence.Close close = closes.get(i);
            boolean ends = close != null;
            around.add(new ChordContext(
                    close == Cadence.Close.PERFECT || close == Cadence.Close.AUTHENTIC || close == Cadence.Close.PLAGAL,
                    ends,
                    tune,
                    upper(tune, bar, event),
                    strong,
                    ends ? sung : null,
                    ends ? null : goesOn,
                    i + 1 < events.size() ? events.get(i + 1).chord() : null,
                    basses,
                    key(analysis, i)));
        }
        return around;
    }

    private static boolean isOver(SheetNote note, ChordEvent event) {
        return !note.isRest()
                && note.onset().isBefore(event.end())
                && note.end().isAfter(event.start());
    }

    private static List<Pitch> upper(List<Pitch> tune, Bar bar, ChordEvent event) {
        if (bar.beneath().isEmpty()) {
            return tune;
        }
        List<Pitch> upper = new ArrayList<>(tune);
        bar.beneath().stream()
                .flatMap(List::stream)
                .filter(note -> isOver(note, event))
                .forEach(note -> upper.add(note.pitch()));
        return upper;
    }

    /** Notes of the tune that pass by step: bar and place. */
    public static Set<List<Integer>> passing(Analysis analysis) {
        return analysis.tune().stream()
                .filter(TuneNote::passes)
                .map(note -> List.of(note.bar(), note.place()))
                .collect(Collectors.toSet());
    }

    /** The key at a chord; null where none is clear. */
    public static Key key(Analysis analysis, int chord) {
        return analysis.isClear() ? analysis.readings().get(chord).key() : null;
    }
}
