package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voicing.Tone;
import java.util.List;
import java.util.Map;

/**
 * An augmented second or fourth, or a seventh, in the bass or in the highest voice that the hands have, in parts in any but the tune: hard to hear and to sing
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
        List<Tone> from = passage.before();
        List<Tone> to = passage.after();
        if (!passage.meetsAnother()) {
            return;
        }
        if (passage.isInParts() && from.size() == to.size()) {
            for (int i = 0; i + 1 < from.size(); i++) {
                look(from.get(i).pitch(), to.get(i).pitch(), sink);
            }
            return;
        }
        look(from.get(0).pitch(), to.get(0).pitch(), sink);
        if (passage.tune() == null && from.size() > 1 && to.size() > 1 && !passage.isInParts()) {
            look(from.get(from.size() - 1).pitch(), to.get(to.size() - 1).pitch(), sink);
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
