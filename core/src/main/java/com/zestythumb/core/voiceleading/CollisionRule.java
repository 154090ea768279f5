package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.CostTerm;
import java.util.Map;

/** Both hands on one key, or the accompaniment above the tune (common practice). */
final class CollisionRule implements Rule.OfMeeting {

    @Override
    public String id() {
        return "collision";
    }

    /** How far the hand reaches up to the lowest note above it on the page, or beyond it. */
    @Override
    public CostTerm charge() {
        return new CostTerm(
                "collision",
                "the hands come to the same key or cross",
                "half steps",
                0,
                (voicing, place) -> place.around().reachedBy(voicing));
    }

    @Override
    public void check(Meeting meeting, Map<String, Double> limits, Sink sink) {
        if (meeting.apart() <= 0) {
            sink.found(new Fault(
                    meeting.apart() == 0 ? "collision" : "crossing",
                    Map.of("note", meeting.accompaniment(), "tune", meeting.tune())));
        }
    }
}
