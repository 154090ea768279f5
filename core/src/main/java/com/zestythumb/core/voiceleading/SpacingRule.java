package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.Tone;
import java.util.List;
import java.util.Map;

/** More than an octave between neighbouring upper voices of a chord in four parts: a gap in the middle (any textbook of harmony). */
final class SpacingRule implements Rule.OfPassage {

    private static final int PARTS = 4;
    private static final int OCTAVE = 12;

    @Override
    public String id() {
        return "spacing";
    }

    @Override
    public void check(Passage passage, Map<String, Double> limits, Sink sink) {
        List<Tone> voices = passage.after();
        for (int i = 1; voices.size() >= PARTS && i + 1 < voices.size(); i++) {
            if (voices.get(i + 1).pitch().midi() - voices.get(i).pitch().midi() > OCTAVE) {
                sink.found(new Fault(
                        "spacing",
                        Map.of(
                                "low",
                                voices.get(i).pitch(),
                                "high",
                                voices.get(i + 1).pitch())));
                return;
            }
        }
    }
}
