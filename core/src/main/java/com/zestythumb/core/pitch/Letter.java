package com.zestythumb.core.pitch;

/** The seven letter names, from C, with the semitones each natural lies above C. */
public enum Letter {
    C(0),
    D(2),
    E(4),
    F(5),
    G(7),
    A(9),
    B(11);

    private static final Letter[] ALL = values();

    private final int semitones;

    Letter(int semitones) {
        this.semitones = semitones;
    }

    /** Semitones above C, 0 to 11: {@code G.semitones() == 7}. */
    public int semitones() {
        return semitones;
    }

    /** The letter this many letter names higher, going round: {@code A.plus(2) == C}. */
    public Letter plus(int steps) {
        return ALL[Math.floorMod(ordinal() + steps, 7)];
    }

    static Letter of(char c) {
        for (Letter letter : ALL) {
            if (letter.name().charAt(0) == c) {
                return letter;
            }
        }
        throw new IllegalArgumentException("\"" + c + "\" is not a note name; use A to G");
    }
}
