package com.zestythumb.core.arrangement;

import com.zestythumb.core.arrangement.BarPattern.Kind;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPattern.Step;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pattern.Layout;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.voicing.AttackMode;
import com.zestythumb.core.voicing.ChordTone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A pattern of the catalogue held against what a hand strikes.
 *
 * @param keys which of the hand's keys are struck so, counted from the lowest, from 0
 * @param odd when it strikes something else, in quarter notes after the chord begins
 * @param wrong how many strokes are others; one that comes at another time is one
 * @param of how many there are
 * @param rank of two that fit alike the lower one is the plainer name
 */
record PatternMatch(
        AccompanimentPattern pattern, Set<Integer> keys, SortedSet<Fraction> odd, int wrong, int of, int rank) {

    private static final int OCTAVE = 12;
    private static final int TENTH = 15;
    /** As many keys as a pattern has that is about members. */
    private static final int MEMBERS = 3;

    private static final int FINGERS = 5;
    private static final int MOST_KEYS = 8;

    /** Written in the catalogue's values, in halves of them and doubled. */
    private static final List<Fraction> PACES = List.of(Fraction.of(1), Fraction.of(2), Fraction.of(1, 2));

    /** Those that say more than the order of strokes. */
    static final Map<AccompanimentPattern, Set<ChordTone>> RUN_OVER = Map.of(
            AccompanimentPatterns.RIFF, Set.of(ChordTone.ROOT, ChordTone.FIFTH),
            AccompanimentPatterns.OCTAVE_RIFF, Set.of(ChordTone.ROOT, ChordTone.SEVENTH),
            AccompanimentPatterns.SHUFFLE, Set.of(ChordTone.ROOT, ChordTone.FIFTH, ChordTone.SIXTH, ChordTone.FOREIGN),
            AccompanimentPatterns.BOOGIE,
                    Set.of(ChordTone.ROOT, ChordTone.FIFTH, ChordTone.SIXTH, ChordTone.SEVENTH, ChordTone.FOREIGN));

    /** How one key can be struck. */
    private static final Set<AccompanimentPattern> OF_ONE_KEY = Set.of(
            AccompanimentPatterns.BLOCK,
            AccompanimentPatterns.ON_EACH_BEAT,
            AccompanimentPatterns.REPEATED,
            AccompanimentPatterns.ONLY_OFF);

    /** What is another hand's, or has no strokes of its own. */
    private static final Set<AccompanimentPattern> NONE = Set.of(
            AccompanimentPatterns.SHARED, AccompanimentPatterns.OCTAVE_UNDER, AccompanimentPatterns.WALKING_BASS);

    boolean oneKey() {
        return keys.size() == 1;
    }

    /** What it is called in data. */
    String kind() {
        return !oneKey()
                ? pattern.id()
                : (pattern == AccompanimentPatterns.BLOCK ? Kind.ONE_NOTE : Kind.REPEATED_NOTE).name();
    }

    String name() {
        return !oneKey() ? pattern.name() : Kind.valueOf(kind()).words();
    }

    boolean isExact() {
        return odd.isEmpty();
    }

    /** Whether no more than one stroke in so many is another. */
    boolean isNear(int many) {
        return wrong * many <= of;
    }

    /** A pattern over a chord, played once for all that lie alike. */
    record Played(AccompanimentPattern pattern, Layout layout, Fraction start, Fraction duration, Meter meter) {

        List<Step> steps() {
            return pattern.over(layout, start, duration, meter);
        }
    }

    /**
     * Every pattern, as near as it comes; the same for all strokes that go alike over their keys. O(figures · keys · strokes).
     *
     * @param played what was played already
     */
    static List<PatternMatch> all(List<HandStroke> strokes, ChordEvent event, Bar bar, Map<Played, List<Step>> played) {
        SortedMap<Fraction, Set<Integer>> struck = new TreeMap<>();
        strokes.forEach(stroke -> struck.put(stroke.onset(), stroke.keys()));
        List<Integer> all = HandStroke.keys(strokes);
        boolean held = HandStroke.isHeld(strokes);
        List<PatternMatch> matches = new ArrayList<>();
        for (List<List<Integer>> grips : layouts(strokes)) {
            List<Integer> keys = grips.stream().flatMap(List::stream).toList();
            Set<Integer> places = keys.stream().map(all::indexOf).collect(Collectors.toSet());
            Layout layout = new Layout(grips.stream().map(List::size).toList());
            for (AccompanimentPattern pattern : AccompanimentPatterns.all()) {
                if (places.size() == 1 ? OF_ONE_KEY.contains(pattern) : !NONE.contains(pattern)) {
                    // Broken chords are written in any value, what has a rhythm of its own in one.
                    boolean paced = pattern.strokes(bar.meter()) == AttackMode.ONE_BY_ONE;
                    for (Fraction pace : paced ? PACES : PACES.subList(0, 1)) {
                        Fraction start = event.start().plus(bar.offset()).times(pace);
                        List<Step> steps = played.computeIfAbsent(
                                new Played(
                                        pattern, layout, start, event.duration().times(pace), bar.meter()),
                                Played::steps);
                        matches.add(match(pattern, places, steps, keys, pace, struck, held));
                    }
                }
            }
        }
        return matches.stream()
                .collect(Collectors.toMap(
                        match -> List.of(match.kind(), match.keys()), match -> match, PatternMatch::better))
                .values()
                .stream()
                .sorted(Comparator.comparingInt(PatternMatch::rank))
                .toList();
    }

    private static PatternMatch match(
            AccompanimentPattern pattern,
            Set<Integer> places,
            List<Step> steps,
            List<Integer> keys,
            Fraction pace,
            SortedMap<Fraction, Set<Integer>> struck,
            boolean held) {
        SortedMap<Fraction, Set<Integer>> times = new TreeMap<>();
        for (Step step : steps) {
            Set<Integer> here = times.computeIfAbsent(step.onset().dividedBy(pace), onset -> new HashSet<>());
            step.notes().forEach(place -> here.add(keys.get(place)));
        }
        SortedSet<Fraction> odd = new TreeSet<>(times.keySet());
        odd.addAll(struck.keySet());
        odd.removeIf(onset -> struck.containsKey(onset) && struck.get(onset).equals(times.get(onset)));
        int missing =
                (int) odd.stream().filter(onset -> !struck.containsKey(onset)).count();
        int more = (int) odd.stream().filter(onset -> !times.containsKey(onset)).count();
        int wrong = odd.size() - Math.min(missing, more);
        // What says more than an order of strokes goes first, then what is as long and as held as in the catalogue.
        int rank = AccompanimentPatterns.all().indexOf(pattern)
                + (RUN_OVER.containsKey(pattern) || pattern == AccompanimentPatterns.OPEN_ARPEGGIO ? 0 : 100)
                + 200 * PACES.indexOf(pace)
                + (isHeldIn(steps) == held ? 0 : 1000);
        return new PatternMatch(pattern, places, odd, wrong, Math.max(times.size(), struck.size()), rank);
    }

    private static PatternMatch better(PatternMatch one, PatternMatch other) {
        int less = Integer.compare(one.wrong, other.wrong);
        return less < 0 || less == 0 && one.rank <= other.rank ? one : other;
    }

    /** Whether a note is held over another. */
    private static boolean isHeldIn(List<Step> steps) {
        return IntStream.range(1, steps.size()).anyMatch(i -> {
            Step before = steps.get(i - 1);
            return before.onset().plus(before.duration()).isAfter(steps.get(i).onset());
        });
    }

    /** Whether the keys are those that the pattern is about: a riff has root and fifth, an open arpeggio a tenth. */
    boolean suits(List<HandStroke> strokes, Chord chord) {
        if (pattern != AccompanimentPatterns.OPEN_ARPEGGIO && !RUN_OVER.containsKey(pattern)) {
            return true;
        }
        List<Integer> all = HandStroke.keys(strokes);
        return pattern == AccompanimentPatterns.OPEN_ARPEGGIO
                ? keys.size() == 4 && all.get(all.size() - 1) - all.get(0) >= TENTH
                : keys.size() >= MEMBERS && RUN_OVER.get(pattern).containsAll(members(strokes, chord));
    }

    /** Which members of the chord its keys are. */
    Set<ChordTone> members(List<HandStroke> strokes, Chord chord) {
        List<Integer> all = HandStroke.keys(strokes);
        return strokes.stream()
                .flatMap(stroke -> stroke.sounds().stream())
                .filter(sound -> keys.contains(all.indexOf(sound.key())))
                .map(sound -> ChordTone.of(chord, sound.note().pitch().pitchClass()))
                .collect(Collectors.toSet());
    }

    /**
     * How the keys may lie: as one grip, as a bass or its octave and the chord above, these with a second bass; and each
     * without a key that comes but once, which may be the odd one.
     */
    private static List<List<List<Integer>>> layouts(List<HandStroke> strokes) {
        SortedMap<Integer, Integer> times = new TreeMap<>();
        strokes.forEach(stroke -> stroke.keys().forEach(key -> times.merge(key, 1, Integer::sum)));
        List<List<List<Integer>>> layouts = new ArrayList<>();
        addLayouts(List.copyOf(times.keySet()), strokes, layouts);
        strokes.stream()
                .filter(stroke -> stroke.keys().size() > 1 && stroke.keys().size() < times.size())
                .map(stroke -> List.of(List.copyOf(stroke.keys())))
                .filter(grips -> grips.get(0).size() <= FINGERS)
                .distinct()
                .forEach(layouts::add);
        times.forEach((key, often) -> {
            if (often == 1 && times.size() > 1 && strokes.size() > 2) {
                addLayouts(
                        times.keySet().stream()
                                .filter(other -> !other.equals(key))
                                .toList(),
                        strokes,
                        layouts);
            }
        });
        return layouts;
    }

    private static void addLayouts(List<Integer> keys, List<HandStroke> strokes, List<List<List<Integer>>> layouts) {
        if (keys.isEmpty() || keys.size() > MOST_KEYS) {
            return;
        }
        // One key is struck as a chord is.
        if (keys.size() <= FINGERS) {
            layouts.add(List.of(keys.size() == 1 ? List.of(keys.get(0), keys.get(0)) : keys));
        }
        if (keys.size() > 2 && keys.size() <= FINGERS + 1) {
            layouts.add(List.of(keys.subList(0, 1), keys.subList(1, keys.size())));
            List<Integer> basses = strokes.stream()
                    .filter(HandStroke::isSingle)
                    .map(HandStroke::lowest)
                    .filter(keys::contains)
                    .distinct()
                    .toList();
            List<Integer> above =
                    keys.stream().filter(key -> !basses.contains(key)).toList();
            if (basses.size() == 2 && !above.isEmpty()) {
                layouts.add(List.of(basses.subList(0, 1), above, basses.subList(1, 2), above));
            }
        }
        if (keys.size() > 3 && keys.get(1) - keys.get(0) == OCTAVE) {
            layouts.add(List.of(keys.subList(0, 2), keys.subList(2, keys.size())));
        }
    }
}
