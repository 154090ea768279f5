package com.zestythumb.core.voicing;

/** Which inversions the hand may take. A slash bass in the symbol goes before all of these. */
public enum Way {
    /** Whichever inversion lies nearest. */
    NEAREST(-1),
    ROOT_POSITION(0),
    FIRST_INVERSION(1),
    SECOND_INVERSION(2);

    private final int member;

    Way(int member) {
        this.member = member;
    }

    /** Whether the chord member with this place (0 root, 1 third, 2 fifth) may lie lowest. */
    boolean allowsInBass(int place) {
        return member < 0 || member == place;
    }
}
