package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Counting;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.NoteSign;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What the eye passes over in the left hand and the ear misses (common practice of reading before playing): accidentals that
 * last the bar, notes outside the signature and where they lead, notes held on and how they are counted, silent counts, a clef
 * that makes a step look like a leap.
 */
public final class ReadingHints {

    /** What is to be seen or heard. */
    public enum Kind {
        LASTS_THE_BAR,
        OUTSIDE_THE_SIGNATURE,
        HELD,
        SILENT,
        CLEF
    }

    /**
     * One thing to look at.
     *
     * @param bar index of the bar, from 0
     * @param count the count at which it is, from 1
     */
    public record Hint(int bar, int count, Kind kind, String words) {}

    /** From the bottom line of the bass clef, G2, to that of the treble clef, E4. */
    private static final int CLEFS_APART =
            Pitch.parse("E4").staffStep() - Pitch.parse("G2").staffStep();

    private static final int A_THIRD = 2;

    private final Arrangement arrangement;
    private final List<Sound> left;
    private final List<Hint> hints = new ArrayList<>();

    private ReadingHints(Arrangement arrangement) {
        this.arrangement = arrangement;
        this.left = arrangement.score().sounds().stream()
                .filter(sound -> sound.part() == Part.LEFT)
                .toList();
    }

    /** All there is to see, bar by bar. O(notes · voices). */
    public static List<Hint> of(Arrangement arrangement) {
        ReadingHints eye = new ReadingHints(arrangement);
        eye.accidentals();
        eye.held();
        eye.silences();
        eye.clefs();
        eye.hints.sort(Comparator.comparingInt(Hint::bar).thenComparingInt(Hint::count));
        return eye.hints;
    }

    private void add(int bar, Fraction onset, Kind kind, String words) {
        hints.add(new Hint(bar, bar(bar).countAt(onset), kind, words));
    }

    private Bar bar(int index) {
        return arrangement.sheet().bars().get(index);
    }

    private void accidentals() {
        Map<List<Integer>, Sound> first = new HashMap<>();
        for (int i = 0; i < left.size(); i++) {
            TimedNote note = left.get(i).note();
            Bar bar = bar(note.bar());
            Pitch pitch = note.pitch();
            boolean plain = bar.key().signatureOf(pitch.pitchClass().letter())
                    == pitch.pitchClass().alteration();
            if (plain) {
                continue;
            }
            Sound before = first.putIfAbsent(List.of(note.bar(), pitch.staffStep()), left.get(i));
            if (before == null) {
                add(note.bar(), note.onset(), Kind.OUTSIDE_THE_SIGNATURE, outside(pitch, i));
            } else if (before.note().pitch().equals(pitch)
                    && before.from().isBefore(left.get(i).from())) {
                add(
                        note.bar(),
                        note.onset(),
                        Kind.LASTS_THE_BAR,
                        "still " + name(pitch) + ": the sign on count "
                                + bar.countAt(before.note().onset()) + " lasts the bar");
            }
        }
    }

    /** Where it leads: by step into the next note of its voice. */
    private String outside(Pitch pitch, int place) {
        Sound here = left.get(place);
        Pitch next = left.subList(place + 1, left.size()).stream()
                .filter(sound -> sound.note().voice() == here.note().voice())
                .filter(sound -> !sound.from().isBefore(here.to()))
                .map(sound -> sound.note().pitch())
                .findFirst()
                .orElse(null);
        boolean leads = next != null
                && Math.abs(next.midi() - pitch.midi()) <= 2
                && Math.abs(next.staffStep() - pitch.staffStep()) == 1;
        return name(pitch) + " is outside the signature"
                + (leads ? ": it leads " + new FingerMove(1, 1, pitch, next).way() + " to " + name(next) : "");
    }

    private String name(Pitch pitch) {
        return arrangement
                .sheet()
                .heading()
                .names()
                .fromEnglish(pitch.pitchClass().pretty());
    }

