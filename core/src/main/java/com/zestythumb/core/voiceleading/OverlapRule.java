package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.Tone;
import java.util.List;
import java.util.Map;

/** A voice that goes beyond where its neighbour was: the ear takes it for that one (any textbook of harmony). */
final class OverlapRule implements Rule.OfPassage {

    @Override
    public String id() {
        return "overlap";
    }

    @Override
    public void check(Passage passage, Map<String, Double> limits, Sink sink) {
        if (passage.from() == null || passage.from().chord().equals(passage.to().chord())) {
            return;
        }
        List<Tone> from = passage.from().voices();
        List<Tone> to = passage.to().voices();
        for (int i = 0; from.size() == to.size() && i + 1 < to.size(); i++) {
            if (to.get(i).pitch().midi() > from.get(i + 1).pitch().midi()
                    || to.get(i + 1).pitch().midi() < from.get(i).pitch().midi()) {
                sink.found(new Fault(
                        "overlap",
                        Map.of("low", to.get(i).pitch(), "high", to.get(i + 1).pitch())));
                return;
            }
        }
    }
}
