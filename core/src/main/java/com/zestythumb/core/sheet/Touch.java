package com.zestythumb.core.sheet;

/** How a key is played. */
public enum Touch {
    PLAIN,
    /** Let go at half its length, and written with a dot. */
    SHORT,
    /** Held for three quarters of its length, and written with a dot under a line. */
    DETACHED,
    /** Struck from the lowest note to the highest, one after another. */
    ROLLED
}