    /** A tied note with its whole count: over the bar line the count begins again. */
    private void held() {
        for (Sound sound : left) {
            TimedNote note = sound.note();
            if (!note.tied() || sound.to().equals(sound.from().plus(note.sounding()))) {
                continue;
            }
            List<String> counts = new ArrayList<>();
            Fraction at = sound.from();
            for (int index = note.bar();
                    index < arrangement.sheet().bars().size() && at.isBefore(sound.to());
                    index++) {
                Bar bar = bar(index);
                Fraction start = arrangement.score().at(index, Fraction.ZERO);
                counts.add(counts(bar, at.minus(start), sound.to().minus(start).min(bar.length())));
                at = start.plus(bar.length());
            }
            add(
                    note.bar(),
                    note.onset(),
                    Kind.HELD,
                    "hold " + name(note.pitch()) + " through " + String.join(" and, new bar, ", counts));
        }
    }

    /** "3, 4": the counts from a time of the bar until another. */
    private static String counts(Bar bar, Fraction from, Fraction to) {
        List<String> counts = new ArrayList<>();
        Fraction count = bar.meter().countLength();
        for (Fraction at = from; at.isBefore(to); at = next(at, bar, count)) {
            counts.add(Counting.syllable(bar, at));
        }
        return String.join(", ", counts);
    }

    private static Fraction next(Fraction at, Bar bar, Fraction count) {
        long whole = at.plus(bar.offset()).dividedBy(count).floor() + 1;
        return count.times((int) whole).minus(bar.offset());
    }

    /** Counts in which the hand has nothing, though it plays in the bar; they are counted on. */
    private void silences() {
        Map<Integer, List<TimedNote>> byBar = arrangement.notes().stream()
                .filter(note -> !note.isRight())
                .collect(Collectors.groupingBy(TimedNote::bar));
        byBar.forEach((index, notes) -> {
            Bar bar = bar(index);
            Fraction count = bar.meter().countLength();
            Set<String> silent = new LinkedHashSet<>();
            Fraction first = null;
            for (Fraction at = Fraction.ZERO; at.isBefore(bar.length()); at = at.plus(count)) {
                Fraction from = at;
                Fraction to = at.plus(count);
                boolean plays = notes.stream()
                        .anyMatch(
                                note -> note.onset().isBefore(to) && note.end().isAfter(from));
                if (!plays) {
                    silent.add(Counting.syllable(bar, at));
                    first = first == null ? at : first;
                }
            }
            if (first != null) {
                add(index, first, Kind.SILENT, "silent on " + String.join(" and ", silent) + ": count on");
            }
        });
    }

    /** A new clef moves the notes on the page by twelve steps, and the hand not at all. */
    private void clefs() {
        // The lowest of what is struck at once, against the lowest of what was struck before.
        NavigableMap<Fraction, TimedNote> lowest = new TreeMap<>();
        Map<Fraction, Set<NoteSign>> signsAt = new HashMap<>();
        for (Sound sound : left) {
            lowest.merge(
                    sound.from(),
                    sound.note(),
                    (one, other) -> one.pitch().compareTo(other.pitch()) <= 0 ? one : other);
            signsAt.computeIfAbsent(sound.from(), at -> new HashSet<>())
                    .addAll(sound.note().note().signs());
        }
        for (Fraction at : lowest.keySet()) {
            TimedNote note = lowest.get(at);
            Set<NoteSign> signs = signsAt.get(at);
            if (!signs.contains(NoteSign.TREBLE) && !signs.contains(NoteSign.BASS) || lowest.lowerKey(at) == null) {
                continue;
            }
            TimedNote before = lowest.lowerEntry(at).getValue();
            int real = note.pitch().staffStep() - before.pitch().staffStep();
            int seen = real + (signs.contains(NoteSign.BASS) ? CLEFS_APART : -CLEFS_APART);
            if (Math.abs(seen) > Math.abs(real) + A_THIRD) {
                add(
                        note.bar(),
                        note.onset(),
                        Kind.CLEF,
                        "the clef changes: it looks like a leap " + (seen > 0 ? "up" : "down") + ", and the hand "
                                + (real == 0
                                        ? "stays"
                                        : "goes " + new FingerMove(1, 1, before.pitch(), note.pitch()).way()));
            }
        }
    }
}
