package com.zestythumb.core.arrangement;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Which bars the left hand really has to learn: those that come again, come again on another note, or come
 * again but for a note or two, are told from new ones.
 *
 * @param bars what each written bar is, in their order
 */
public record BarMap(List<Entry> bars) {

    /** What a bar is to one who learns the tune from the beginning. */
    public enum Kind {
        NEW,
        SAME,
        /** The same shape from another note. */
        MOVED,
        /** The same but for a few notes: the bars that are got wrong. */
        NEARLY,
        SILENT
    }

    /**
     * A bar.
     *
     * @param kind what it is
     * @param like index of the earlier bar it is like, or its own
     * @param counts where it differs from that bar, in counts of the meter from 1
     */
    public record Entry(Kind kind, int like, List<Integer> counts) {}

    private record Struck(Fraction onset, Fraction duration, int midi) {}

    private static final int FEW = 3;

    public BarMap {
        bars = List.copyOf(bars);
    }

    /** How many bars there are to learn. */
    public int toLearn() {
        return (int) bars.stream().filter(bar -> bar.kind() == Kind.NEW).count();
    }

    /** The new bars, those first that come most often; of equals the earlier one. */
    public List<Integer> inOrderOfUse() {
        Map<Integer, Long> uses = bars.stream().collect(Collectors.groupingBy(Entry::like, Collectors.counting()));
        List<Integer> fresh = new ArrayList<>();
        for (int i = 0; i < bars.size(); i++) {
            if (bars.get(i).kind() == Kind.NEW) {
                fresh.add(i);
            }
        }
        fresh.sort(Comparator.comparing((Integer bar) -> -uses.getOrDefault(bar, 0L)));
        return fresh;
    }

    /** Compares the bars of the left hand. O(bars × new bars). */
    public static BarMap of(Arrangement arrangement) {
        Map<Integer, List<Struck>> notes = arrangement.notes().stream()
                .collect(Collectors.groupingBy(
                        TimedNote::bar,
                        HashMap::new,
                        Collectors.mapping(
                                n -> new Struck(
                                        n.onset(), n.duration(), n.pitch().midi()),
                                Collectors.toList())));
        Map<List<Struck>, Integer> same = new HashMap<>();
        Map<List<Struck>, Integer> shapes = new HashMap<>();
        List<Integer> fresh = new ArrayList<>();
        List<Entry> entries = new ArrayList<>();
        for (Bar bar : arrangement.sheet().bars()) {
            List<Struck> here = notes.getOrDefault(bar.index(), List.of());
            Entry entry = entry(bar, here, same, shapes, fresh, notes);
            same.putIfAbsent(here, bar.index());
            shapes.putIfAbsent(fromLowest(here), bar.index());
            if (entry.kind() == Kind.NEW) {
                fresh.add(bar.index());
            }
            entries.add(entry);
        }
        return new BarMap(entries);
    }

    private static Entry entry(
            Bar bar,
            List<Struck> here,
            Map<List<Struck>, Integer> same,
            Map<List<Struck>, Integer> shapes,
            List<Integer> fresh,
            Map<Integer, List<Struck>> notes) {
        if (here.isEmpty()) {
            return new Entry(Kind.SILENT, bar.index(), List.of());
        }
        if (same.containsKey(here)) {
            return new Entry(Kind.SAME, same.get(here), List.of());
        }
        Integer moved = shapes.get(fromLowest(here));
        if (moved != null) {
            return new Entry(Kind.MOVED, moved, List.of());
        }
        for (int known : fresh) {
            List<Struck> there = notes.get(known);
            List<Integer> counts = differences(bar, here, there);
            if (!counts.isEmpty()) {
                return new Entry(Kind.NEARLY, known, counts);
            }
        }
        return new Entry(Kind.NEW, bar.index(), List.of());
    }

    private static List<Struck> fromLowest(List<Struck> notes) {
        int lowest = notes.stream().mapToInt(Struck::midi).min().orElse(0);
        return notes.stream()
                .map(n -> new Struck(n.onset(), n.duration(), n.midi() - lowest))
                .toList();
    }

    /** Counts in which two bars of one rhythm differ; none where they differ in more than a third. */
    private static List<Integer> differences(Bar bar, List<Struck> here, List<Struck> there) {
        if (here.size() != there.size() || here.size() < FEW) {
            return List.of();
        }
        List<Integer> counts = new ArrayList<>();
        int different = 0;
        for (int i = 0; i < here.size(); i++) {
            Struck a = here.get(i);
            Struck b = there.get(i);
            if (!a.onset().equals(b.onset()) || !a.duration().equals(b.duration())) {
                return List.of();
            }
            if (a.midi() != b.midi()) {
                different++;
                int count = bar.countAt(a.onset());
                if (!counts.contains(count)) {
                    counts.add(count);
                }
            }
        }
        return different * FEW <= here.size() ? counts : List.of();
    }
}
