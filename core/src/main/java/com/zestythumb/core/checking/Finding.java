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
 * @param more at how many chords more it is so
 */
public record Finding(Rule rule, Fault fault, int chord, int before, int bar, int more) {

    Finding(Rule rule, Fault fault, int chord, int before, int bar) {
        this(rule, fault, chord, before, bar, 0);
    }

    Finding with(int others) {
        return new Finding(rule, fault, chord, before, bar, others);
    }

    /** Whether the hand comes from further on in the page, as at a repeat. */
    public boolean isComingBack() {
        return before > chord;
    }

    /** Whether it comes over bars that are passed by, as into a second ending or a coda. */
    public boolean isPassingBy() {
        return before >= 0 && before < chord - 1;
    }
}
