package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voicing.CostTerm;
import java.util.Map;

/**
 * The leading tone in both hands at once: it would have to rise in both, in octaves. And the third of a major chord where
 * the tune has it already: it stands out enough once (any textbook of harmony).
 */
final class DoublingRule implements Rule.OfMeeting {

    @Override
    public String id() {
        return "doubling";
    }

    @Override
    public CostTerm charge() {
        return new CostTerm(
                "leading-tone", "a leading tone that the tune has already", "notes", 0, (voicing, place) -> {
                    PitchClass leading = place.around().leadingTone();
                    return leading == null
                            ? 0
                            : voicing.count(tone -> tone.pitch().pitchClass().soundsLike(leading)
                                    && place.around().has(tone));
                });
    }

    @Override
    public void check(Meeting meeting, Map<String, Double> limits, Sink sink) {
        if (meeting.strong() && meeting.leadingTone() && meeting.apart() > 0) {
            sink.found(new Fault("doubled-leading-tone", Map.of("note", meeting.accompaniment())));
        } else if (meeting.strong() && meeting.spareThird() && meeting.apart() > 0) {
            sink.found(new Fault("doubled-third", Map.of("note", meeting.accompaniment())));
        }
    }
}
