package com.zestythumb.core.exercise;

import java.util.EnumSet;
import java.util.Set;

/** What counts for the marks of a chord; what does not is neither marked nor told. */
public enum Criterion {
    /** Whether it is the chord that is asked for, with its bass where that is asked: two points. */
    NOTES,
    /** Whether it lies within the hand, or within the ranges of four voices: one. */
    HAND,
    /** Whether the way to it keeps the rules of the school: one. */
    WAY,
    /** Whether the way to it is as smooth as another would be: the same one. */
    SMOOTH;

    /** Smoothness counts only where it is asked for. */
    public static final Set<Criterion> USUAL = Set.copyOf(EnumSet.of(NOTES, HAND, WAY));

    /** Where an exercise is about going from chord to chord without a jump. */
    public static final Set<Criterion> ALL = Set.copyOf(EnumSet.allOf(Criterion.class));
}
