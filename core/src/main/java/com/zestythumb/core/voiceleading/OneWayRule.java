package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.Tone;
import java.util.List;
import java.util.Map;

/**
 * Three voices or more all go the same way, none of them by a mere step, though the two chords have a note in common that one
 * of them could keep: it sounds as if the hand jumped (any textbook of harmony: keep the common tone, or go against the bass).
 */
final class OneWayRule implements Rule.OfPassage {

    private static final int VOICES = 3;
    private static final int STEP = 2;

    @Override
    public String id() {
        return "one-way";
    }

    @Override
    public void check(Passage passage, Map<String, Double> limits, Sink sink) {
        List<Tone> from = passage.before();
        List<Tone> to = passage.after();
        if (from.size() < VOICES || from.size() != to.size() || !passage.meetsAnother()) {
            return;
        }
        int way = Integer.signum(to.get(0).pitch().midi() - from.get(0).pitch().midi());
        for (int i = 0; i < from.size(); i++) {
            int moved = way * (to.get(i).pitch().midi() - from.get(i).pitch().midi());
            if (moved <= STEP) {
                return;
            }
        }
        Tone kept = from.stream()
                .filter(tone -> passage.to().chord().tones().stream()
                        .anyMatch(tone.pitch().pitchClass()::soundsLike))
                .findFirst()
                .orElse(null);
        if (kept != null) {
            sink.found(new Fault("all-one-way", Map.of("note", kept.pitch())));
        }
    }
}
