package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voicing.Member;
import com.zestythumb.core.voicing.Tone;
import java.util.List;
import java.util.Map;

/**
 * Where V, or any chord with a minor seventh over a major third, falls a fifth, its third leads up by a half step. It may stay, and in an inner voice fall to
 * the fifth; two of them would have to rise in octaves (any textbook of harmony).
 */
final class LeadingRule implements Rule.OfPassage {

    private static final int FOURTH = 5;
    private static final int MAJOR_THIRD = 4;
    private static final int MINOR_SEVENTH = 10;

    @Override
    public String id() {
        return "leading";
    }

    @Override
    public void check(Passage passage, Map<String, Double> limits, Sink sink) {
        List<Tone> from = passage.before();
        List<Tone> thirds = from.stream().filter(tone -> leadsOn(passage, tone)).toList();
        if (thirds.size() > 1) {
            sink.found(new Fault("leading-doubled", Map.of("note", thirds.get(0).pitch())));
        }
        for (Tone third : thirds) {
            boolean inner = from.get(0) != third && (from.get(from.size() - 1) != third || passage.tune() != null);
            int at = third.pitch().midi();
            boolean falls = inner && (has(passage, at - MAJOR_THIRD) || has(passage, at - MAJOR_THIRD + 1));
            if (!has(passage, at + 1) && !has(passage, at) && !falls) {
                sink.found(new Fault("leading-unresolved", Map.of("note", third.pitch())));
            }
        }
    }

    /** Whether the root goes a fifth down, or a fourth up. */
    private static boolean falls(Passage passage) {
        return above(passage, passage.to().chord().root().semitone()) == FOURTH;
    }

    /** Whether this rule has the tone in view. */
    static boolean leadsOn(Passage passage, Tone tone) {
        return tone.member() == Member.THIRD && falls(passage) && isLeading(passage, tone);
    }

    private static boolean isLeading(Passage passage, Tone tone) {
        boolean dominant = passage.from().chord().quality().numbered(7) != null
                && passage.from().chord().quality().numbered(7).semitones() == MINOR_SEVENTH;
        return above(passage, tone.pitch().pitchClass().semitone()) == MAJOR_THIRD
                && (dominant || isOfTheKey(passage, tone));
    }

    private static boolean isOfTheKey(Passage passage, Tone tone) {
        PitchClass leading = passage.leading();
        return leading != null && tone.pitch().pitchClass().soundsLike(leading);
    }

    private static int above(Passage passage, int semitone) {
        return Math.floorMod(semitone - passage.from().chord().root().semitone(), 12);
    }

    private static boolean has(Passage passage, int midi) {
        Pitch tune = passage.tuneThen();
        return tune != null && tune.midi() == midi
                || passage.after().stream().anyMatch(tone -> tone.pitch().midi() == midi);
    }
}
