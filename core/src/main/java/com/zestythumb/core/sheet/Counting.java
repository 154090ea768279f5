package com.zestythumb.core.sheet;

/**
 * The syllable that is counted aloud at a place in the bar: {@code 1 & 2 &}, sixteenths {@code e} and
 * {@code a}, triplets {@code trip let}; in 6/8 one to six (common practice).
 */
public final class Counting {

    private Counting() {}

    /**
     * The syllable.
     *
     * @param onset quarter notes after the bar line
     */
    public static String syllable(Bar bar, Fraction onset) {
        return syllable(bar.meter(), onset.plus(bar.offset()));
    }

    /** The same in a full bar. */
    static String syllable(Meter meter, Fraction onset) {
        Fraction counts = onset.dividedBy(meter.countLength());
        Fraction inside = counts.minus(Fraction.of(counts.floor()));
        if (inside.equals(Fraction.ZERO)) {
            return String.valueOf(counts.floor() + 1);
        }
        if (inside.denominator() == 3) {
            return inside.numerator() == 1 ? "trip" : "let";
        }
        if (inside.equals(Fraction.of(1, 2))) {
            return "&";
        }
        if (inside.equals(Fraction.of(1, 4))) {
            return "e";
        }
        return inside.equals(Fraction.of(3, 4)) ? "a" : "·";
    }
}
