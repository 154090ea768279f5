package com.zestythumb.core.voiceleading;

import java.util.Map;

/**
 * Chords struck again and again, where speed, stretch and repetition add up (common caution: small doses, and a wrist that
 * is let go). Each alone may be easy.
 */
final class StrainRule implements Rule.OfRun {

    /** Strokes that are many where each is near the hand's span; of narrower chords twice as many. */
    static final String STROKES = "strokes";

    /** Strokes in a second that are quick. */
    static final String SPEED = "speed";

    /** From this share of the span on a chord is wide. */
    static final String WIDE = "wide";

    @Override
    public String id() {
        return "strain";
    }

    @Override
    public void check(Run run, Map<String, Double> limits, Sink sink) {
        boolean wide = run.widest() >= limits.get(WIDE) * run.span();
        double many = limits.get(STROKES) * (wide ? 1 : 2);
        if (run.strokes() >= many && run.speed() >= limits.get(SPEED)) {
            sink.found(new Fault(
                    wide ? "strain-wide" : "strain",
                    Map.of("strokes", run.strokes(), "seconds", run.seconds(), "widest", run.widest())));
        }
    }
}
