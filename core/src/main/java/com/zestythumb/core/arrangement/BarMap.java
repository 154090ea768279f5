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
 * @param again stretches that come a second time, in their order, none within another
 */
public record BarMap(List<Entry> bars, List<Again> again) {

    /** What a bar is to one who learns the tune from the beginning. */
    public enum Likeness {
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

    private record Struck(Fraction onset, Fraction duration, int midi) {}

    private static final int FEW = 3;
    private static final int SECTION = 4;

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
        return new BarMap(entries, again(entries));
    }

    /** From the left the longest stretch of four bars or more that came before. O(bars²), a bar being a number. */
    private static List<Again> again(List<Entry> entries) {
        List<Again> found = new ArrayList<>();
        int at = SECTION;
        while (at + SECTION <= entries.size()) {
            Again best = null;
            for (int like = 0; like + SECTION <= at; like++) {
                Again here = stretch(entries, at, like);
                best = here != null && (best == null || here.to() > best.to()) ? here : best;
            }
            if (best != null) {
                found.add(best);
            }
            at = best == null ? at + 1 : best.to();
        }
        return found;
    }

    /** As far as the bars go on being alike, one in four being allowed to differ a little; or null. */
    private static Again stretch(List<Entry> entries, int at, int like) {
        List<Integer> but = new ArrayList<>();
        int same = 0;
        int to = at;
        for (int i = 0; like + i < at && at + i < entries.size(); i++) {
            Entry here = entries.get(at + i);
            boolean equal = content(entries, at + i) == content(entries, like + i);
            boolean nearly = here.kind() == Likeness.NEARLY && here.like() == content(entries, like + i);
            if (!equal && !(nearly && (but.size() + 1) * SECTION <= i + SECTION)) {
                break;
            }
            if (!equal) {
                but.add(at + i);
            } else if (here.kind() != Likeness.SILENT) {
                same++;
            }
            to = at + i + 1;
        }
        return to - at >= SECTION && same >= FEW ? new Again(at, to, like, but) : null;
    }

    /** The first bar with the same notes; silence is −1. */
    private static int content(List<Entry> entries, int bar) {
        Entry entry = entries.get(bar);
        return switch (entry.kind()) {
            case SILENT -> -1;
            case SAME -> entry.like();
            default -> bar;
        };
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
