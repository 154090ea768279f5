package com.zestythumb.core.analysis;

/** What a chord does in its key (Riemann's three functions; common practice). */
public enum Function {
    TONIC("rest"),
    SUBDOMINANT("away"),
    DOMINANT("tension");

    private final String word;

    Function(String word) {
        this.word = word;
    }

    /** What a student feels: {@code "rest"}, {@code "away"}, {@code "tension"}. */
    public String word() {
        return word;
    }
}
