package com.zestythumb.core.sheet;

/** What is counted under the notes, and where a tie goes over a bar line (both are common practice). */
public enum Counts {
    NONE,
    /** Every bar from one. */
    BY_BAR,
    /** A note that is held over the bar line is counted on: four, five, six. */
    ON
}
