package com.zestythumb.core.arrangement;

import com.zestythumb.core.arrangement.BarMap.Entry;
import com.zestythumb.core.arrangement.BarMap.Likeness;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Tells bars of the left hand that come again from new ones. */
final class BarComparison {

    private static final int FEW = 3;
    private static final int MANY = 4;

    private record Struck(Fraction onset, Fraction duration, int midi) {}

    private BarComparison() {}

    /** What each written bar is, in their order. O(bars × new bars). */
    static List<Entry> of(Arrangement arrangement) {
        Map<Integer, List<Struck>> notes = arrangement.accompaniment().stream()
                .collect(Collectors.groupingBy(
                        TimedNote::bar,
                        HashMap::new,
                        Collectors.mapping(
                                n -> new Struck(
                                        n.onset(), n.duration(), n.pitch().midi()),
                                Collectors.toList())));
        Map<Integer, List<Voicing>> grips = arrangement.chords().stream()
                .filter(chord -> !chord.voicing().isSilent())
                .collect(Collectors.groupingBy(
                        chord -> chord.event().bar(), Collectors.mapping(ArrangedChord::voicing, Collectors.toList())));
        Map<List<Pitch>, Integer> known = new HashMap<>();
        Map<List<Struck>, Integer> same = new HashMap<>();
        Map<List<Struck>, Integer> shapes = new HashMap<>();
        List<Integer> fresh = new ArrayList<>();
        List<Entry> entries = new ArrayList<>();
        for (Bar bar : arrangement.sheet().bars()) {
            List<Struck> here = notes.getOrDefault(bar.index(), List.of());
            List<Struck> shape = isShape(here) ? fromLowest(here) : List.of();
            Entry entry = entry(bar, here, same, shapes.get(shape), fresh, notes);
            same.putIfAbsent(here, bar.index());
            if (!shape.isEmpty()) {
                shapes.putIfAbsent(shape, bar.index());
            }
            List<List<Pitch>> chords = grips.getOrDefault(bar.index(), List.of()).stream()
                    .map(Voicing::pitches)
                    .toList();
            if (entry.kind() == Likeness.NEW && areKnown(chords, known)) {
                entry = new Entry(Likeness.KNOWN, known.get(chords.get(0)), List.of());
            } else if (entry.kind() == Likeness.NEW && chords.size() == 1) {
                entry = nearlyKnown(chords.get(0), known)
                        .map(like -> new Entry(Likeness.KNOWN, like, List.of(1)))
                        .orElse(entry);
            }
            if (entry.kind() == Likeness.NEW) {
                fresh.add(bar.index());
            }
            chords.forEach(chord -> known.putIfAbsent(chord, bar.index()));
            entries.add(entry);
        }
        return entries;
    }

    /** One note is no shape: from another note it is another note. */
    private static boolean isShape(List<Struck> notes) {
        return notes.stream().mapToInt(Struck::midi).distinct().limit(2).count() > 1;
    }

    /** Whether there are chords, and all came before. Two notes are soon all known and say nothing. */
    private static boolean areKnown(List<List<Pitch>> chords, Map<List<Pitch>, Integer> known) {
        return !chords.isEmpty() && chords.stream().allMatch(chord -> chord.size() >= FEW && known.containsKey(chord));
    }

    /** The bar of a chord that differs from this one in one note of four or more. */
    private static Optional<Integer> nearlyKnown(List<Pitch> chord, Map<List<Pitch>, Integer> known) {
        return known.keySet().stream()
                .filter(other -> other.size() == chord.size() && chord.size() >= MANY)
                .filter(other -> IntStream.range(0, chord.size())
                                .filter(i -> chord.get(i).midi() != other.get(i).midi())
                                .count()
                        == 1)
                .map(known::get)
                .min(Integer::compare);
    }

    private static Entry entry(
            Bar bar,
            List<Struck> here,
            Map<List<Struck>, Integer> same,
            Integer moved,
            List<Integer> fresh,
            Map<Integer, List<Struck>> notes) {
        if (here.isEmpty()) {
            return new Entry(Likeness.SILENT, bar.index(), List.of());
        }
        if (same.containsKey(here)) {
            return new Entry(Likeness.SAME, same.get(here), List.of());
        }
        if (moved != null) {
            return new Entry(Likeness.MOVED, moved, List.of());
        }
        for (int known : fresh) {
            List<Struck> there = notes.get(known);
            List<Integer> counts = differences(bar, here, there, FEW);
            if (!counts.isEmpty()) {
                return new Entry(Likeness.NEARLY, known, counts);
            }
        }
        for (int known : fresh) {
            List<Integer> counts = here.size() < MANY ? List.of() : moved(bar, here, notes.get(known));
            if (!counts.isEmpty()) {
                return new Entry(Likeness.MOVED, known, counts);
            }
        }
        return new Entry(Likeness.NEW, bar.index(), List.of());
    }

    /** Counts in which a bar differs from another that begins on another note, in a quarter of the notes at most. */
    private static List<Integer> moved(Bar bar, List<Struck> here, List<Struck> there) {
        int up = here.get(0).midi() - there.get(0).midi();
        List<Struck> moved = there.stream()
                .map(n -> new Struck(n.onset(), n.duration(), n.midi() + up))
                .toList();
        boolean rhythm = here.size() == moved.size()
                && IntStream.range(0, here.size())
                        .allMatch(i -> here.get(i).onset().equals(moved.get(i).onset())
                                && here.get(i).duration().equals(moved.get(i).duration()));
        return rhythm ? differences(bar, here, moved, MANY) : List.of();
    }

    private static List<Struck> fromLowest(List<Struck> notes) {
        int lowest = notes.stream().mapToInt(Struck::midi).min().orElse(0);
        return notes.stream()
                .map(n -> new Struck(n.onset(), n.duration(), n.midi() - lowest))
                .toList();
    }

    /**
     * Counts in which two bars differ: in one of so many notes at most where the rhythm is the same, or in the
     * rhythm alone; none where they differ in more.
     */
    private static List<Integer> differences(Bar bar, List<Struck> here, List<Struck> there, int one) {
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
        boolean near = otherRhythm ? otherNotes == 0 : otherNotes * one <= here.size();
        return near ? counts : List.of();
    }
}
