package com.zestythumb.core.voiceleading;

import java.util.Map;

/**
 * Something that a rule found.
 *
 * @param code what it is: {@code "parallel-fifths"}; the words for it go by this
 * @param measures what was measured, by names that the words use: whole numbers, seconds, pitches
 */
public record Fault(String code, Map<String, Object> measures) {

    public Fault {
        measures = Map.copyOf(measures);
    }
}
