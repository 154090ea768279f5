package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.PitchClass;

/** Which inversions the hand may take. A slash bass in the symbol goes before all of these. */
public enum Way {
    /** Whichever inversion lies nearest. */
    NEAREST(0),
    ROOT_POSITION(1),
    FIRST_INVERSION(3),
    SECOND_INVERSION(5);

    private final int member;

    Way(int member) {
        this.member = member;
    }

    /**
     * Whether a tone of a chord may lie lowest. Only a third makes a first inversion and only a fifth a second; a chord
     * without them keeps its root there. So does a sixth chord that is free to choose, since turned over it is the
     * seventh chord on its sixth; and an open fifth, for turned over it is a fourth (common practice).
     */
    boolean allowsInBass(PitchClass tone, Chord chord) {
        boolean root = tone.soundsLike(chord.root());
        boolean open = chord.quality().intervals().size() < 3;
        if (this == NEAREST) {
            return root || !open && chord.quality().numbered(6) == null;
        }
        Interval wanted = chord.quality().numbered(member);
        return wanted == null || open ? root : tone.soundsLike(chord.root().plus(wanted));
    }
}
