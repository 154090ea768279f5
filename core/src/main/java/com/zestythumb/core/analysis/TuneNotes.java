package com.zestythumb.core.analysis;

import com.zestythumb.core.analysis.TuneNote.Standing;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.MelodyNote;
import java.util.ArrayList;
import java.util.List;

/** Tells chord tones from foreign notes by how these are come to and left (common practice). */
final class TuneNotes {

    private record Sung(
            int bar,
            int place,
            MelodyNote note,
            Chord chord,
            Chord nextChord,
            boolean strong,
            boolean tiedTo,
            boolean brief) {

        Pitch pitch() {
            return note.pitch();
        }

        boolean belongs() {
            return chord == null || isIn(chord);
        }

        boolean isIn(Chord other) {
            return other.tones().stream().anyMatch(tone -> tone.soundsLike(pitch().pitchClass()))
                    || other.bass().soundsLike(pitch().pitchClass());
        }
    }

    private TuneNotes() {}

    static List<TuneNote> of(LeadSheet sheet) {
        List<Sung> line = line(sheet);
        List<TuneNote> notes = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            Sung now = line.get(i);
            Sung before = i == 0 ? null : line.get(i - 1);
            Sung next = i + 1 == line.size() ? null : line.get(i + 1);
            Standing kind = now.belongs() ? Standing.CHORD_TONE : foreign(before, now, next);
            boolean stressed = kind == Standing.SUSPENSION || kind == Standing.APPOGGIATURA;
            notes.add(new TuneNote(now.bar(), now.place(), kind, stressed));
        }
        return notes;
    }

    private static Standing foreign(Sung before, Sung now, Sung next) {
        int in = before == null ? 0 : now.pitch().midi() - before.pitch().midi();
        int out = next == null ? 0 : next.pitch().midi() - now.pitch().midi();
        boolean stepIn = before != null && isStep(in);
        boolean stepOut = next != null && isStep(out);
        boolean held = now.tiedTo() || before != null && in == 0;
        if (held && stepOut && out < 0 && now.strong()) {
            return Standing.SUSPENSION;
        }
        if (held && next != null && (out == 0 || now.tiedTo())) {
            return Standing.PEDAL;
        }
        boolean passes = stepIn && stepOut && Integer.signum(in) == Integer.signum(out);
        if (passes && now.brief()) {
            return Standing.PASSING;
        }
        if (now.strong() && stepOut && next.isIn(now.chord())) {
            return Standing.APPOGGIATURA;
        }
        if (next != null && out == 0 && now.nextChord() != null && now.isIn(now.nextChord())) {
            return Standing.ANTICIPATION;
        }
        if (stepIn && stepOut) {
            return passes ? Standing.PASSING : Standing.NEIGHBOUR;
        }
        if (stepIn && next != null) {
            return Standing.ESCAPE;
        }
        return stepOut ? Standing.APPOGGIATURA : Standing.FREE;
    }

    private static boolean isStep(int semitones) {
        int size = Math.abs(semitones);
        return size == 1 || size == 2;
    }

    /** All sung notes in their order with the chord each begins over and the chord behind that. */
    private static List<Sung> line(LeadSheet sheet) {
        List<ChordEvent> events = sheet.events();
        List<Sung> line = new ArrayList<>();
        int at = 0;
        boolean tied = false;
        for (Bar bar : sheet.bars()) {
            for (int place = 0; place < bar.melody().size(); place++) {
                MelodyNote note = bar.melody().get(place);
                while (at + 1 < events.size() && isAtOrBefore(events.get(at + 1), bar, note.onset())) {
                    at++;
                }
                if (!note.isRest()) {
                    Chord next = at + 1 < events.size() ? events.get(at + 1).chord() : null;
                    Chord chord = events.isEmpty() ? null : events.get(at).chord();
                    line.add(new Sung(
                            bar.index(),
                            place,
                            note,
                            chord,
                            next,
                            isStrong(bar, note.onset()),
                            tied,
                            note.duration().compareTo(bar.meter().beatLength()) <= 0));
                }
                tied = note.tied();
            }
        }
        return line;
    }

    private static boolean isAtOrBefore(ChordEvent event, Bar bar, Fraction onset) {
        return event.bar() < bar.index()
                || event.bar() == bar.index() && event.start().compareTo(onset) <= 0;
    }

    /** On one and, in four, on three; in compound meters on every felt beat. */
    private static boolean isStrong(Bar bar, Fraction onset) {
        Fraction group = bar.meter().isCompound()
                ? bar.meter().beatLength()
                : bar.meter().figureGroup();
        return onset.plus(bar.offset()).dividedBy(group).isWhole();
    }
}
