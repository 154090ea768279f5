package com.zestythumb.core.arrangement;

import com.zestythumb.core.arrangement.BarMap.Entry;
import com.zestythumb.core.arrangement.BarMap.Likeness;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Tells bars of the left hand that come again from new ones. */
final class BarComparison {

    private static final int FEW = 3;

    private record Struck(Fraction onset, Fraction duration, int midi) {}

    private BarComparison() {}

    /** What each written bar is, in their order. O(bars × new bars). */
    static List<Entry> of(Arrangement arrangement) {
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
            if (entry.kind() == Likeness.NEW) {
                fresh.add(bar.index());
            }
            entries.add(entry);
        }
        return entries;
    }

    private static Entry entry(
            Bar bar,
            List<Struck> here,
            Map<List<Struck>, Integer> same,
            Map<List<Struck>, Integer> shapes,
            List<Integer> fresh,
            Map<Integer, List<Struck>> notes) {
        if (here.isEmpty()) {
            return new Entry(Likeness.SILENT, bar.index(), List.of());
        }
        if (same.containsKey(here)) {
            return new Entry(Likeness.SAME, same.get(here), List.of());
        }
        Integer moved = shapes.get(fromLowest(here));
        if (moved != null) {
            return new Entry(Likeness.MOVED, moved, List.of());
        }
        for (int known : fresh) {
            List<Struck> there = notes.get(known);
            List<Integer> counts = differences(bar, here, there);
            if (!counts.isEmpty()) {
                return new Entry(Likeness.NEARLY, known, counts);
            }
        }
        return new Entry(Likeness.NEW, bar.index(), List.of());
    }

    private static List<Struck> fromLowest(List<Struck> notes) {
        int lowest = notes.stream().mapToInt(Struck::midi).min().orElse(0);
        return notes.stream()
                .map(n -> new Struck(n.onset(), n.duration(), n.midi() - lowest))
                .toList();
    }

    /**
     * Counts in which two bars differ: in a third of the notes at most where the rhythm is the same, or in the
     * rhythm alone; none where they differ in more.
     */
    private static List<Integer> differences(Bar bar, List<Struck> here, List<Struck> there) {
        if (here.size() != there.size() || here.size() < FEW) {
            return List.of();
        }
        List<Integer> counts = new ArrayList<>();
        int otherNotes = 0;
        boolean otherRhythm = false;
        for (int i = 0; i < here.size(); i++) {
            Struck a = here.get(i);
            Struck b = there.get(i);
            boolean sameTime = a.onset().equals(b.onset()) && a.duration().equals(b.duration());
            otherRhythm |= !sameTime;
            otherNotes += a.midi() == b.midi() ? 0 : 1;
            int count = bar.countAt(a.onset());
            if ((!sameTime || a.midi() != b.midi()) && !counts.contains(count)) {
                counts.add(count);
            }
        }
        boolean near = otherRhythm ? otherNotes == 0 : otherNotes * FEW <= here.size();
        return near ? counts : List.of();
    }
}
