package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voicing.Tone;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** A note and its chromatic alteration follow one another in two different voices (false relation; any textbook of harmony). */
final class FalseRelationRule implements Rule.OfPassage {

    @Override
    public String id() {
        return "false-relation";
    }

    @Override
    public void check(Passage passage, Map<String, Double> limits, Sink sink) {
        if (passage.before().size() != passage.after().size()) {
            return;
        }
        List<Tone> from = passage.before();
        List<Tone> to = passage.after();
        for (Tone before : from) {
            for (Tone after : to) {
                PitchClass one = before.pitch().pitchClass();
                PitchClass other = after.pitch().pitchClass();
                boolean altered = one.letter() == other.letter() && one.alteration() != other.alteration();
                if (altered && !isOneVoice(from, to, one, other)) {
                    sink.found(new Fault("false-relation", Map.of("low", before.pitch(), "high", after.pitch())));
                    return;
                }
            }
        }
    }

    private static boolean isOneVoice(List<Tone> from, List<Tone> to, PitchClass one, PitchClass other) {
        return IntStream.range(0, from.size())
                .anyMatch(i -> from.get(i).pitch().pitchClass().equals(one)
                        && to.get(i).pitch().pitchClass().equals(other));
    }
}
