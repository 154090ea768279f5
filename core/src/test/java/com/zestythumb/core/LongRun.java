package com.zestythumb.core;

/** How much of a long list is tried: some in a usual run, all with {@code -Dwhole}. */
public final class LongRun {

    private LongRun() {}

    /** So many in a usual run, or in a long one. */
    public static int of(int usual, int whole) {
        return System.getProperty("whole") == null ? usual : whole;
    }
}
