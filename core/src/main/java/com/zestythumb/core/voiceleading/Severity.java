package com.zestythumb.core.voiceleading;

/** How grave a school holds what a rule finds, the worst first. */
public enum Severity {
    /** To be fixed. */
    FAULT,
    /** Another way is better where there is one. */
    WARNING,
    /** A remark is enough. */
    HINT,
    /** Not told. */
    OFF;

    /** Whether it asks for something to be changed. */
    public boolean isAboveHint() {
        return compareTo(HINT) < 0;
    }
}
