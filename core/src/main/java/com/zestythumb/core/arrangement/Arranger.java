package com.zestythumb.core.arrangement;

import com.zestythumb.core.analysis.Analysis;
import com.zestythumb.core.figure.Figure;
import com.zestythumb.core.fingering.ChordFingering;
import com.zestythumb.core.harmonising.HomeKey;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.ChordEvent.Touch;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Transitions;
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

    private static final Fraction EIGHTH = Fraction.of(1, 2);

    private final LeadSheet sheet;
    private final Choices choices;
    private final List<ChordEvent> events;
    private final Analysis analysis;
    private final Transitions transitions;

    Arranger(LeadSheet sheet, Choices choices) {
        this.analysis = Analysis.of(sheet);
        this.sheet = HomeKey.signed(sheet, analysis);
        this.transitions = Transitions.of(sheet);
        this.choices = choices;
        this.events = sheet.events().stream().filter(e -> !e.isSilent()).toList();
    }

    Arrangement arrange() {
        Map<Integer, Voicing> pins = new HashMap<>();
        List<Pin> lost = new ArrayList<>();
        choices.pins().forEach(pin -> place(pin, pins, lost));
        List<Solved> solved = VoicingSolver.solve(
                events.stream().map(ChordEvent::chord).toList(),
                transitions,
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
        return new Arrangement(sheet, choices, chords, notes, lost, analysis, transitions);
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
                analysis.readings().get(i).over(voicing.lowest().pitchClass()),
                solved.cost(),
                solved.pinned(),
                solved.alternatives());
    }

    private Bar barOf(ChordEvent event) {
        return sheet.bars().get(event.bar());
    }

    private List<TimedNote> notes(ArrangedChord chord) {
        ChordEvent event = chord.event();
        Bar bar = barOf(event);
        int size = chord.voicing().notes().size();
        boolean pushed = isPushed(chord.index());
        Fraction duration = event.duration().minus(isPushed(chord.index() + 1) ? EIGHTH : Fraction.ZERO);
        List<TimedNote> notes = new ArrayList<>();
        Set<Integer> fingered = new HashSet<>();
        List<Figure.Step> steps =
                figureOf(chord.index()).over(size, event.start().plus(bar.offset()), duration, bar.meter());
        for (Figure.Step step : steps) {
            for (int place : step.notes()) {
                Fraction onset = event.start().plus(step.onset());
                boolean early = pushed && step.onset().equals(Fraction.ZERO);
                if (early && event.start().equals(Fraction.ZERO)) {
                    // Across the bar line, so written as two notes and a tie.
                    Fraction before = sheet.bars().get(event.bar() - 1).length().minus(EIGHTH);
                    notes.add(note(
                            notes.size(), chord, event.bar() - 1, before, EIGHTH, place, fingered.add(place), true));
                    early = false;
                }
                notes.add(note(
                        notes.size(),
                        chord,
                        event.bar(),
                        early ? onset.minus(EIGHTH) : onset,
                        early ? step.duration().plus(EIGHTH) : step.duration(),
                        place,
                        fingered.add(place),
                        false));
            }
        }
        return notes;
    }

    private static TimedNote note(
            int number,
            ArrangedChord chord,
            int bar,
            Fraction onset,
            Fraction duration,
            int place,
            boolean fingerShown,
            boolean tied) {
        return new TimedNote(
                "n" + chord.index() + "-" + number,
                chord.index(),
                bar,
                onset,
                duration,
                chord.voicing().notes().get(place),
                chord.fingers().get(place),
                fingerShown,
                tied);
    }

    /** Whether a chord comes an eighth early; it does not where the chord before would vanish. */
    private boolean isPushed(int chord) {
        if (chord == 0 || chord >= events.size() || events.get(chord).touch() != Touch.PUSHED) {
            return false;
        }
        ChordEvent before = events.get(chord - 1);
        ChordEvent here = events.get(chord);
        boolean sameBar = before.bar() == here.bar() && before.end().equals(here.start());
        boolean barBefore = before.bar() == here.bar() - 1
                && here.start().equals(Fraction.ZERO)
                && before.end().equals(barOf(before).length());
        return (sameBar || barBefore) && before.duration().compareTo(EIGHTH) > 0;
    }

    /** A held chord is struck once; and the tune stops on a long chord, whatever figure went before. */
    private Figure figureOf(int chord) {
        boolean still = chord == events.size() - 1 || events.get(chord).touch() == Touch.HELD;
        return still ? Figure.BLOCK : choices.figure();
    }
}
