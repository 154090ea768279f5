package com.zestythumb.core.sheet;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Shares a bar among chords whose lengths nobody told, as players do: evenly where that falls on counts; else the
 * first ones are the longer ones, 2 + 1 in three, 2 + 1 + 1 in four; and where there are more chords than beats the
 * last beats are parted, 3 + 2 + 1 in six eighths (common practice).
 */
final class BarShares {

    private BarShares() {}

    /** Whether the chords come evenly, so that nothing needs to be said. */
    static boolean isEven(int chords, Fraction length, Meter meter) {
        return meter.slotCounts(length).contains(chords);
    }

    /** Quarter notes of each chord, together the bar; none where it cannot hold so many. */
    static List<Fraction> of(int chords, Fraction length, Meter meter) {
        if (isEven(chords, length, meter)) {
            return Collections.nCopies(chords, length.dividedBy(Fraction.of(chords)));
        }
        Fraction beat = meter.beatLength();
        if (!length.dividedBy(beat).isWhole()) {
            beat = Fraction.of(1, 2);
        }
        int beats = (int) length.dividedBy(beat).floor();
        return chords <= beats ? whole(chords, beats, beat) : parted(chords, beats, beat, meter);
    }

    private static List<Fraction> whole(int chords, int beats, Fraction beat) {
        List<Fraction> shares = new ArrayList<>();
        for (int i = 0; i < chords; i++) {
            shares.add(beat.times(beats / chords + (i < beats % chords ? 1 : 0)));
        }
        return shares;
    }

    /** The last beats hold two chords each: halves, or two eighths and one where the beat is dotted. */
    private static List<Fraction> parted(int chords, int beats, Fraction beat, Meter meter) {
        Fraction second = meter.isCompound() ? meter.countLength() : beat.dividedBy(Fraction.of(2));
        boolean writable = second.times(2).isWhole();
        int whole = 2 * beats - chords;
        List<Fraction> shares = new ArrayList<>();
        for (int i = 0; i < beats && whole >= 0 && writable; i++) {
            if (i < whole) {
                shares.add(beat);
            } else {
                shares.add(beat.minus(second));
                shares.add(second);
            }
        }
        return shares;
    }
}
