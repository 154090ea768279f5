package com.zestythumb.core.analysis;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.LinkedList;
import java.util.List;

/**
 * Where phrases end: by form and the lines of the chart, within these by the breaths of the tune, and in fours
 * where nothing tells (common practice).
 */
public final class Phrases {

    private static final int USUAL = 4;
    private static final int LONGEST = 16;
    private static final double NO_BREATH = 1;
    private static final double SUNG_THROUGH = 1;

    private final List<Bar> bars;
    private final Fraction usualNote;

    private Phrases(List<Bar> bars) {
        this.bars = bars;
        List<Fraction> lengths = bars.stream()
                .flatMap(bar -> bar.melody().stream())
                .filter(note -> !note.isRest())
                .map(SheetNote::duration)
                .sorted()
                .toList();
        this.usualNote = lengths.isEmpty() ? Fraction.ZERO : lengths.get(lengths.size() / 2);
    }

    /** Indices of the bars that end a phrase, in order; O(bars). */
    public static List<Integer> ends(LeadSheet sheet) {
        return new Phrases(sheet.bars()).find();
    }

    private List<Integer> find() {
        List<Integer> ends = new ArrayList<>();
        int from = 0;
        for (int i = 0; i < bars.size(); i++) {
            if (i == bars.size() - 1 || isParted(bars.get(i), bars.get(i + 1), i + 1 - from)) {
                ends.addAll(within(from, i + 1));
                from = i + 1;
            }
        }
        return ends;
    }

    private static boolean isParted(Bar bar, Bar next, int length) {
        boolean form = bar.endsRepeat() || next.startsRepeat() || next.section() != null;
        int line = bar.text().span().line();
        boolean lineEnds = line != next.text().span().line() && length >= USUAL;
        return form && length > 1 || lineEnds;
    }

    private List<Integer> within(int from, int to) {
        boolean[] breathes = new boolean[to - from];
        boolean any = false;
        for (int i = from; i < to; i++) {
            breathes[i - from] = breathes(bars.get(i));
            any |= breathes[i - from] && i < to - 1;
        }
        return any ? byBreath(from, breathes) : byCount(from, to);
    }

    private static List<Integer> byCount(int from, int to) {
        List<Integer> ends = new ArrayList<>();
        for (int four = from + USUAL; (to - from) % USUAL == 0 && four < to; four += USUAL) {
            ends.add(four - 1);
        }
        ends.add(to - 1);
        return ends;
    }

    /** The cheapest parting into phrases: usual lengths, each ending in a breath, few breaths within. */
    private static List<Integer> byBreath(int from, boolean[] breathes) {
        int count = breathes.length;
        double[] cost = new double[count + 1];
        int[] start = new int[count + 1];
        for (int end = 1; end <= count; end++) {
            cost[end] = Double.POSITIVE_INFINITY;
            double within = 0;
            for (int begin = end - 1; begin >= 0 && end - begin <= LONGEST; begin--) {
                double here = cost[begin] + length(end - begin) + within;
                if (here < cost[end]) {
                    cost[end] = here;
                    start[end] = begin;
                }
                within += begin > 0 && breathes[begin - 1] ? SUNG_THROUGH : 0;
            }
            cost[end] += end < count && !breathes[end - 1] ? NO_BREATH : 0;
        }
        LinkedList<Integer> ends = new LinkedList<>();
        for (int end = count; end > 0; end = start[end]) {
            ends.addFirst(from + end - 1);
        }
        return ends;
    }

    /** What a phrase of so many bars costs: four is usual, two and eight next, one hardly a phrase. */
    private static double length(int bars) {
        return switch (bars) {
            case 1 -> 3;
            case 2 -> 1;
            case 3, 5, 6, 8 -> 0.8;
            case 4 -> 0;
            default -> 0.2 * bars;
        };
    }

    /** A rest or a long note, with no more behind it in the bar than a pickup into the next phrase. */
    private boolean breathes(Bar bar) {
        Fraction half = bar.length().dividedBy(Fraction.of(2));
        for (SheetNote note : bar.melody()) {
            boolean pickupBehind = bar.length().minus(note.end()).compareTo(half) < 0;
            boolean rests = note.isRest()
                    && note.onset().compareTo(Fraction.ZERO) > 0
                    && note.duration().compareTo(bar.meter().beatLength()) >= 0;
            boolean holds = !note.isRest()
                    && !note.tied()
                    && note.duration().compareTo(half) >= 0
                    && note.duration().compareTo(usualNote.times(Fraction.of(2))) >= 0;
            if (pickupBehind && (rests || holds)) {
                return true;
            }
        }
        List<ChordEvent> events = bar.events();
        return events.size() > 1 && events.get(events.size() - 1).isSilent();
    }
}
