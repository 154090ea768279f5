package com.zestythumb.core.voiceleading;

import java.util.Map;

/** One rhythm through sixteen bars and more: the ends of phrases ask for something else (common practice; the number a rule of thumb). */
final class RhythmRule implements Rule.OfRhythm {

    private static final int MANY = 16;

    @Override
    public String id() {
        return "rhythm";
    }

    @Override
    public void check(Rhythm rhythm, Map<String, Double> limits, Sink sink) {
        if (rhythm.bars() >= MANY) {
            sink.found(new Fault("one-rhythm", Map.of("bars", rhythm.bars())));
        }
    }
}
