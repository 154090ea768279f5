package com.zestythumb.core.voiceleading;

import java.util.Map;

/** Both hands on one key, or the accompaniment above the tune (common practice). */
final class CollisionRule implements Rule.OfMeeting {

    @Override
    public String id() {
        return "collision";
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
