package com.zestythumb.formats.musicxml;

import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.NoteSign;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.sheet.Tuplet;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * Notes struck together, or a rest where there are none.
 *
 * @param tuplet its place in a tuplet, or null
 * @param asWritten whether it keeps its value, as somebody wrote it, or is parted where the eye wants the beat
 * @param signs what stands at it
 */
record Moment(
        Fraction onset,
        Fraction duration,
        List<TimedNote> notes,
        Tuplet tuplet,
        boolean asWritten,
        Set<NoteSign> signs) {

    private static Moment rest(Fraction from, Fraction to) {
        return new Moment(from, to.minus(from), List.of(), null, false, Set.of());
    }

    Fraction end() {
        return onset.plus(duration);
    }

    boolean isRest() {
        return notes.isEmpty();
    }

    /** The values in which it is written, tied to one another. */
    List<NoteValue> values(Bar bar) {
        return tuplet != null
                ? NoteValue.plain(tuplet.written(duration))
                : asWritten
                        ? NoteValue.written(onset.plus(bar.offset()), duration, bar.groupedMeter())
                        : isRest()
                                ? NoteValue.rests(onset.plus(bar.offset()), duration, bar.groupedMeter())
                                : NoteValue.split(onset.plus(bar.offset()), duration, bar.groupedMeter());
    }

    /**
     * A voice as struck moments with rests between, filling the bar: as somebody wrote it, where that was so.
     *
     * @param voices the voices of its hand that are written
     */
    static List<Moment> fill(Bar bar, List<List<SheetNote>> voices, int voice, List<TimedNote> notes) {
        TreeMap<Fraction, List<TimedNote>> byOnset =
                notes.stream().collect(Collectors.groupingBy(TimedNote::onset, TreeMap::new, Collectors.toList()));
        return voice < voices.size() ? written(voices.get(voice), byOnset) : between(bar, byOnset);
    }

    private static List<Moment> written(List<SheetNote> voice, TreeMap<Fraction, List<TimedNote>> byOnset) {
        return SheetNote.struckTogether(voice).stream()
                .map(struck -> new Moment(
                        struck.get(0).onset(),
                        struck.get(0).duration(),
                        byOnset.getOrDefault(struck.get(0).onset(), List.of()),
                        struck.get(0).tuplet(),
                        true,
                        SheetNote.signs(struck)))
                .toList();
    }

    private static List<Moment> between(Bar bar, TreeMap<Fraction, List<TimedNote>> byOnset) {
        // Silences are written apart, so that each has its place.
        List<Fraction> silences = bar.events().stream()
                .filter(ChordEvent::isSilent)
                .map(ChordEvent::start)
                .toList();
        List<Moment> moments = new ArrayList<>();
        Fraction at = Fraction.ZERO;
        for (var entry : byOnset.entrySet()) {
            addRest(moments, at, entry.getKey(), silences);
            Fraction next = byOnset.higherKey(entry.getKey());
            Fraction room = (next == null ? bar.length() : next).minus(entry.getKey());
            TimedNote first = entry.getValue().get(0);
            Fraction duration = first.duration().min(room);
            Moment moment = new Moment(entry.getKey(), duration, entry.getValue(), first.tuplet(), false, Set.of());
            moments.add(moment);
            at = moment.end();
        }
        addRest(moments, at, bar.length(), silences);
        return inTuplets(moments, bar.offset());
    }

    /** Silences between the notes of a tuplet are part of it: from the beat with which it begins to the one where it is full. */
    private static List<Moment> inTuplets(List<Moment> moments, Fraction offset) {
        List<Moment> all = new ArrayList<>();
        List<Moment> left = new ArrayList<>(moments);
        while (!left.isEmpty()) {
            Moment next = left.remove(0);
            Moment first = next.tuplet() != null || left.isEmpty() ? next : left.get(0);
            Fraction begin = beat(first.onset(), offset, 0);
            boolean waits = next.isRest() && next.end().isAfter(begin);
            if (first.tuplet() == null || next != first && !waits) {
                all.add(next);
                continue;
            }
            if (next.onset().isBefore(begin)) {
                all.add(rest(next.onset(), begin));
                next = rest(begin, next.end());
            }
            List<Moment> group = new ArrayList<>(List.of(next));
            Fraction end = beat(next.onset(), offset, 1);
            while (!left.isEmpty() && (last(group).end().isBefore(end) || cuts(last(group), end))) {
                end = cuts(last(group), end) ? beat(end, offset, 1) : end;
                if (last(group).end().isBefore(end)) {
                    group.add(left.remove(0));
                }
            }
            if (last(group).isRest() && last(group).end().isAfter(end)) {
                Moment over = group.remove(group.size() - 1);
                group.add(rest(over.onset(), end));
                left.add(0, rest(end, over.end()));
            }
            // What is pushed into a held note is as long as any other.
            boolean needsNone = group.stream().allMatch(one -> Long.bitCount(one.duration.denominator()) == 1);
            for (int i = 0; i < group.size(); i++) {
                Tuplet own = first.tuplet();
                all.add(group.get(i).in(needsNone ? null : new Tuplet(own.actual(), own.normal(), i, group.size())));
            }
        }
        return all;
    }

    private static Moment last(List<Moment> moments) {
        return moments.get(moments.size() - 1);
    }

    private static boolean cuts(Moment note, Fraction beat) {
        return !note.isRest() && note.end().isAfter(beat);
    }

    /** The beginning of the quarter in which a time lies, or of one so many later. */
    private static Fraction beat(Fraction at, Fraction offset, int later) {
        return Fraction.of(at.plus(offset).floor() + later).minus(offset);
    }

    private Moment in(Tuplet other) {
        return new Moment(onset, duration, notes, other, asWritten, signs);
    }

    private static void addRest(List<Moment> moments, Fraction from, Fraction to, List<Fraction> cuts) {
        Fraction at = from;
        for (Fraction cut : cuts) {
            if (cut.isAfter(at) && cut.isBefore(to)) {
                moments.add(rest(at, cut));
                at = cut;
            }
        }
        if (at.isBefore(to)) {
            moments.add(rest(at, to));
        }
    }
}
