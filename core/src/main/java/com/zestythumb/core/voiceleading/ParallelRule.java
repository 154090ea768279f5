package com.zestythumb.core.voiceleading;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.pitch.Pitch;
import java.util.List;
import java.util.Optional;

/**
 * Voices of the hand moving in parallel perfect fifths or octaves: bass and top, and where a chord has as many notes as
 * the one before any two of its voices (any textbook of harmony; a fault in the strict and keyboard schools, a sound in
 * popular music).
 */
final class ParallelRule implements Rule {

    /** Two voices of a chord. */
    private record Voices(Pitch low, Pitch high) {

        static Voices of(ArrangedChord chord, int low, int high) {
            List<Pitch> notes = chord.voicing().notes();
            return new Voices(notes.get(low), notes.get(high));
        }

        boolean isParallelTo(Voices then) {
            int below = Integer.signum(low.midi() - then.low.midi());
            int above = Integer.signum(high.midi() - then.high.midi());
            return below != 0 && below == above && isSame(then.interval(), interval());
        }

        Interval interval() {
            return Interval.between(low, high);
        }
    }

    @Override
    public Optional<Finding> check(ArrangedChord before, ArrangedChord chord, Arrangement whole) {
        if (before == null) {
            return Optional.empty();
        }
        int then = before.voicing().notes().size();
        int now = chord.voicing().notes().size();
        Voices outer = Voices.of(chord, 0, now - 1);
        if (outer.isParallelTo(Voices.of(before, 0, then - 1))) {
            return Optional.of(finding("bass and top", outer, before, chord, whole));
        }
        for (int low = 0; then == now && low < now; low++) {
            for (int high = low + 1; high < now; high++) {
                Voices inner = Voices.of(chord, low, high);
                if (inner.isParallelTo(Voices.of(before, low, high))) {
                    NoteNames names = whole.sheet().heading().names();
                    String voices = "the voices on "
                            + names.fromEnglish(inner.low().pitchClass().pretty()) + " and "
                            + names.fromEnglish(inner.high().pitchClass().pretty());
                    return Optional.of(finding(voices, inner, before, chord, whole));
                }
            }
        }
        return Optional.empty();
    }

    private static Finding finding(
            String names, Voices voices, ArrangedChord before, ArrangedChord chord, Arrangement whole) {
        boolean fifths = voices.interval().steps() % 7 == 4;
        return Places.finding(
                fifths ? Finding.Kind.PARALLEL_FIFTHS : Finding.Kind.PARALLEL_OCTAVES,
                chord,
                whole,
                names + " go in parallel " + (fifths ? "fifths" : "octaves") + " from "
                        + whole.sheet().heading().print(before.chord()) + " to "
                        + whole.sheet().heading().print(chord.chord()),
                "fine in popular styles; else take another inversion so that one voice stays");
    }

    private static boolean isSame(Interval then, Interval now) {
        return kind(then) != 0 && kind(then) == kind(now);
    }

    /** 5 for a perfect fifth, 8 for an octave, either with octaves between; 0 for all else. */
    private static int kind(Interval interval) {
        int within = interval.semitones() % 12;
        int steps = interval.steps() % 7;
        if (steps == 4 && within == 7) {
            return 5;
        }
        return steps == 0 && within == 0 && interval.steps() > 0 ? 8 : 0;
    }
}
