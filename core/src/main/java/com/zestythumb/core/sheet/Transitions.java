package com.zestythumb.core.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The pairs of sounding chords that follow one another when the tune is played, with its repeats, endings and jumps;
 * chords are counted in the written order, from 0. A chord that is never played follows the one written before it.
 */
public final class Transitions {

    /** A chord and one that follows it. */
    public record Transition(int from, int to) {}

    private final Map<Transition, Fraction> distances;
    private final List<Transition> pairs;
    private final int[] before;
    private final int[] next;
    private final int opening;
    private final int closing;
    /** How often each is paid for, where that is more than once. */
    private final Map<Transition, Integer> times;

    private Transitions(Map<Transition, Fraction> distances, int count, int opening, int closing) {
        this(distances, Map.of(), count, opening, closing);
    }

    private Transitions(
            Map<Transition, Fraction> distances, Map<Transition, Integer> times, int count, int opening, int closing) {
        this.distances = distances;
        this.times = times;
        this.pairs = List.copyOf(distances.keySet());
        this.opening = opening;
        this.closing = closing;
        this.before = new int[count];
        this.next = new int[count];
        Arrays.fill(before, -1);
        Arrays.fill(next, -1);
        for (Transition pair : pairs) {
            before[pair.to()] = before[pair.to()] < 0 ? pair.from() : before[pair.to()];
            next[pair.from()] = next[pair.from()] < 0 ? pair.to() : next[pair.from()];
        }
    }

    /** Follows the tune once. O(bars as played). */
    public static Transitions of(LeadSheet sheet) {
        List<List<Integer>> inBars = new ArrayList<>();
        int count = 0;
        for (Bar bar : sheet.bars()) {
            List<Integer> here = new ArrayList<>();
            for (ChordEvent event : bar.events()) {
                if (!event.isSilent()) {
                    here.add(count++);
                }
            }
            inBars.add(here);
        }
        Map<Transition, Fraction> pairs = new LinkedHashMap<>();
        boolean[] played = new boolean[count];
        int opening = -1;
        int last = -1;
        Fraction sinceLast = Fraction.ZERO;
        for (int bar : sheet.playingOrder()) {
            for (int chord : inBars.get(bar)) {
                opening = opening < 0 ? chord : opening;
                if (last >= 0 && last != chord) {
                    pairs.merge(new Transition(last, chord), sinceLast, Fraction::min);
                }
                played[chord] = true;
                last = chord;
                sinceLast = Fraction.ZERO;
            }
            sinceLast = sinceLast.plus(sheet.bars().get(bar).length());
        }
        for (int chord = 1; chord < count; chord++) {
            if (!played[chord]) {
                pairs.put(new Transition(chord - 1, chord), asWritten(sheet, inBars, chord));
            }
        }
        return new Transitions(pairs, count, opening, last);
    }

    /** From the bar line before the chord that is written before this one to the bar line before this one. */
    private static Fraction asWritten(LeadSheet sheet, List<List<Integer>> inBars, int chord) {
        Fraction distance = Fraction.ZERO;
        boolean isPassed = false;
        for (int bar = 0; !inBars.get(bar).contains(chord); bar++) {
            isPassed |= inBars.get(bar).contains(chord - 1);
            distance = isPassed ? distance.plus(sheet.bars().get(bar).length()) : distance;
        }
        return distance;
    }

    /** How often a way is paid for: once, but where several chords count as one as often as it comes between them. */
    public int times(Transition pair) {
        return times.getOrDefault(pair, 1);
    }

    /**
     * The same where some chords count as one.
     *
     * @param place for each chord which of them it is
     * @param count how many there are
     */
    public Transitions merged(int[] place, int count) {
        Map<Transition, Fraction> merged = new LinkedHashMap<>();
        Map<Transition, Integer> often = new HashMap<>();
        for (Transition pair : pairs) {
            int from = place[pair.from()];
            int to = place[pair.to()];
            if (from != to) {
                merged.merge(new Transition(from, to), distances.get(pair), Fraction::min);
                often.merge(new Transition(from, to), times(pair), Integer::sum);
            }
        }
        return new Transitions(
                merged, often, count, opening < 0 ? opening : place[opening], closing < 0 ? closing : place[closing]);
    }

    /** Those among some of the chords, which are counted from 0 then. */
    public Transitions between(int from, int to) {
        Map<Transition, Fraction> inside = new LinkedHashMap<>();
        for (Transition pair : pairs) {
            if (Math.min(pair.from(), pair.to()) >= from && Math.max(pair.from(), pair.to()) < to) {
                inside.put(new Transition(pair.from() - from, pair.to() - from), distances.get(pair));
            }
        }
        return new Transitions(
                inside,
                to - from,
                opening >= from && opening < to ? opening - from : -1,
                closing >= from && closing < to ? closing - from : -1);
    }

    /** As if the chords were played once in their order, in no time. */
    public static Transitions inOrder(int count) {
        Map<Transition, Fraction> pairs = new LinkedHashMap<>();
        for (int chord = 1; chord < count; chord++) {
            pairs.put(new Transition(chord - 1, chord), Fraction.ZERO);
        }
        return new Transitions(pairs, count, count > 0 ? 0 : -1, count - 1);
    }

    /** Each pair once, in the order in which they first come. */
    public List<Transition> pairs() {
        return pairs;
    }

    /**
     * Quarter notes from the bar line before a chord to the bar line before the one that follows, silent bars and all;
     * where they follow one another more than once, the shortest.
     */
    public Fraction distance(Transition pair) {
        return distances.get(pair);
    }

    /** Whether the chords are played once in their order and nothing else. */
    public boolean isPlain() {
        return pairs.size() == Math.max(0, before.length - 1)
                && pairs.stream().allMatch(pair -> pair.to() == pair.from() + 1);
    }

    /** The chord from which a chord is first come to; −1 for the one that opens the tune. */
    public int before(int chord) {
        return before[chord];
    }

    /** The chord that first follows a chord; −1 where none does. */
    public int next(int chord) {
        return next[chord];
    }

    /** The chord that is played first; −1 where there is none. */
    public int opening() {
        return opening;
    }

    /** The chord with which the tune ends. */
    public int closing() {
        return closing;
    }
}
