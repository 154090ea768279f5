package com.zestythumb.core.arrangement;

import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.List;

/** What a chord plays on its way into the next: a run, a walking line, the next chord pushed over the bar line. */
record IntoNext(
        LeadSheet sheet, List<ChordEvent> events, Choices choices, PatternInTime pattern, List<Voicing> voicings) {

    private static final Fraction EIGHTH = Fraction.of(1, 2);

    /** The notes of a chord as it goes into the next; what is pushed belongs to the next already. */
    List<TimedNote> next(int chord, List<TimedNote> notes) {
        boolean last = chord + 1 == events.size();
        AccompanimentPattern here = pattern.figureOf(chord);
        if (here.equals(AccompanimentPatterns.WALKING_BASS) && !notes.isEmpty()) {
            return walking(chord);
        }
        if (last) {
            return notes;
        }
        if (here.equals(AccompanimentPatterns.BOSSA)
                && pattern.figureOf(chord + 1).equals(AccompanimentPatterns.BOSSA)) {
            return pushed(chord, notes);
        }
        return runs(chord) ? run(chord, notes) : notes;
    }

    private Bar barOf(int chord) {
        return sheet.bars().get(events.get(chord).bar());
    }

    /** Where four bars were alike. */
    private boolean runs(int chord) {
        ChordEvent event = events.get(chord);
        Bar bar = barOf(chord);
        return choices.varied()
                && pattern.sinceSection(bar.index()) % PatternInTime.EIGHT == PatternInTime.FOUR - 1
                && event.timing() == ChordEvent.Timing.PLAIN
                && events.get(chord + 1).bar() == bar.index() + 1
                && events.get(chord + 1).start().equals(Fraction.ZERO)
                && !pattern.isPushed(chord + 1)
                && !voicings.get(chord + 1).isSilent()
                // Where the bar is left in another way as well, the run would lead nowhere.
                && !bar.endsRepeat()
                && bar.signs().marks().isEmpty();
    }

    private List<TimedNote> run(int chord, List<TimedNote> notes) {
        Pitch goal = voicings.get(chord + 1).first().lowest();
        return new LeadIn(barOf(chord), goal, choices.hand().lowest())
                .after(notes, chord, events.get(chord).start());
    }

    private List<TimedNote> walking(int chord) {
        ChordEvent event = events.get(chord);
        Bar bar = barOf(chord);
        Fraction beat = bar.meter().isCompound() ? bar.meter().beatLength() : Fraction.of(1);
        int beats = (int) Math.max(1, event.duration().dividedBy(beat).floor());
        Pitch goal = chord + 1 < events.size() && !voicings.get(chord + 1).isSilent()
                ? voicings.get(chord + 1).first().lowest()
                : null;
        List<Pitch> line = new WalkingBass(event.chord(), bar.key(), choices.hand())
                .line(voicings.get(chord).first().lowest(), goal, beats);
        List<TimedNote> notes = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            Fraction from = beat.times(i);
            Fraction length = i + 1 < line.size() ? beat : event.duration().minus(from);
            notes.add(note(
                    "n" + chord + "-" + i, chord, bar.index(), event.start().plus(from), length, line.get(i)));
        }
        return notes;
    }

    /** The chord that would end here gives way to the next, an eighth before its place. */
    private List<TimedNote> pushed(int chord, List<TimedNote> notes) {
        ChordEvent event = events.get(chord);
        Voicing next = voicings.get(chord + 1);
        if (!pattern.isNext(event, events.get(chord + 1))
                || event.chord().equals(events.get(chord + 1).chord())
                || next.grips().size() < 2) {
            return notes;
        }
        Fraction at = event.end().minus(EIGHTH);
        List<TimedNote> some = new ArrayList<>();
        boolean any = false;
        for (TimedNote note : notes) {
            boolean early = note.onset().equals(at);
            any |= early;
            if (!early) {
                some.add(note);
            }
        }
        List<Pitch> above = next.grips().get(1).pitches();
        for (int i = 0; any && i < above.size(); i++) {
            some.add(note("n" + (chord + 1) + "-push-" + i, chord + 1, event.bar(), at, EIGHTH, above.get(i)));
        }
        return some;
    }

    private static TimedNote note(String id, int chord, int bar, Fraction onset, Fraction length, Pitch pitch) {
        return TimedNote.left(id, chord, bar, new SheetNote(pitch, onset, length));
    }
}
