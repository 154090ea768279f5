package com.zestythumb.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;

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
     * @param swing how the halves of a beat are played
     */
    public static List<Tick> of(Meter meter, Swing swing) {
        List<Tick> ticks = new ArrayList<>();
        boolean swings = swing.isIn(meter);
        int done = 0;
        for (int counts : meter.beatCounts()) {
            Fraction beat = meter.countLength().times(done);
            Weight weight = done == 0 ? Weight.FIRST : isHeavy(meter, done) ? Weight.STRONG : Weight.BEAT;
            // A beat of several counts is parted into them, any other in two.
            int parts = counts > 1 ? counts : 2;
            Fraction length = meter.countLength().times(counts);
            for (int i = 0; i < parts; i++) {
                Fraction at = beat.plus(length.times(i).dividedBy(Fraction.of(parts)));
                Fraction played = swings ? swing.time(at, Set.of(at)) : at;
                ticks.add(new Tick(played, i == 0 ? weight : Weight.PART, Counting.syllable(meter, at)));
            }
            for (int i = 1; i < 3 && counts != 2; i++) {
                Fraction at = beat.plus(length.times(i).dividedBy(Fraction.of(3)));
                ticks.add(new Tick(at, Weight.THIRD, Counting.syllable(meter, at)));
            }
            done += counts;
        }
        ticks.sort(Comparator.comparing(Tick::at));
        return ticks;
    }

    /** Of four beats the third, of two dotted ones the second; in five and seven, and where groups are told, each group's first. */
    private static boolean isHeavy(Meter meter, int count) {
        int beats = meter.beatCounts().size();
        if (!meter.isUneven() && (beats == 4 || beats == 2 && meter.isCompound())) {
            return meter.groups().isEmpty() ? 2 * count == meter.count() : meter.isGroup(count);
        }
        return meter.unit() == 4 && meter.isGroup(count);
    }
}
