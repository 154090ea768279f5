package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.Member;
import com.zestythumb.core.voicing.Tone;
import java.util.Map;

/**
 * A key is still down while the next chord is struck, and is no note of it: the chords run into one another (common practice;
 * in parts it is a suspension, and told by what becomes of it).
 */
final class HeldIntoRule implements Rule.OfHold {

    @Override
    public String id() {
        return "held-into";
    }

    @Override
    public void check(Hold hold, Map<String, Double> limits, Sink sink) {
        for (int i = 0; i < hold.struck().size(); i++) {
            Tone tone = hold.keys().tones().get(i);
            if (!hold.struck().get(i) && hold.intoAnother() && tone.member() == Member.FOREIGN) {
                sink.found(new Fault("held-into", Map.of("note", tone.pitch())));
            }
        }
    }
}
