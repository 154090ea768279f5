package com.zestythumb.core.harmonising;

/** How rich the chords are that may be taken, in the order in which they are taught (common practice). */
public enum Level {
    /** One and five. */
    TWO_CHORDS("one and five"),
    /** One, four and five. */
    PLAIN("one, four and five"),
    /** The key's own chords. */
    USUAL("the key's own chords"),
    /** And dominants of its other chords. */
    APPLIED("with dominants of other chords"),
    /** And chords borrowed from the other mode, sevenths, and a bass that walks. */
    RICH("with borrowed chords and a walking bass");

    private final String words;

    Level(String words) {
        this.words = words;
    }

    /** What it takes, in a teacher's words: {@code "one, four and five"}. */
    public String words() {
        return words;
    }
}
