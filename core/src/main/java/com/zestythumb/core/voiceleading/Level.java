package com.zestythumb.core.voiceleading;

/** How much a school minds what a rule finds, the worst first. */
public enum Level {
    /** To be mended. */
    FAULT,
    /** To be minded: another way is better where there is one. */
    MIND,
    /** A word is enough. */
    WORD,
    /** Not told. */
    NONE
}
