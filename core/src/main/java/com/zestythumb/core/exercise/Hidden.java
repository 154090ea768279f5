package com.zestythumb.core.exercise;

/** What of a page would tell the answer, and is not on it. */
public enum Hidden {
    SYMBOLS,
    NUMERALS,
    FINGERS
}
