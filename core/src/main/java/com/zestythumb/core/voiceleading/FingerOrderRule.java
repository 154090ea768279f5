package com.zestythumb.core.voiceleading;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * In a chord that is struck together the fingers lie in their order: in the left hand the little one lowest, in the right the
 * thumb (common practice).
 */
final class FingerOrderRule implements Rule.OfHold {

    @Override
    public String id() {
        return "finger-order";
    }

    @Override
    public void check(Hold hold, Map<String, Double> limits, Sink sink) {
        List<Integer> struck = IntStream.range(0, hold.fingers().size())
                .filter(i -> hold.struck().get(i) && hold.fingers().get(i) > 0)
                .boxed()
                .toList();
        for (int i = 1; i < struck.size(); i++) {
            int low = hold.fingers().get(struck.get(i - 1));
            int high = hold.fingers().get(struck.get(i));
            if (hold.right() ? high < low : high > low) {
                sink.found(new Fault(
                        "finger-order",
                        Map.of(
                                "finger",
                                high,
                                "other",
                                low,
                                "low",
                                hold.keys().tones().get(struck.get(i - 1)).pitch(),
                                "high",
                                hold.keys().tones().get(struck.get(i)).pitch())));
                return;
            }
        }
    }
}
