package com.zestythumb.formats.midi;

import com.zestythumb.core.sheet.Fraction;

/** Rounds played time to written time. */
final class Grid {

    private static final int SIXTEENTHS = 4;
    private static final int TRIPLETS = 3;

    private Grid() {}

    static Fraction sixteenths(long tick, int ticksPerQuarter) {
        return rounded(tick, ticksPerQuarter, SIXTEENTHS);
    }

    static Fraction triplets(long tick, int ticksPerQuarter) {
        return rounded(tick, ticksPerQuarter, TRIPLETS);
    }

    private static Fraction rounded(long tick, int ticksPerQuarter, int parts) {
        return Fraction.of(Math.round(tick * (double) parts / ticksPerQuarter), parts);
    }

    /** How far, in quarter notes, a time lies from its rounded one. */
    static double error(long tick, int ticksPerQuarter, Fraction rounded) {
        return Math.abs(tick / (double) ticksPerQuarter - rounded.toDouble());
    }
}
