package com.zestythumb.core.voiceleading;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.voicing.Voicing;
import java.util.Map;

/**
 * V goes to IV, both in root position: the tension that V has built up goes back where it came from (any textbook of harmony; in
 * blues and popular music it is at home).
 */
final class FiveFourRule implements Rule.OfPassage {

    private static final int KEYS = 12;
    private static final int ABOVE_LEADING = 8;
    private static final int WHOLE_STEP = 2;

    @Override
    public String id() {
        return "five-four";
    }

    @Override
    public void check(Passage passage, Map<String, Double> limits, Sink sink) {
        if (passage.leading() == null || !isRootPosition(passage.from()) || !isRootPosition(passage.to())) {
            return;
        }
        Chord five = passage.from().chord();
        Chord four = passage.to().chord();
        int above = Math.floorMod(five.root().semitone() - passage.leading().semitone(), KEYS);
        int down = Math.floorMod(five.root().semitone() - four.root().semitone(), KEYS);
        boolean leads = five.tones().stream().anyMatch(passage.leading()::soundsLike);
        if (above == ABOVE_LEADING && down == WHOLE_STEP && leads) {
            sink.found(new Fault("five-four", Map.of()));
        }
    }

    private static boolean isRootPosition(Voicing voicing) {
        return voicing.soundingBass().soundsLike(voicing.chord().root());
    }
}
