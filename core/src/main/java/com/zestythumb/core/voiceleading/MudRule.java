package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.LowIntervalLimits;
import com.zestythumb.core.voicing.Voicing;
import java.util.Map;

/** Close intervals so low that they blur: {@link LowIntervalLimits} with some grace. */
final class MudRule implements Rule.OfGrip {

    /** Half steps under the limit that are still let pass. */
    static final String GRACE = "grace";

    @Override
    public String id() {
        return "mud";
    }

    @Override
    public void check(Voicing voicing, Hand hand, Map<String, Double> limits, Sink sink) {
        for (Grip grip : voicing.grips()) {
            int depth = LowIntervalLimits.depth(grip.midiKeys());
            if (depth > limits.get(GRACE)) {
                sink.found(new Fault("mud", Map.of("depth", depth, "lowest", grip.lowest())));
                return;
            }
        }
    }
}
