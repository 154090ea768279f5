package com.zestythumb.formats.midi;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.formats.midi.MidiEvents.Struck;
import java.util.List;

/**
 * Rounds what was played to what is written.
 *
 * @param notes in time; they tell which beats go in threes
 */
record Rounding(List<Struck> notes, int ticksPerQuarter) {

    private static final Fraction SIXTEENTH = Fraction.of(1, 4);
    private static final Fraction TRIPLET = Fraction.of(1, 3);
    private static final int MOST_IN_A_BEAT = 64;

    /** Rounded to sixteenths, or to triplets where the beat's notes lie clearly nearer to these. */
    Fraction onset(long tick) {
        Fraction straight = Grid.sixteenths(tick, ticksPerQuarter);
        Fraction triplet = Grid.triplets(tick, ticksPerQuarter);
        if (straight.equals(triplet)) {
            return straight;
        }
        return beatIsTriple(tick) ? triplet : straight;
    }

    private boolean beatIsTriple(long tick) {
        long beat = tick / ticksPerQuarter;
        double straight = 0;
        double triple = 0;
        int from = firstFrom(notes, beat * ticksPerQuarter);
        for (int i = from; i < Math.min(notes.size(), from + MOST_IN_A_BEAT); i++) {
            long on = notes.get(i).on();
            if (on / ticksPerQuarter != beat) {
                break;
            }
            straight += Grid.error(on, ticksPerQuarter, Grid.sixteenths(on, ticksPerQuarter));
            triple += Grid.error(on, ticksPerQuarter, Grid.triplets(on, ticksPerQuarter));
        }
        return triple < straight * 0.6;
    }

    private static int firstFrom(List<Struck> sorted, long tick) {
        int low = 0;
        int high = sorted.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (sorted.get(middle).on() < tick) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** A note lasts to the next one where it is joined to it, else as long as it was held. */
    Fraction end(Struck note, Fraction on, Fraction next) {
        boolean triple = on.denominator() == 3 || next != null && next.denominator() == 3;
        Fraction held =
                triple ? Grid.triplets(note.off(), ticksPerQuarter) : Grid.sixteenths(note.off(), ticksPerQuarter);
        Fraction least = on.plus(triple ? TRIPLET : SIXTEENTH);
        Fraction off = held.max(least);
        if (next == null) {
            return off;
        }
        boolean joined = next.minus(off).isBefore(Fraction.of(1, 2));
        return joined ? next : off.min(next);
    }
}
