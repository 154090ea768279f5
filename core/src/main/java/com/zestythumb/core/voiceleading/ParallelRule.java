package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voicing.Member;
import com.zestythumb.core.voicing.Tone;
import java.util.List;
import java.util.Map;

/**
 * Voices moving in parallel perfect fifths or octaves from chord to chord: bass and top of what the hands play, and where a
 * chord has as many voices as the one before any two of them; bass and tune (any textbook of harmony; a fault in the strict
 * and keyboard schools, a sound in popular music). Of the hands one pair is named, bass and top before all others.
 */
final class ParallelRule implements Rule.OfPassage {

    /** 1 where bare fifths are two voices; 0 where they are one sound that is slid along. */
    static final String BARE_FIFTHS = "bare-fifths";

    @Override
    public String id() {
        return "parallels";
    }

    @Override
    public void check(Passage passage, Map<String, Double> limits, Sink sink) {
        List<Tone> from = passage.before();
        List<Tone> to = passage.after();
        checkHands(from, to, limits.get(BARE_FIFTHS) == 0, passage.isInParts() ? "-tune" : "", sink);
        Pitch tune = passage.tuneThen();
        boolean sings = passage.tune() != null && tune != null;
        if (sings && areParallel(from.get(0).pitch(), passage.tune(), to.get(0).pitch(), tune)) {
            sink.found(fault(to.get(0).pitch(), tune, "-tune"));
        }
    }

    private static void checkHands(List<Tone> from, List<Tone> to, boolean bareIsOne, String outer, Sink sink) {
        if (isOneVoice(from) && isOneVoice(to) || bareIsOne && isBare(from) && isBare(to)) {
            return;
        }
        int top = to.size() - 1;
        if (areParallel(from.get(0), from.get(from.size() - 1), to.get(0), to.get(top))) {
            sink.found(fault(to.get(0).pitch(), to.get(top).pitch(), outer));
            return;
        }
        for (int low = 0; from.size() == to.size() && low <= top; low++) {
            for (int high = low + 1; high <= top; high++) {
                if (areParallel(from.get(low), from.get(high), to.get(low), to.get(high))) {
                    sink.found(fault(to.get(low).pitch(), to.get(high).pitch(), "-inside"));
                    return;
                }
            }
        }
    }

    /** A line that is doubled in octaves. */
    private static boolean isOneVoice(List<Tone> tones) {
        return tones.stream().map(tone -> tone.pitch().pitchClass()).distinct().count() == 1;
    }

    private static boolean isBare(List<Tone> tones) {
        return tones.stream().allMatch(tone -> tone.member() == Member.ROOT || tone.member() == Member.FIFTH);
    }

    private static Fault fault(Pitch low, Pitch high, String voices) {
        if (low.equals(high)) {
            return new Fault("parallel-unisons", Map.of("note", low));
        }
        String code = perfect(low, high) == 5 ? "parallel-fifths" : "parallel-octaves";
        return new Fault(code + voices, Map.of("low", low, "high", high));
    }

    private static boolean areParallel(Tone lowThen, Tone highThen, Tone low, Tone high) {
        return areParallel(lowThen.pitch(), highThen.pitch(), low.pitch(), high.pitch());
    }

    private static boolean areParallel(Pitch lowThen, Pitch highThen, Pitch low, Pitch high) {
        int below = Integer.signum(low.midi() - lowThen.midi());
        int above = Integer.signum(high.midi() - highThen.midi());
        if (below == 0 || below != above) {
            return false;
        }
        int now = perfect(low, high);
        return now != 0 && now == perfect(lowThen, highThen) || low.equals(high) && lowThen.equals(highThen);
    }

    /** 5 for a perfect fifth, 8 for an octave, either with octaves between; 0 for all else. */
    static int perfect(Pitch low, Pitch high) {
        int within = (high.midi() - low.midi()) % 12;
        if (within != 0 && within != 7) {
            return 0;
        }
        int steps = high.staffStep() - low.staffStep();
        if (within == 7) {
            return steps % 7 == 4 ? 5 : 0;
        }
        return steps % 7 == 0 && steps > 0 ? 8 : 0;
    }
}
