package com.zestythumb.core.checking;

/**
 * Something that a rule looks at, where it is.
 *
 * @param chord index of the chord where it is met
 * @param before index of the chord from which the hand or the voice comes; −1 where that does not matter
 */
record Placed<S>(S subject, int chord, int before) {

    static <S> Placed<S> at(int chord, S subject) {
        return new Placed<>(subject, chord, -1);
    }
}
