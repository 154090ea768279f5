package com.zestythumb.core.voicing;

/** What a voicing is charged beside the semitones moved, each in the same unit: one semitone. */
public enum Penalty {
    /** Each semitone beyond the hand: so much that it is taken only where nothing else is left. */
    STRETCH(100),
    /** Each semitone a close interval lies below the place where it still sounds clear. */
    MUD(2),
    /** Each semitone the middle of the chord lies more than a fifth from the hand's home. */
    REGISTER(1),
    /** A chord left without its fifth. */
    MISSING_FIFTH(2),
    /** A first chord that is not in root position. */
    OPENING(4),
    /** A last chord that is not in root position, and so does not come to rest. */
    CLOSING(4);

    private final int each;

    Penalty(int each) {
        this.each = each;
    }

    /** The charge for one unit of the fault. */
    public int each() {
        return each;
    }
}
