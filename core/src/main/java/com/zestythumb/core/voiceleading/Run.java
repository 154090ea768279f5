package com.zestythumb.core.voiceleading;

/**
 * Strokes of one hand that follow one another without rest, each of two keys or more.
 *
 * @param strokes how many
 * @param seconds from the first to the last
 * @param widest half steps of the widest of them
 * @param span half steps that the hand spans with ease
 */
public record Run(int strokes, double seconds, int widest, int span) {

    /** Strokes in a second. */
    public double speed() {
        return seconds > 0 ? (strokes - 1) / seconds : 0;
    }
}
