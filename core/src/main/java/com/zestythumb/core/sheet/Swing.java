package com.zestythumb.core.sheet;

import java.util.Locale;

/** Swung eighths: of two, the first lasts two thirds of the beat (common practice). */
public final class Swing {

    private static final Fraction HALF = Fraction.of(1, 2);
    private static final Fraction LONG = Fraction.of(2, 3);

    private Swing() {}

    /** Whether a tune's feel says that eighths swing. */
    public static boolean isIn(Heading heading) {
        return heading.feel().toLowerCase(Locale.ROOT).matches(".*(swing|shuffle).*");
    }

    /** When something in a bar is played, in quarter notes after its bar line; where a beat has three parts there is nothing to swing. */
    public static Fraction played(Heading heading, Bar bar, Fraction time) {
        boolean swings = isIn(heading) && bar.meter().beatLength().equals(Fraction.of(1));
        return swings ? time(bar.offset().plus(time)).minus(bar.offset()) : time;
    }

    /**
     * When something is played where eighths swing; triplets keep their places.
     *
     * @param time quarter notes after a beat
     */
    static Fraction time(Fraction time) {
        Fraction beat = Fraction.of(time.floor());
        Fraction inside = time.minus(beat);
        if (!inside.equals(Fraction.ZERO) && inside.times(3).isWhole()) {
            return time;
        }
        Fraction swung = inside.compareTo(HALF) < 0
                ? inside.times(2).times(LONG)
                : LONG.plus(inside.minus(HALF).times(2).times(Fraction.of(1).minus(LONG)));
        return beat.plus(swung);
    }
}
