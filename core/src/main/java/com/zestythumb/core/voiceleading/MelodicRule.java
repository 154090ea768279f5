package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Pitch;
import java.util.Map;

/**
 * An augmented second or fourth, or a seventh, in the bass or in the highest voice that the hands have: hard to hear and to sing
 * (any textbook of harmony). What a tune does is its own.
 */
final class MelodicRule implements Rule.OfPassage {

    private static final int SECOND = 1;
    private static final int FOURTH = 3;
    private static final int SEVENTH = 6;

    @Override
    public String id() {
        return "melodic";
    }

    @Override
    public void check(Passage passage, Map<String, Double> limits, Sink sink) {
        OuterVoices outer = OuterVoices.of(passage);
        if (outer == null || !outer.moves()) {
            return;
        }
        look(outer.bass(), outer.bassThen(), sink);
        if (passage.tune() == null) {
            look(outer.top(), outer.topThen(), sink);
        }
    }

    private static void look(Pitch from, Pitch to, Sink sink) {
        int steps = Math.abs(to.staffStep() - from.staffStep());
        int keys = Math.abs(to.midi() - from.midi());
        String code = steps == SECOND && keys == 3
                ? "augmented-step"
                : steps == FOURTH && keys == 6 ? "tritone-leap" : steps == SEVENTH ? "seventh-leap" : null;
        if (code != null) {
            sink.found(new Fault(code, Map.of("low", from, "high", to)));
        }
    }
}
