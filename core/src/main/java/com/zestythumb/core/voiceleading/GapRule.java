package com.zestythumb.core.voiceleading;

import java.util.Map;

/** The bass stops before its chord ends, in a tune in which it sounds through (common practice: the floor falls away). */
final class GapRule implements Rule.OfRhythm {

    @Override
    public String id() {
        return "gap";
    }

    @Override
    public void check(Rhythm rhythm, Map<String, Double> limits, Sink sink) {
        if (rhythm.silent() > 0) {
            sink.found(new Fault("bass-gap", Map.of("beats", Math.round(rhythm.silent()))));
        }
    }
}
