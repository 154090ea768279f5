package com.zestythumb.core.analysis;

import com.zestythumb.core.analysis.TuneNote.Standing;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.List;

/** Tells chord tones from foreign notes by how these are come to and left (common practice). */
public final class TuneNotes {

    private record Sung(
            int bar,
            int place,
            SheetNote note,
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

    /** The notes of a tune, or of any line that stands where the tune stands. O(notes). */
    public static List<TuneNote> of(LeadSheet sheet) {
        List<Sung> line = line(sheet);
        List<TuneNote> notes = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            Sung now = line.get(i);
            Standing kind = now.belongs() ? Standing.CHORD_TONE : foreign(line, i);
            notes.add(new TuneNote(now.bar(), now.place(), kind, now.strong() && isAccent(line, i, kind)));
        }
        return notes;
    }

    /** Whether a foreign note leans: one that passes or steps aside too, where it rests on a note of the chord, and is no mere passing. */
    private static boolean isAccent(List<Sung> line, int i, Standing kind) {
        Sung now = line.get(i);
        return switch (kind) {
            case SUSPENSION, APPOGGIATURA -> true;
            case NEIGHBOUR -> other(line, i, 1).isIn(now.chord());
            case PASSING -> !now.brief() && other(line, i, 1).isIn(now.chord());
            default -> false;
        };
    }

    /** A note that is struck again is come to and left as all of them together are. */
    private static Standing foreign(List<Sung> line, int i) {
        Sung now = line.get(i);
        Sung before = i == 0 ? null : line.get(i - 1);
        Sung next = i + 1 == line.size() ? null : line.get(i + 1);
        Sung from = other(line, i, -1);
        Sung to = other(line, i, 1);
        int in = from == null ? 0 : now.pitch().midi() - from.pitch().midi();
        int out = to == null ? 0 : to.pitch().midi() - now.pitch().midi();
        boolean again = next != null && next.pitch().midi() == now.pitch().midi();
        boolean prepared =
                before != null && before.pitch().midi() == now.pitch().midi() && before.belongs();
        boolean held = now.tiedTo() || prepared;
        if (held && isStep(out) && out < 0 && now.strong()) {
            return Standing.SUSPENSION;
        }
        if (held && next != null && (again || now.tiedTo())) {
            return Standing.PEDAL;
        }
        // Come to and left by step it passes or is a neighbour, with an accent too.
        if (isStep(in) && isStep(out) && !again) {
            return Integer.signum(in) == Integer.signum(out) ? Standing.PASSING : Standing.NEIGHBOUR;
        }
        if (now.strong() && isStep(out) && to.isIn(now.chord())) {
            return Standing.APPOGGIATURA;
        }
        if (again && now.nextChord() != null && now.isIn(now.nextChord())) {
            return Standing.ANTICIPATION;
        }
        if (isStep(in) && isStep(out)) {
            return Integer.signum(in) == Integer.signum(out) ? Standing.PASSING : Standing.NEIGHBOUR;
        }
        if (isStep(in) && to != null) {
            return Standing.ESCAPE;
        }
        return isStep(out) ? Standing.APPOGGIATURA : Standing.FREE;
    }

    /** The nearest note before or behind that has another pitch; null where there is none. */
    private static Sung other(List<Sung> line, int i, int way) {
        for (int at = i + way; at >= 0 && at < line.size(); at += way) {
            if (line.get(at).pitch().midi() != line.get(i).pitch().midi()) {
                return line.get(at);
            }
        }
        return null;
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
                SheetNote note = bar.melody().get(place);
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
                            bar.isStrong(note.onset()),
                            tied,
                            !note.duration().isAfter(bar.meter().beatLength())));
                }
                tied = note.tied();
            }
        }
        return line;
    }

    private static boolean isAtOrBefore(ChordEvent event, Bar bar, Fraction onset) {
        return event.bar() < bar.index()
                || event.bar() == bar.index() && !event.start().isAfter(onset);
    }
}
