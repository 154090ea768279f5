package com.zestythumb.core.exercise;

/**
 * Something that helps.
 *
 * @param words what to think of, without full stop; empty where a key is put down, or nothing is left to tell
 * @param key a key to put down, as a MIDI number; 0 for none
 */
public record Hint(String words, int key) {

    static final Hint NONE = new Hint("", 0);

    static Hint said(String words) {
        return new Hint(words, 0);
    }
}
