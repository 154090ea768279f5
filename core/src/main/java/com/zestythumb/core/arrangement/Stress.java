package com.zestythumb.core.arrangement;

/** How much of a note is heard among those around it. */
public enum Stress {
    SOFT(0.7),
    EVEN(1),
    /** Over the others, with a strong finger where there is a choice. */
    BROUGHT_OUT(1.3);

    private final double factor;

    Stress(double factor) {
        this.factor = factor;
    }

    /** How loud it is, by how loud others of its kind are. */
    public double factor() {
        return factor;
    }
}
