package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Voicing;
import java.util.Map;

/** A grip wider than the student's hand (common practice: never force a stretch). */
final class StretchRule implements Rule.OfGrip {

    @Override
    public String id() {
        return "stretch";
    }

    @Override
    public void check(Voicing voicing, Hand hand, Map<String, Double> limits, Sink sink) {
        int width = voicing.width();
        if (width > hand.span()) {
            sink.found(new Fault("stretch", Map.of("width", width, "span", hand.span())));
        }
    }
}
