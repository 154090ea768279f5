package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.TuneTerms;
import java.util.Map;

/**
 * A half step or a minor ninth between the hands on a strong beat; one note played softly mends it (common practice).
 */
final class ClashRule implements Rule.OfMeeting {

    @Override
    public String id() {
        return "clash";
    }

    @Override
    public void check(Meeting meeting, Map<String, Double> limits, Sink sink) {
        int apart = meeting.apart();
        if (meeting.strong() && !meeting.soft() && TuneTerms.isClash(apart)) {
            sink.found(new Fault(
                    apart == 1 || apart == -1 ? "clash" : "clash-ninth",
                    Map.of("note", meeting.accompaniment(), "tune", meeting.tune())));
        }
    }
}
