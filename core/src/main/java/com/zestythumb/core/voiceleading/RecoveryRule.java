package com.zestythumb.core.voiceleading;

import java.util.Map;

/**
 * A part that leaps a sixth or more turns back behind it; a bass may leap an octave (any textbook of harmony and of
 * counterpoint).
 */
final class RecoveryRule implements Rule.OfLine {

    private static final int SIXTH = 8;
    private static final int OCTAVE = 12;

    @Override
    public String id() {
        return "recovery";
    }

    @Override
    public void check(Line line, Map<String, Double> limits, Sink sink) {
        int leap = line.here().midi() - line.before().midi();
        int then = line.after().midi() - line.here().midi();
        boolean octave = line.bass() && Math.abs(leap) == OCTAVE;
        if (Math.abs(leap) >= SIXTH && !octave && leap * then > 0) {
            sink.found(new Fault("leap-unrecovered", Map.of("low", line.before(), "high", line.here())));
        }
    }
}
