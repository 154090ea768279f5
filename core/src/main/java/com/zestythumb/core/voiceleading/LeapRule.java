package com.zestythumb.core.voiceleading;

import java.util.Map;

/** A shift of the whole hand that is too far, or too far for the time there is. */
final class LeapRule implements Rule.OfShift {

    /** Half steps beyond which a shift is a leap where the hand has more than twice the time of haste. */
    static final String AT_LEISURE = "at-leisure";
    /** Half steps beyond which a style that goes to and fro leaps too far. */
    static final String JOURNEY = "journey";
    /** Seconds below which even such a style is rushed. */
    static final String RUSH = "rush";
    /** Half steps beyond which a shift is a leap. */
    static final String EVER = "ever";
    /** Half steps beyond which it is one in haste. */
    static final String IN_HASTE = "in-haste";
    /** Seconds below which the hand is in haste. */
    static final String HASTE = "haste";

    @Override
    public String id() {
        return "leap";
    }

    @Override
    public void check(Shift shift, Map<String, Double> limits, Sink sink) {
        int low = shift.met().lowest().midi() - shift.left().lowest().midi();
        int high = shift.met().highest().midi() - shift.left().highest().midi();
        // The hand travels as far as the nearer of its two edges; the rest is opening and closing.
        int far = Math.min(Math.abs(low), Math.abs(high));
        if (far > most(shift, limits)) {
            sink.found(new Fault("leap", Map.of("shift", far, "seconds", shift.seconds())));
        }
    }

    /** By the time there is and by the style: a waltz is made of leaps, and nobody calls them a fault (common practice). */
    private static double most(Shift shift, Map<String, Double> limits) {
        double seconds = shift.seconds();
        if (shift.journey()) {
            return limits.get(seconds < limits.get(RUSH) ? EVER : JOURNEY);
        }
        double leisure = 2 * limits.get(HASTE);
        return limits.get(seconds < limits.get(HASTE) ? IN_HASTE : seconds < leisure ? EVER : AT_LEISURE);
    }
}
