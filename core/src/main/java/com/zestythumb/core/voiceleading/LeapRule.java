package com.zestythumb.core.voiceleading;

import java.util.Map;

/** A shift of the whole hand that is too far, or too far for the time there is. */
final class LeapRule implements Rule.OfPassage {

    /** Half steps beyond which a shift is a leap in any time. */
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
    public void check(Passage passage, Map<String, Double> limits, Sink sink) {
        int low = passage.to().lowest().midi() - passage.from().lowest().midi();
        int high = passage.to().highest().midi() - passage.from().highest().midi();
        // The hand travels as far as the nearer of its two edges; the rest is opening and closing.
        int shift = Math.min(Math.abs(low), Math.abs(high));
        boolean haste = passage.seconds() < limits.get(HASTE);
        if (shift > limits.get(EVER) || haste && shift > limits.get(IN_HASTE)) {
            sink.found(new Fault("leap", Map.of("shift", shift, "seconds", passage.seconds())));
        }
    }
}
