package com.zestythumb.core.checking;

import com.zestythumb.core.voiceleading.Fault;
import com.zestythumb.core.voiceleading.Rule;

/**
 * Something to mind, at its place.
 *
 * @param rule which rule speaks
 * @param fault what it found
 * @param chord index of the chord where it is met
 * @param before index of the chord from which the hand comes; −1 where that does not matter
 * @param bar number of its bar as a teacher counts, from 1
 */
public record Finding(Rule rule, Fault fault, int chord, int before, int bar) {

    /** Whether the hand comes from further on in the page, as at a repeat. */
    public boolean isComingBack() {
        return before > chord;
    }

    /** Whether it comes over bars that are passed by, as into a second ending or a coda. */
    public boolean isPassingBy() {
        return before >= 0 && before < chord - 1;
    }
}
