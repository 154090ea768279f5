package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.Member;
import com.zestythumb.core.voicing.Tone;
import java.util.List;
import java.util.Map;

/**
 * The seventh of a chord falls a step where the next chord has that note; it may stay, or go on in another voice (any textbook
 * of harmony).
 */
final class SeventhRule implements Rule.OfPassage {

    private static final int PARTS = 4;

    @Override
    public String id() {
        return "seventh";
    }

    @Override
    public void check(Passage passage, Map<String, Double> limits, Sink sink) {
        if (!passage.meetsAnother()) {
            return;
        }
        List<Tone> from = passage.before();
        List<Tone> to = passage.after();
        for (int i = 0; i < from.size(); i++) {
            Tone seventh = from.get(i);
            if (seventh.member() != Member.SEVENTH) {
                continue;
            }
            int at = seventh.pitch().midi();
            // In four parts it is told which voice is its own; in a chord of fewer the note is heard where it lies.
            List<Tone> own = to.size() >= PARTS && from.size() == to.size() ? List.of(to.get(i)) : to;
            boolean steps = own.stream()
                    .anyMatch(tone ->
                            at - tone.pitch().midi() == 1 || at - tone.pitch().midi() == 2);
            boolean stays = to.stream()
                    .anyMatch(tone ->
                            tone.pitch().pitchClass().soundsLike(seventh.pitch().pitchClass()));
            boolean could = passage.to().chord().tones().stream().anyMatch(tone -> {
                int below = Math.floorMod(seventh.pitch().pitchClass().semitone() - tone.semitone(), 12);
                return below == 1 || below == 2;
            });
            if (could && !steps && !stays) {
                sink.found(new Fault("seventh-unresolved", Map.of("note", seventh.pitch())));
            }
        }
    }
}
