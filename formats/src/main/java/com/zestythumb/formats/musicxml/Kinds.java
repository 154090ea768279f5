package com.zestythumb.formats.musicxml;

import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pitch.Interval;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** MusicXML's kinds of chord (kind-value, MusicXML 4.0) and the degrees that alter them, both ways. */
final class Kinds {

    /** A degree element: {@code add}, {@code alter} or {@code subtract} the tone with this number. */
    record Change(String type, int number, int alteration) {}

    private static final Map<String, List<Interval>> KINDS = new LinkedHashMap<>();

    static {
        kind("major", "P1 M3 P5");
        kind("minor", "P1 m3 P5");
        kind("augmented", "P1 M3 A5");
        kind("diminished", "P1 m3 d5");
        kind("dominant", "P1 M3 P5 m7");
        kind("major-seventh", "P1 M3 P5 M7");
        kind("minor-seventh", "P1 m3 P5 m7");
        kind("diminished-seventh", "P1 m3 d5 d7");
        kind("augmented-seventh", "P1 M3 A5 m7");
        kind("half-diminished", "P1 m3 d5 m7");
        kind("major-minor", "P1 m3 P5 M7");
        kind("major-sixth", "P1 M3 P5 M6");
        kind("minor-sixth", "P1 m3 P5 M6");
        kind("dominant-ninth", "P1 M3 P5 m7 M9");
        kind("major-ninth", "P1 M3 P5 M7 M9");
        kind("minor-ninth", "P1 m3 P5 m7 M9");
        kind("dominant-11th", "P1 P5 m7 M9 P11");
        kind("major-11th", "P1 M3 P5 M7 M9 P11");
        kind("minor-11th", "P1 m3 P5 m7 M9 P11");
        kind("dominant-13th", "P1 M3 P5 m7 M9 M13");
        kind("major-13th", "P1 M3 P5 M7 M9 M13");
        kind("minor-13th", "P1 m3 P5 m7 M9 M13");
        kind("suspended-second", "P1 M2 P5");
        kind("suspended-fourth", "P1 P4 P5");
        kind("power", "P1 P5");
    }

    private Kinds() {}

    private static void kind(String name, String intervals) {
        KINDS.put(name, Arrays.stream(intervals.split(" ")).map(Interval::parse).toList());
    }

    private static final Map<Set<Interval>, String> BY_TONES = new HashMap<>();

    static {
        KINDS.forEach((kind, tones) -> BY_TONES.putIfAbsent(Set.copyOf(tones), kind));
    }

    /** The kind with the fewest degrees to change. */
    static String nearest(Quality quality) {
        String exact = BY_TONES.get(Set.copyOf(quality.intervals()));
        return exact != null ? exact : search(quality);
    }

    private static String search(Quality quality) {
        return KINDS.entrySet().stream()
                .min(Comparator.comparingInt(
                        kind -> changes(kind.getValue(), quality).size()))
                .orElseThrow()
                .getKey();
    }

    static List<Change> degreesOf(Quality quality) {
        return changes(KINDS.get(nearest(quality)), quality);
    }

    /**
     * The quality that a kind and its degrees describe.
     *
     * @throws IllegalArgumentException if the kind or what the degrees make of it has no name
     */
    static Quality quality(String kind, Collection<Change> changes) {
        List<Interval> known = KINDS.get(kind);
        if (known == null) {
            throw new IllegalArgumentException("\"" + kind + "\" is no kind of chord with tones of its own");
        }
        List<Interval> tones = new ArrayList<>(known);
        for (Change change : changes) {
            Interval tone = natural(change.number(), change.alteration());
            if (!change.type().equals("add")) {
                Interval there = tones.stream()
                        .filter(t -> t.steps() == tone.steps())
                        .findFirst()
                        .orElse(null);
                tones.remove(there);
                if (change.type().equals("alter")) {
                    int from = there == null ? tone.semitones() - change.alteration() : there.semitones();
                    tones.add(new Interval(tone.steps(), from + change.alteration()));
                }
            } else if (!tones.contains(tone)) {
                tones.add(tone);
            }
        }
        return Quality.of(tones);
    }

    private static List<Change> changes(List<Interval> kind, Quality quality) {
        List<Change> changes = new ArrayList<>();
        for (Interval tone : quality.intervals()) {
            Interval same = kind.stream()
                    .filter(t -> t.steps() == tone.steps())
                    .findFirst()
                    .orElse(null);
            int number = tone.steps() + 1;
            if (same == null) {
                changes.add(new Change(
                        "add", number, tone.semitones() - natural(number, 0).semitones()));
            } else if (!same.equals(tone) && quality.intervals().contains(same)) {
                changes.add(new Change(
                        "add", number, tone.semitones() - natural(number, 0).semitones()));
            } else if (!same.equals(tone)) {
                changes.add(new Change("alter", number, tone.semitones() - same.semitones()));
            }
        }
        for (Interval tone : kind) {
            if (quality.intervals().stream().noneMatch(t -> t.steps() == tone.steps())) {
                changes.add(new Change("subtract", tone.steps() + 1, 0));
            }
        }
        return changes;
    }

    /** A degree counts from the major scale, but the seventh from the minor one (MusicXML 4.0, degree-alter). */
    private static Interval natural(int number, int alteration) {
        int steps = number - 1;
        int[] semitones = {0, 2, 4, 5, 7, 9, 10};
        return new Interval(steps, semitones[steps % 7] + 12 * (steps / 7) + alteration);
    }
}
