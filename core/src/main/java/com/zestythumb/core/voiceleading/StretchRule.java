package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.Grip;
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
        for (Grip grip : voicing.bothHands()) {
            int beyond = hand.beyond(grip);
            if (beyond > 0) {
                // Where thumb and little finger reach it, two fingers between them do not.
                String code = grip.width() > hand.span() ? "stretch" : "stretch-within";
                sink.found(new Fault(code, Map.of("width", grip.width(), "span", hand.span(), "beyond", beyond)));
                return;
            }
        }
    }
}
