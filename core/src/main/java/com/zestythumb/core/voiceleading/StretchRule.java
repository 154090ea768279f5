package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.CostTerm;
import java.util.Map;

/**
 * More than a hand holds at one time (common practice: never force a stretch): struck together; or a key that cannot be held
 * on under what is struck beside it, which the foot may hold; or more than the right hand has beside the tune.
 */
final class StretchRule implements Rule.OfHold {

    @Override
    public String id() {
        return "stretch";
    }

    @Override
    public CostTerm charge() {
        return new CostTerm(
                "stretch",
                "stretch beyond the hand",
                "half steps",
                0,
                (voicing, place) -> place.strokes().beyond(place.hand(), voicing));
    }

    @Override
    public void check(Hold hold, Map<String, Double> limits, Sink sink) {
        int beyond = hold.beyond();
        boolean wide = hold.keys().width() > hold.hand().span();
        if (beyond == 0 || hold.withTune() && !wide) {
            return;
        }
        // Where thumb and little finger reach it, two fingers between them do not.
        String code = wide ? "stretch" : "stretch-within";
        boolean together = hold.hand().beyond(hold.struckNow()) > 0;
        boolean low = !hold.struck().get(0);
        sink.found(new Fault(
                hold.withTune() ? "stretch-right" : together ? code : "held-too-far",
                Map.of(
                        "width",
                        hold.keys().width(),
                        "span",
                        hold.hand().span(),
                        "beyond",
                        beyond,
                        "note",
                        low ? hold.keys().lowest() : hold.keys().highest())));
    }
}
