package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Pitch;
import java.util.Map;

/**
 * One finger on two keys at once, within what the hand reaches; a thumb alone takes two that lie side by side (common
 * practice).
 */
final class FingerTwiceRule implements Rule.OfHold {

    private static final int SIDE_BY_SIDE = 2;

    @Override
    public String id() {
        return "finger-twice";
    }

    @Override
    public void check(Hold hold, Map<String, Double> limits, Sink sink) {
        for (int i = 0; hold.beyond() == 0 && i < hold.fingers().size(); i++) {
            int other = hold.fingers().subList(0, i).lastIndexOf(hold.fingers().get(i));
            if (hold.fingers().get(i) == 0 || other < 0) {
                continue;
            }
            Pitch low = hold.keys().tones().get(other).pitch();
            Pitch high = hold.keys().tones().get(i).pitch();
            if (hold.fingers().get(i) != 1 || high.midi() - low.midi() > SIDE_BY_SIDE) {
                sink.found(new Fault(
                        "finger-twice", Map.of("finger", hold.fingers().get(i), "low", low, "high", high)));
                return;
            }
        }
    }
}
