package com.zestythumb.core.arrangement;

import com.zestythumb.core.analysis.Numeral;
import com.zestythumb.core.figure.Figure;
import com.zestythumb.core.fingering.ChordFingering;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voicing.Voicing;
import com.zestythumb.core.voicing.VoicingSolver;
import com.zestythumb.core.voicing.VoicingSolver.Solved;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Takes a sheet through voicing, fingering and figure, in that order. */
final class Arranger {

    private final LeadSheet sheet;
    private final Choices choices;
    private final List<ChordEvent> events;

    Arranger(LeadSheet sheet, Choices choices) {
        this.sheet = sheet;
        this.choices = choices;
        this.events = sheet.events().stream().filter(e -> !e.isSilent()).toList();
    }

    Arrangement arrange() {
        Map<Integer, Voicing> pins = new HashMap<>();
        List<Pin> lost = new ArrayList<>();
        choices.pins().forEach(pin -> place(pin, pins, lost));
        List<Solved> solved = VoicingSolver.solve(
                events.stream().map(ChordEvent::chord).toList(),
                choices.way(),
                choices.hand(),
                choices.figure().notesWanted(),
                pins);
        List<ArrangedChord> chords = new ArrayList<>();
        List<TimedNote> notes = new ArrayList<>();
        for (int i = 0; i < events.size(); i++) {
            ArrangedChord chord = arranged(i, solved.get(i));
            chords.add(chord);
            notes.addAll(notes(chord));
        }
        return new Arrangement(sheet, choices, chords, notes, lost);
    }

    private void place(Pin pin, Map<Integer, Voicing> pins, List<Pin> lost) {
        for (int i = 0; i < events.size(); i++) {
            var voicing = pin.voicingFor(events.get(i));
            if (voicing.isPresent()) {
                pins.put(i, voicing.get());
                return;
            }
        }
        lost.add(pin);
    }

    private ArrangedChord arranged(int i, Solved solved) {
        ChordEvent event = events.get(i);
        Voicing voicing = solved.voicing();
        return new ArrangedChord(
                i,
                event,
                voicing,
                ChordFingering.left(voicing.notes()),
                Numeral.of(event.chord(), voicing.lowest().pitchClass(), sheet.key()),
                solved.cost(),
                solved.pinned(),
                solved.alternatives());
    }

    private List<TimedNote> notes(ArrangedChord chord) {
        ChordEvent event = chord.event();
        int size = chord.voicing().notes().size();
        List<TimedNote> notes = new ArrayList<>();
        Set<Integer> fingered = new HashSet<>();
        for (Figure.Step step : figureOf(chord.index()).over(size, event.start(), event.duration(), sheet.meter())) {
            for (int place : step.notes()) {
                notes.add(new TimedNote(
                        "n" + chord.index() + "-" + notes.size(),
                        chord.index(),
                        event.bar(),
                        event.start().plus(step.onset()),
                        step.duration(),
                        chord.voicing().notes().get(place),
                        chord.fingers().get(place),
                        fingered.add(place)));
            }
        }
        return notes;
    }

    /** The tune stops on a long chord, whatever figure went before (common practice). */
    private Figure figureOf(int chord) {
        return chord == events.size() - 1 ? Figure.BLOCK : choices.figure();
    }
}
