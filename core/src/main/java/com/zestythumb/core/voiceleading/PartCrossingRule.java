package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.Tone;
import java.util.List;
import java.util.Map;

/** A part goes below the one beneath it: the ear no longer knows which is which (any textbook of harmony). */
final class PartCrossingRule implements Rule.OfPassage {

    @Override
    public String id() {
        return "part-crossing";
    }

    @Override
    public void check(Passage passage, Map<String, Double> limits, Sink sink) {
        List<Tone> to = passage.after();
        for (int i = 0; passage.isInParts() && i + 1 < to.size(); i++) {
            if (to.get(i).pitch().midi() > to.get(i + 1).pitch().midi()) {
                sink.found(new Fault(
                        "part-crossing",
                        Map.of("low", to.get(i).pitch(), "high", to.get(i + 1).pitch())));
                return;
            }
        }
    }
}
