package com.zestythumb.core.sheet;

/** A word of a chart's line, with its place. */
record Word(String text, int line, int column) {

    TextSpan span() {
        return new TextSpan(line, column, text.length());
    }
}
