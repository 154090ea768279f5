package com.zestythumb.core.exercise;

/** What counts for the marks of a chord; what does not is neither marked nor told. */
public enum Criterion {
    /** Whether it is the chord that is asked for, with its bass: two points. */
    NOTES,
    /** Whether it lies within the hand: one. */
    HAND,
    /** Whether the way to it is smooth, by the rules of the school: one. */
    WAY
}
