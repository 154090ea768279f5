package com.zestythumb.core.arrangement;

import com.zestythumb.core.voiceleading.Kind;

/**
 * Something that a teacher ignores, although the rules of the school find it.
 *
 * @param code of what is found, such as {@code "parallel-fifths"}, as today's apps or older ones call it
 * @param bar index of the written bar; −1 for the whole tune
 * @param reason in her own words; may be empty
 */
public record Waiver(String code, int bar, String reason) {

    public static final int WHOLE_TUNE = -1;

    /** Whether it covers something in a bar. */
    public boolean covers(Kind kind, int written) {
        return (bar == WHOLE_TUNE || bar == written)
                && Kind.named(code).filter(kind::equals).isPresent();
    }
}
