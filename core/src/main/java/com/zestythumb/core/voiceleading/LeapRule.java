package com.zestythumb.core.voiceleading;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.List;
import java.util.Optional;

/**
 * A shift of the whole hand that is too far for the time there is: more than an octave, or more than
 * a fifth within half a second (common practice; the figures from memory).
 */
final class LeapRule implements Rule {

    private static final int OCTAVE = 12;
    private static final int FIFTH = 7;
    private static final double HALF_SECOND = 0.5;

    @Override
    public Optional<Finding> check(ArrangedChord before, ArrangedChord chord, Arrangement whole) {
        if (before == null) {
            return Optional.empty();
        }
        int low = chord.voicing().lowest().midi() - before.voicing().lowest().midi();
        int high = chord.voicing().highest().midi() - before.voicing().highest().midi();
        // The hand travels as far as the nearer of its two edges; the rest is opening and closing.
        int shift = Math.min(Math.abs(low), Math.abs(high));
        double seconds = secondsToGetThere(before, chord, whole);
        boolean tooFar = shift > OCTAVE || shift > FIFTH && seconds < HALF_SECOND;
        if (!tooFar) {
            return Optional.empty();
        }
        return Optional.of(Places.finding(
                Finding.Kind.LEAP,
                chord,
                whole,
                "the hand leaps " + shift + " half steps to "
                        + whole.sheet().heading().print(chord.chord()) + " in " + Math.round(seconds * 10) / 10.0
                        + " s",
                "take a nearer inversion, or let go of the chord before early"));
    }

    /** From the last key struck before until the first of the chord, a pushed one coming early. */
    private static double secondsToGetThere(ArrangedChord before, ArrangedChord chord, Arrangement whole) {
        LeadSheet sheet = whole.sheet();
        List<TimedNote> notes = whole.notesOf(before.index());
        TimedNote last = notes.get(notes.size() - 1);
        TimedNote first = whole.notesOf(chord.index()).get(0);
        boolean onward = chord.index() == before.index() + 1;
        Fraction time = first.onset().minus(last.onset());
        if (!onward) {
            // Back at a repeat, or over an ending: the bars meet at their bar lines.
            time = time.plus(sheet.bars().get(last.bar()).length());
        }
        for (int bar = last.bar(); onward && bar < first.bar(); bar++) {
            time = time.plus(sheet.bars().get(bar).length());
        }
        return time.toDouble() * sheet.secondsPerQuarter();
    }
}
