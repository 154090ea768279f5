package com.zestythumb.core.arrangement;

/**
 * Something that a teacher leaves as it is, although the rules of the school mind it.
 *
 * @param code of the fault, such as {@code "parallel-fifths"}; the same between inner voices is left as well
 * @param bar index of the written bar; −1 for the whole tune
 * @param reason in her own words; may be empty
 */
public record Waiver(String code, int bar, String reason) {

    public static final int WHOLE_TUNE = -1;

    private static final String INSIDE = "-inside";

    /** Whether a fault is one that can hurt a hand, and is always told. */
    public static boolean isOfTheBody(String fault) {
        return fault.startsWith("stretch") || fault.startsWith("strain");
    }

    /** Whether it covers a fault in a bar. */
    public boolean covers(String fault, int written) {
        boolean same = fault.equals(code) || fault.equals(code + INSIDE);
        return same && (bar == WHOLE_TUNE || bar == written);
    }
}
