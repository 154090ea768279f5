package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.CostTerm;
import com.zestythumb.core.voicing.LowIntervalLimits;
import java.util.Map;

/** Close intervals so low that they blur: {@link LowIntervalLimits} with some grace. */
final class MudRule implements Rule.OfHold {

    /** Half steps under the limit that are still let pass. */
    static final String GRACE = "grace";

    @Override
    public String id() {
        return "mud";
    }

    @Override
    public CostTerm charge() {
        return new CostTerm(
                "mud",
                "close notes that lie too low to sound clear",
                "half steps",
                0,
                (voicing, place) ->
                        Math.max(place.strokes().mud(voicing), place.strokes().low(voicing)));
    }

    @Override
    public void check(Hold hold, Map<String, Double> limits, Sink sink) {
        int depth = LowIntervalLimits.depth(hold.keys().midiKeys());
        if (depth > limits.get(GRACE)) {
            sink.found(new Fault(
                    "mud", Map.of("depth", depth, "lowest", hold.keys().lowest())));
        }
    }
}
