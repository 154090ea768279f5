package com.zestythumb.core.pattern;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * What a pattern plays in some meters.
 *
 * @param meters where it is played
 * @param group after how many quarter notes it begins anew
 * @param voices what each voice plays, the upper one first
 */
record MeterVariant(Predicate<Meter> meters, Function<Meter, Fraction> group, List<Voice> voices) {

    /**
     * The strokes of one voice.
     *
     * @param once what a group begins with
     * @param again what is played over and over until the group ends
     */
    record Voice(List<Beat> once, List<Beat> again) {

        /** The n-th stroke of a group, or null where nothing is played any more. */
        Beat at(int n) {
            if (n < once.size()) {
                return once.get(n);
            }
            return again.isEmpty() ? null : again.get((n - once.size()) % again.size());
        }

        /** All different strokes. */
        List<Stroke> strokes(Meter meter) {
            return Stream.concat(once.stream(), again.stream())
                    .map(beat -> beat.apply(meter))
                    .toList();
        }

        /** How many strokes fit into a time in quarter notes. */
        int in(Fraction time, Meter meter) {
            Fraction at = Fraction.ZERO;
            int n = 0;
            for (Beat beat = at(0); beat != null && at.isBefore(time); beat = at(++n)) {
                Fraction length = beat.apply(meter).length();
                at = length == null ? time : at.plus(length);
            }
            return n;
        }
    }

    /** A stroke whose length may hang on the meter. */
    interface Beat extends Function<Meter, Stroke> {}
}
