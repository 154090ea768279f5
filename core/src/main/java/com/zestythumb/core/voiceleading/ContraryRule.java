package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Pitch;
import java.util.Map;

/**
 * Fifth to fifth or octave to octave between bass and highest voice that go against each other, which is the same to the ear as
 * going along; and a diminished fifth that rises into a perfect one (any textbook of harmony).
 */
final class ContraryRule implements Rule.OfPassage {

    private static final int TRITONE = 6;

    @Override
    public String id() {
        return "contrary";
    }

    @Override
    public void check(Passage passage, Map<String, Double> limits, Sink sink) {
        OuterVoices outer = OuterVoices.of(passage);
        if (outer == null || !outer.moves()) {
            return;
        }
        int now = ParallelRule.perfect(outer.bassThen(), outer.topThen());
        Map<String, Object> measures = Map.of("low", outer.bassThen(), "high", outer.topThen());
        if (outer.areContrary() && now != 0 && now == ParallelRule.perfect(outer.bass(), outer.top())) {
            sink.found(new Fault(now == 5 ? "contrary-fifths" : "contrary-octaves", measures));
        } else if (outer.areSimilar() && now == 5 && isDiminished(outer.bass(), outer.top())) {
            sink.found(new Fault("unequal-fifths", measures));
        }
    }

    private static boolean isDiminished(Pitch low, Pitch high) {
        return (high.midi() - low.midi()) % 12 == TRITONE && (high.staffStep() - low.staffStep()) % 7 == 4;
    }
}
