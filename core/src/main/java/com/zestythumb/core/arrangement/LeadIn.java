package com.zestythumb.core.arrangement;

import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Letter;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.List;

/**
 * A run on a bar's last beat, in eighths by step through the key, into the lowest note of the chord that follows: what
 * players fill the fourth bar with (common practice). It comes from the side on which the hand lies, from below where it
 * lies there already and has the keys, and in minor rises to the keynote through the raised sixth and seventh.
 *
 * @param goal the note it leads to
 * @param lowest the lowest key that the hand shall play
 */
record LeadIn(Bar bar, Pitch goal, Pitch lowest) {

    private static final Fraction EIGHTH = Fraction.of(1, 2);
    private static final int LETTERS = 7;

    /** The notes of the bar's last chord with the run for its last beat; the right hand's stay. */
    List<TimedNote> after(List<TimedNote> notes, int chord, Fraction start) {
        Fraction beat = bar.meter().beatLength();
        Fraction from = bar.length().minus(beat);
        if (!start.isBefore(from) || notes.isEmpty()) {
            return notes;
        }
        List<TimedNote> filled = new ArrayList<>();
        for (TimedNote note : notes) {
            boolean stays =
                    note.isRight() || note.bar() < bar.index() || !note.end().isAfter(from);
            if (stays) {
                filled.add(note);
            } else if (note.onset().isBefore(from)) {
                filled.add(note.with(note.note().at(note.onset(), from.minus(note.onset()))));
            }
        }
        int steps = (int) beat.dividedBy(EIGHTH).floor();
        boolean fromAbove =
                notes.get(0).pitch().midi() > goal.midi() || step(-steps).midi() < lowest.midi();
        for (int i = 0; i < steps; i++) {
            int away = (steps - i) * (fromAbove ? 1 : -1);
            SheetNote note = new SheetNote(step(away), from.plus(EIGHTH.times(i)), EIGHTH);
            filled.add(TimedNote.left("n" + chord + "-run-" + i, chord, bar.index(), note));
        }
        return filled;
    }

    /** The note of the key so many steps above the goal; below it where the number is negative. */
    private Pitch step(int away) {
        Key key = bar.key();
        int letter = goal.pitchClass().letter().ordinal() + away;
        Letter named = Letter.values()[Math.floorMod(letter, LETTERS)];
        boolean minor = key.mode().degree(3).semitones() == Interval.MINOR_THIRD.semitones();
        boolean rises = minor && away < 0 && away >= -2 && goal.pitchClass().equals(key.tonic());
        Key scale = rises ? new Key(key.tonic(), Mode.MAJOR) : key;
        PitchClass note = new PitchClass(named, scale.signatureOf(named));
        return new Pitch(note, goal.octave() + Math.floorDiv(letter, LETTERS));
    }
}
