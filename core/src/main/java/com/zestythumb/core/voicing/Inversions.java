package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.PitchClass;

/** Which inversions close chords may take. A slash bass in the symbol goes before all of these. */
public enum Inversions {
    /** Whichever lies nearest. */
    NEAREST("Nearest", 0),
    ROOT_POSITION("Root position", 1),
    FIRST_INVERSION("First", 3),
    SECOND_INVERSION("Second", 5);

    private final String label;
    private final int member;

    Inversions(String label, int member) {
        this.label = label;
        this.member = member;
    }

    /** As it is offered to the teacher. */
    public String label() {
        return label;
    }

    /**
     * Whether a tone of a chord may lie lowest. Only a third makes a first inversion and only a fifth a second; a chord
     * without them keeps its root there. So does a sixth chord that is free to choose, since turned over it is the
     * seventh chord on its sixth; and an open fifth, for turned over it is a fourth; and a colour
     * never lies lowest (common practice).
     */
    boolean allowsInBass(PitchClass tone, Chord chord) {
        boolean root = tone.soundsLike(chord.root());
        boolean open = chord.quality().intervals().size() < 3;
        if (this == NEAREST) {
            boolean colour = ChordTone.of(chord, tone).isColour();
            return root || !open && !colour && chord.quality().numbered(6) == null;
        }
        Interval wanted = chord.quality().numbered(member);
        return wanted == null || open ? root : tone.soundsLike(chord.root().plus(wanted));
    }
}
