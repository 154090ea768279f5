package com.zestythumb.core.checking;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voiceleading.Fault;
import com.zestythumb.core.voiceleading.Level;
import com.zestythumb.core.voiceleading.Rule;
import java.util.List;

/**
 * Something to mind, at its place.
 *
 * @param rule which rule speaks
 * @param level how much its school minds it
 * @param fault what it found
 * @param chord index of the chord where it is met
 * @param before index of the chord from which the hand comes; −1 where that does not matter
 * @param bar number of its bar as a teacher counts, from 1
 * @param motions how the voices go that it speaks of; empty where nothing moves
 * @param others where else it is so, by place
 */
public record Finding(
        Rule rule, Level level, Fault fault, int chord, int before, int bar, List<Motion> motions, List<Other> others) {

    /** A voice goes from one note to another. */
    public record Motion(Pitch from, Pitch to) {}

    /** Another chord, and the number of its bar. */
    public record Other(int chord, int bar) {}

    public Finding {
        motions = List.copyOf(motions);
        others = List.copyOf(others);
    }

    Finding(Rule rule, Level level, Fault fault, int chord, int before, int bar, List<Motion> motions) {
        this(rule, level, fault, chord, before, bar, motions, List.of());
    }

    Finding with(List<Finding> more) {
        return new Finding(
                rule,
                level,
                fault,
                chord,
                before,
                bar,
                motions,
                more.stream()
                        .map(one -> new Other(one.chord, one.bar))
                        .filter(one -> one.chord != chord)
                        .distinct()
                        .toList());
    }

    /** At how many chords more it is so. */
    public int more() {
        return others.size();
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
