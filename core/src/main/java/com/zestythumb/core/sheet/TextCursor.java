package com.zestythumb.core.sheet;

/** A place in a text that is read letter by letter. */
final class TextCursor {

    private final String text;
    private int at;

    TextCursor(String text) {
        this.text = text;
    }

    int at() {
        return at;
    }

    void goTo(int place) {
        at = Math.min(place, text.length());
    }

    boolean isAtEnd() {
        return at >= text.length();
    }

    /** The letter here; a blank behind the end. */
    char here() {
        return isAtEnd() ? ' ' : text.charAt(at);
    }

    void pass() {
        at++;
    }

    /** Goes past a letter if it stands here. */
    boolean take(char wanted) {
        boolean taken = !isAtEnd() && text.charAt(at) == wanted;
        at += taken ? 1 : 0;
        return taken;
    }

    /** Goes past as many of these letters as stand here, up to a number; gives them back. */
    String takeAll(String letters, int most) {
        int start = at;
        while (at < text.length() && at - start < most && letters.indexOf(text.charAt(at)) >= 0) {
            at++;
        }
        return from(start);
    }

    /** A whole number of four figures at most, or another where none stands here. */
    int number(int otherwise) {
        String digits = takeAll("0123456789", 4);
        return digits.isEmpty() ? otherwise : Integer.parseInt(digits);
    }

    /** Where the next of a letter behind this one stands; -1 where none does. */
    int next(char letter) {
        return text.indexOf(letter, at + 1);
    }

    /** What was read since a place. */
    String from(int start) {
        return text.substring(start, at);
    }
}
