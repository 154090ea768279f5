package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voicing.Tone;
import java.util.List;
import java.util.Map;

/**
 * In four parts a voice that goes beyond where its neighbour was: the ear takes it for that one (any textbook of harmony). Fewer
 * notes in one hand that go on together change their place, and are no parts.
 */
final class OverlapRule implements Rule.OfPassage {

    private static final int PARTS = 4;

    @Override
    public String id() {
        return "overlap";
    }

    @Override
    public void check(Passage passage, Map<String, Double> limits, Sink sink) {
        if (!passage.meetsAnother()) {
            return;
        }
        List<Tone> from = passage.before();
        List<Tone> to = passage.after();
        for (int i = 0; to.size() >= PARTS && from.size() == to.size() && i + 1 < to.size(); i++) {
            Pitch low = to.get(i).pitch();
            Pitch high = to.get(i + 1).pitch();
            boolean rises = low.midi() > from.get(i + 1).pitch().midi();
            if (rises || high.midi() < from.get(i).pitch().midi()) {
                sink.found(new Fault("overlap", Map.of("note", rises ? low : high)));
                return;
            }
        }
    }
}
