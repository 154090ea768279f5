package com.zestythumb.core.voiceleading;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voicing.Tone;
import java.util.List;

/**
 * Bass and highest voice on the way from one chord to another; the highest is the tune where it sings over both.
 *
 * @param moves whether another chord is met; one that only changes its place breaks no rule of motion
 */
record OuterVoices(Pitch bass, Pitch top, Pitch bassThen, Pitch topThen, boolean moves) {

    /** Those of a passage; null where there is but one voice. */
    static OuterVoices of(Passage passage) {
        List<Tone> from = passage.before();
        List<Tone> to = passage.after();
        boolean sings = passage.tune() != null && passage.tuneThen() != null;
        if (!sings && (from.size() < 2 || to.size() < 2)) {
            return null;
        }
        return new OuterVoices(
                from.get(0).pitch(),
                sings ? passage.tune() : from.get(from.size() - 1).pitch(),
                to.get(0).pitch(),
                sings ? passage.tuneThen() : to.get(to.size() - 1).pitch(),
                passage.meetsAnother());
    }

    int bassMoves() {
        return bassThen.midi() - bass.midi();
    }

    int topMoves() {
        return topThen.midi() - top.midi();
    }

    boolean areSimilar() {
        return bassMoves() != 0 && Integer.signum(bassMoves()) == Integer.signum(topMoves());
    }

    boolean areContrary() {
        return bassMoves() * topMoves() < 0;
    }
}
