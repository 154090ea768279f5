package com.zestythumb.core.fingering;

/** Which hand: the little finger of the left lies lowest, that of the right highest. */
public enum Side {
    LEFT(-1),
    RIGHT(1);

    private final int outward;

    Side(int outward) {
        this.outward = outward;
    }

    /** Semitones from one key to another, counted positive towards the hand's little finger. */
    int outward(int fromMidi, int toMidi) {
        return outward * (toMidi - fromMidi);
    }
}
