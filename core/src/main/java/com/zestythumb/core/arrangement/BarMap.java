package com.zestythumb.core.arrangement;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Which bars the left hand really has to learn: those that come again, come again on another note, or come
 * again but for a note or two, are told from new ones.
 *
 * @param bars what each written bar is, in their order
 * @param again stretches that come a second time, in their order, none within another
 */
public record BarMap(List<Entry> bars, List<Again> again) {

    /** What a bar is to one who learns the tune from the beginning. */
    public enum Likeness {
        NEW,
        SAME,
        /** The same shape from another note, exactly or but for a few notes. */
        MOVED,
        /** The same but for a few notes: the bars that are got wrong. */
        NEARLY,
        /** Another order of chords that all came before in the same shape, or one chord of them but for a note. */
        KNOWN,
        SILENT
    }

    /**
     * A bar.
     *
     * @param kind what it is
     * @param like index of the earlier bar it is like, or its own
     * @param counts where it differs from that bar, in counts of the meter from 1
     */
    public record Entry(Likeness kind, int like, List<Integer> counts) {}

    /**
     * A stretch of bars that is an earlier one again.
     *
     * @param from its first bar
     * @param to the bar behind its last
     * @param like the first bar of the earlier stretch
     * @param but the bars in it that differ from theirs
     */
    public record Again(int from, int to, int like, List<Integer> but) {}

    public BarMap {
        bars = List.copyOf(bars);
        again = List.copyOf(again);
    }

    /** How many bars there are to learn. */
    public int toLearn() {
        return (int) bars.stream().filter(bar -> bar.kind() == Likeness.NEW).count();
    }

    /** The new bars, those first that come most often; of equals the earlier one. */
    public List<Integer> inOrderOfUse() {
        Map<Integer, Long> uses = bars.stream().collect(Collectors.groupingBy(Entry::like, Collectors.counting()));
        List<Integer> fresh = new ArrayList<>();
        for (int i = 0; i < bars.size(); i++) {
            if (bars.get(i).kind() == Likeness.NEW) {
                fresh.add(i);
            }
        }
        fresh.sort(Comparator.comparing((Integer bar) -> -uses.getOrDefault(bar, 0L)));
        return fresh;
    }

    /** Compares the bars of the left hand. O(bars × new bars). */
    public static BarMap of(Arrangement arrangement) {
        List<Entry> entries = BarComparison.of(arrangement);
        return new BarMap(entries, AgainFinder.find(entries));
    }
}
