package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.Grip;
import java.util.Map;

/**
 * The whole hand goes more than a fifth although another inversion of the same chord lies within a third (common practice:
 * the nearest inversion first).
 */
final class NeedlessJumpRule implements Rule.OfShift {

    private static final int KEYS = 3;
    private static final int OCTAVE = 12;
    private static final int FIFTH = 7;
    private static final int THIRD = 4;

    @Override
    public String id() {
        return "needless-jump";
    }

    @Override
    public void check(Shift shift, Map<String, Double> limits, Sink sink) {
        Grip left = shift.left();
        Grip met = shift.met();
        int low = met.lowest().midi() - left.lowest().midi();
        int high = met.highest().midi() - left.highest().midi();
        boolean jumps = low * high > 0 && Math.min(Math.abs(low), Math.abs(high)) > FIFTH;
        if (jumps && shift.written() && !shift.journey() && isClose(left) && isClose(met) && liesNearer(left, met)) {
            sink.found(new Fault("needless-jump", Map.of("shift", Math.min(Math.abs(low), Math.abs(high)))));
        }
    }

    private static boolean isClose(Grip grip) {
        return grip.tones().size() >= KEYS && grip.width() < OCTAVE;
    }

    /** Whether the same notes, each in the octave in which it is met first from some key on, begin and end within a third. */
    private static boolean liesNearer(Grip left, Grip met) {
        for (int from = left.lowest().midi() - THIRD; from <= left.lowest().midi() + THIRD; from++) {
            int start = from;
            int lowest = met.tones().stream()
                    .mapToInt(tone -> start + Math.floorMod(tone.pitch().midi() - start, OCTAVE))
                    .min()
                    .orElseThrow();
            int highest = met.tones().stream()
                    .mapToInt(tone -> start + Math.floorMod(tone.pitch().midi() - start, OCTAVE))
                    .max()
                    .orElseThrow();
            if (lowest == from && Math.abs(highest - left.highest().midi()) <= THIRD) {
                return true;
            }
        }
        return false;
    }
}
