package com.zestythumb.core.sheet;

/**
 * A place in a group of notes that are played in another number's time.
 *
 * @param actual how many are played
 * @param normal in the time of how many
 * @param place which of the group this is, from 0
 * @param size how many notes are written in the group
 */
public record Tuplet(int actual, int normal, int place, int size) {

    /** How long a note is written that sounds so long, both in quarter notes: a triplet eighth is an eighth. */
    public Fraction written(Fraction sounding) {
        return sounding.times(Fraction.of(actual, normal));
    }

    /** In the time of how many so many notes are played where it is not told (ABC 2.1, section 4.13). */
    static int usualNormal(int actual, Meter meter) {
        return switch (actual) {
            case 2, 4, 8 -> 3;
            case 3, 6 -> 2;
            default -> meter.isCompound() ? 3 : 2;
        };
    }

    /** How long a note sounds that is written so long. */
    Fraction sounding(Fraction written) {
        return written.times(Fraction.of(normal, actual));
    }

    /** The next place in the group; null behind the last. */
    Tuplet next() {
        return place + 1 < size ? new Tuplet(actual, normal, place + 1, size) : null;
    }
}
