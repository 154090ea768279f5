package com.zestythumb.core.sheet;

/**
 * An exact fraction in lowest terms; musical time is counted in quarter notes.
 *
 * @param numerator any whole number
 * @param denominator above zero
 */
public record Fraction(long numerator, long denominator) implements Comparable<Fraction> {

    public static final Fraction ZERO = of(0);

    public Fraction {
        if (denominator == 0) {
            throw new ArithmeticException("a fraction over zero");
        }
        if (denominator > 1 && Long.bitCount(denominator) == 1) {
            // Halves, quarters, eighths: nearly all that music is counted in.
            int shift = Math.min(Long.numberOfTrailingZeros(numerator), Long.numberOfTrailingZeros(denominator));
            numerator >>= shift;
            denominator >>= shift;
        } else if (denominator != 1) {
            long divisor = gcd(Math.abs(numerator), Math.abs(denominator)) * Long.signum(denominator);
            numerator /= divisor;
            denominator /= divisor;
        }
    }

    /** Reads {@code "3/2"} or {@code "3"}, as {@link #toString} writes it. */
    public static Fraction parse(String text) {
        String[] parts = text.split("/");
        return of(Long.parseLong(parts[0]), parts.length > 1 ? Long.parseLong(parts[1]) : 1);
    }

    public static Fraction of(long whole) {
        return new Fraction(whole, 1);
    }

    public static Fraction of(long numerator, long denominator) {
        return new Fraction(numerator, denominator);
    }

    public Fraction plus(Fraction o) {
        if (denominator == o.denominator) {
            return of(numerator + o.numerator, denominator);
        }
        return of(numerator * o.denominator + o.numerator * denominator, denominator * o.denominator);
    }

    public Fraction minus(Fraction o) {
        if (denominator == o.denominator) {
            return of(numerator - o.numerator, denominator);
        }
        return of(numerator * o.denominator - o.numerator * denominator, denominator * o.denominator);
    }

    public Fraction times(Fraction o) {
        return of(numerator * o.numerator, denominator * o.denominator);
    }

    public Fraction times(long whole) {
        return times(of(whole));
    }

    public Fraction dividedBy(Fraction o) {
        return of(numerator * o.denominator, denominator * o.numerator);
    }

    public Fraction min(Fraction o) {
        return isAfter(o) ? o : this;
    }

    public Fraction max(Fraction o) {
        return isBefore(o) ? o : this;
    }

    /** Whether it is less: earlier as a time, shorter as a length. */
    public boolean isBefore(Fraction o) {
        return compareTo(o) < 0;
    }

    /** Whether it is more: later as a time, longer as a length. */
    public boolean isAfter(Fraction o) {
        return compareTo(o) > 0;
    }

    public boolean isPositive() {
        return numerator > 0;
    }

    /** The whole number at or below. */
    public long floor() {
        return Math.floorDiv(numerator, denominator);
    }

    public boolean isWhole() {
        return denominator == 1;
    }

    public double toDouble() {
        return (double) numerator / denominator;
    }

    private static long gcd(long a, long b) {
        while (b != 0) {
            long rest = a % b;
            a = b;
            b = rest;
        }
        return a;
    }

    // Compared and hashed so often that what records have by themselves takes its time until it is warm.
    @Override
    public boolean equals(Object other) {
        return other instanceof Fraction o && numerator == o.numerator && denominator == o.denominator;
    }

    @Override
    public int hashCode() {
        return 31 * Long.hashCode(numerator) + Long.hashCode(denominator);
    }

    @Override
    public int compareTo(Fraction o) {
        return Long.compare(numerator * o.denominator, o.numerator * denominator);
    }

    @Override
    public String toString() {
        return isWhole() ? Long.toString(numerator) : numerator + "/" + denominator;
    }
}
