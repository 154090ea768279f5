package com.zestythumb.core.voiceleading;

import java.util.Map;

/**
 * Bass and highest voice go the same way into a perfect fifth or octave, the upper by more than a step: the interval is heard
 * by itself (hidden fifths and octaves; any textbook of harmony).
 */
final class DirectRule implements Rule.OfPassage {

    private static final int STEP = 2;

    @Override
    public String id() {
        return "direct";
    }

    @Override
    public void check(Passage passage, Map<String, Double> limits, Sink sink) {
        OuterVoices outer = OuterVoices.of(passage);
        if (outer == null || !outer.moves() || !outer.areSimilar() || Math.abs(outer.topMoves()) <= STEP) {
            return;
        }
        int now = ParallelRule.perfect(outer.bassThen(), outer.topThen());
        if (now != 0 && now != ParallelRule.perfect(outer.bass(), outer.top())) {
            sink.found(new Fault(
                    now == 5 ? "direct-fifths" : "direct-octaves",
                    Map.of("low", outer.bassThen(), "high", outer.topThen())));
        }
    }
}
