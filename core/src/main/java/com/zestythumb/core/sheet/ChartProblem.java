package com.zestythumb.core.sheet;

/**
 * Something in a chart that could not be read.
 *
 * @param line line of the text, from 1
 * @param column column of its first character, from 1
 * @param length how many characters are meant
 * @param place in a teacher's words, {@code "bar 7, beat 3"} or {@code "line 2"}
 * @param message what is wrong and what to write instead
 */
public record ChartProblem(int line, int column, int length, String place, String message) {

    @Override
    public String toString() {
        return place + ": " + message;
    }
}
