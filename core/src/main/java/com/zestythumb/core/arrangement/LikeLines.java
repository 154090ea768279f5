package com.zestythumb.core.arrangement;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voicing.StyleChoice;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Lines of a tune that have the same chords in the same places: a ground, a verse that comes again. They are voiced alike
 * (common practice).
 *
 * @param first for each chord the chord at its place in the first such line; itself where there is none
 */
record LikeLines(List<Integer> first) {

    /** So many bars make a line; of two and three where they have a chord to each half bar. */
    private static final int LINE = 4;

    private static final int SHORT_LINE = 2;
    private static final int CHORDS = 4;

    /** What is struck where, in what way. */
    private record Struck(
            Chord chord, Fraction start, Fraction duration, ChordEvent.Timing timing, StyleChoice style) {}

    /**
     * From the left the longest lines that came before. O(bars²).
     *
     * @param alone chords that are voiced for themselves
     */
    static LikeLines of(List<ChordEvent> events, List<StyleChoice> styles, Set<Integer> alone) {
        int bars = events.isEmpty() ? 0 : events.get(events.size() - 1).bar() + 1;
        List<List<Integer>> inBars = new ArrayList<>();
        IntStream.range(0, bars).forEach(bar -> inBars.add(new ArrayList<>()));
        for (int i = 0; i < events.size(); i++) {
            inBars.get(events.get(i).bar()).add(i);
        }
        int[] kinds = kinds(events, styles, inBars);
        int[] first = IntStream.range(0, events.size()).toArray();
        int at = 1;
        while (at < bars) {
            int like = -1;
            int longest = 0;
            for (int from = 0; from < at; from++) {
                int length = 0;
                while (from + length < at && at + length < bars && kinds[from + length] == kinds[at + length]) {
                    length++;
                }
                if (length > longest) {
                    longest = length;
                    like = from;
                }
            }
            if (isLine(at, longest, inBars)) {
                for (int bar = 0; bar < longest; bar++) {
                    for (int i = 0; i < inBars.get(at + bar).size(); i++) {
                        int here = inBars.get(at + bar).get(i);
                        int there = inBars.get(like + bar).get(i);
                        boolean free = !alone.contains(here) && !alone.contains(first[there]);
                        first[here] = free ? first[there] : here;
                    }
                }
                at += longest;
            } else {
                at++;
            }
        }
        return new LikeLines(Arrays.stream(first).boxed().toList());
    }

    private static boolean isLine(int from, int length, List<List<Integer>> inBars) {
        int chords = IntStream.range(from, from + length)
                .map(bar -> inBars.get(bar).size())
                .sum();
        return length >= LINE && chords > 1 || length >= SHORT_LINE && chords >= CHORDS;
    }

    /** A number for what is in each bar; silent bars are all different. */
    private static int[] kinds(List<ChordEvent> events, List<StyleChoice> styles, List<List<Integer>> inBars) {
        Map<List<Struck>, Integer> known = new HashMap<>();
        int[] kinds = new int[inBars.size()];
        for (int bar = 0; bar < kinds.length; bar++) {
            List<Struck> struck = new ArrayList<>();
            for (int i : inBars.get(bar)) {
                ChordEvent event = events.get(i);
                struck.add(new Struck(event.chord(), event.start(), event.duration(), event.timing(), styles.get(i)));
            }
            int next = known.size();
            kinds[bar] = struck.isEmpty() ? -1 - bar : known.computeIfAbsent(struck, k -> next);
        }
        return kinds;
    }
}
