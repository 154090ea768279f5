package com.zestythumb.core.voiceleading;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voicing.Member;
import com.zestythumb.core.voicing.Voicing;
import java.util.Map;

/**
 * A triad over its fifth has its place before a close, between two steps of the bass, over a bass that stays, or where a chord
 * is broken up; elsewhere it hangs in the air (the cadential, passing, pedal and arpeggiated six-four of any textbook of
 * harmony).
 */
final class SixFourRule implements Rule.OfTurn {

    private static final int KEYS = 12;
    private static final int STEP = 2;

    @Override
    public String id() {
        return "six-four";
    }

    @Override
    public void check(Turn turn, Map<String, Double> limits, Sink sink) {
        Chord chord = turn.here().chord();
        PitchClass bass = turn.here().soundingBass();
        boolean triad = chord.tones().size() == 3 && Member.of(chord, bass) == Member.FIFTH;
        if (triad && !isAtHome(turn, bass)) {
            sink.found(new Fault("six-four", Map.of("note", turn.here().first().lowest())));
        }
    }

    private static boolean isAtHome(Turn turn, PitchClass bass) {
        boolean broken = isSameRoot(turn.before(), turn.here()) || isSameRoot(turn.after(), turn.here());
        boolean cadential = turn.after() != null
                && bass.soundsLike(turn.after().soundingBass())
                && bass.soundsLike(turn.after().chord().root());
        int in = turn.before() == null ? 0 : apart(turn.before().soundingBass(), bass);
        int out = turn.after() == null ? 0 : apart(bass, turn.after().soundingBass());
        boolean stays = in == 0 && out == 0;
        boolean passes = in > 0 && in <= STEP && out > 0 && out <= STEP;
        return broken || cadential || stays || passes;
    }

    private static boolean isSameRoot(Voicing one, Voicing other) {
        return one != null && one.chord().root().soundsLike(other.chord().root());
    }

    /** Half steps either way. */
    private static int apart(PitchClass one, PitchClass other) {
        int up = Math.floorMod(other.semitone() - one.semitone(), KEYS);
        return Math.min(up, KEYS - up);
    }
}
