package com.zestythumb.core.arrangement;

/** How much of a note is heard among those around it. */
public enum Stress {
    SOFT,
    EVEN,
    /** Over the others, with a strong finger where there is a choice. */
    BROUGHT_OUT
}
