package com.zestythumb.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A place in a full bar at which one taps a foot or says a syllable.
 *
 * @param at quarter notes after the bar line, as it is played: swung where eighths swing
 * @param syllable what is counted aloud there: {@code "1"}, {@code "&"}
 */
public record Tick(Fraction at, Weight weight, String syllable) {

    /** How heavy it is. */
    public enum Weight {
        FIRST,
        /** Another heavy beat: the third of four, the fourth count of 6/8. */
        STRONG,
        BEAT,
        /** What a beat is parted into: halves, or thirds where it is dotted. */
        PART,
        /** A third of a beat, whatever its parts are: triplets, or the parts of a dotted beat again. */
        THIRD
    }

    /**
     * All of a bar, in time (strong and weak beats, and how they are counted: any primer of music, from memory).
     *
     * @param swings whether of two eighths the first is longer
     */
    public static List<Tick> of(Meter meter, boolean swings) {
        List<Tick> ticks = new ArrayList<>();
        int parts = meter.isCompound() ? 3 : 2;
        boolean swung = swings && meter.beatLength().equals(Fraction.of(1));
        Fraction part = meter.beatLength().dividedBy(Fraction.of(parts));
        int beats = (int) meter.barLength().dividedBy(meter.beatLength()).floor();
        // Of four the third is heavy, and of two dotted ones the second.
        int heavy = beats == 4 || beats == 2 && meter.isCompound() ? beats / 2 * parts : 0;
        for (int i = 0; part.times(i).compareTo(meter.barLength()) < 0; i++) {
            Fraction at = part.times(i);
            Weight weight =
                    i == 0 ? Weight.FIRST : i % parts > 0 ? Weight.PART : i == heavy ? Weight.STRONG : Weight.BEAT;
            String syllable = Counting.syllable(meter, at);
            ticks.add(new Tick(swung ? Swing.time(at) : at, weight, syllable));
        }
        Fraction third = meter.beatLength().dividedBy(Fraction.of(3));
        for (int i = 0; i < 3 * beats; i++) {
            if (i % 3 > 0) {
                ticks.add(new Tick(third.times(i), Weight.THIRD, Counting.syllable(meter, third.times(i))));
            }
        }
        ticks.sort(Comparator.comparing(Tick::at));
        return ticks;
    }
}
