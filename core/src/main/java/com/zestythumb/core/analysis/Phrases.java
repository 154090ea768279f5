package com.zestythumb.core.analysis;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Where phrases end: by form and the lines of the chart, within these by the breaths of the tune, and in fours
 * where nothing tells (common practice).
 */
public final class Phrases {

    private static final int USUAL = 4;
    private static final int LONGEST = 16;
    private static final double NO_BREATH = 1;
    private static final double SUNG_THROUGH = 1;

    /** A bar that begins as the first one did begins a phrase. */
    private static final double BEGINS_ALIKE = 1;

    private final List<Bar> bars;
    private final Fraction usualNote;
    /** How long what ends here was held, through ties. */
    private final Map<SheetNote, Fraction> held = new IdentityHashMap<>();

    private Phrases(List<Bar> bars) {
        this.bars = bars;
        List<Fraction> lengths = bars.stream()
                .flatMap(bar -> bar.melody().stream())
                .filter(note -> !note.isRest())
                .map(SheetNote::duration)
                .sorted()
                .toList();
        SheetNote before = null;
        for (Bar bar : bars) {
            for (SheetNote note : bar.melody()) {
                boolean goesOn = before != null
                        && before.tied()
                        && !note.isRest()
                        && before.pitch().equals(note.pitch());
                held.put(note, goesOn ? held.get(before).plus(note.duration()) : note.duration());
                before = note;
            }
        }
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
        double[] breathes =
                IntStream.range(from, to).mapToDouble(i -> breath(bars.get(i))).toArray();
        double longest = Arrays.stream(breathes, 0, breathes.length - 1).max().orElse(0);
        boolean any = longest > 0;
        for (int i = 0; any && i < breathes.length; i++) {
            breathes[i] = Math.min(1, breathes[i] / longest);
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
    private List<Integer> byBreath(int from, double[] breathes) {
        int count = breathes.length;
        int upbeat =
                count > 1 && bars.get(from).length().isBefore(bars.get(from + 1).length()) ? 1 : 0;
        double[] cost = new double[count + 1];
        int[] start = new int[count + 1];
        for (int end = 1; end <= count; end++) {
            cost[end] = Double.POSITIVE_INFINITY;
            double within = 0;
            for (int begin = end - 1; begin >= 0 && end - begin <= LONGEST; begin--) {
                double here = cost[begin] + length(end - begin - (begin == 0 ? upbeat : 0)) + within;
                if (here < cost[end]) {
                    cost[end] = here;
                    start[end] = begin;
                }
                within += begin > 0 ? SUNG_THROUGH * breathes[begin - 1] : 0;
            }
            cost[end] += end < count ? NO_BREATH * (1 - breathes[end - 1]) : 0;
            cost[end] -= end < count && isAlike(bars.get(from), bars.get(from + end)) ? BEGINS_ALIKE : 0;
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
            case 0, 1 -> 3;
            case 2 -> 1;
            case 3, 5, 6, 8 -> 0.8;
            case 4 -> 0;
            default -> 0.2 * bars;
        };
    }

    private static boolean isAlike(Bar one, Bar other) {
        return one.melody().size() > 1 && sung(one).equals(sung(other));
    }

    private static List<String> sung(Bar bar) {
        return bar.melody().stream()
                .map(note -> note.pitch() + "@" + note.onset() + "+" + note.duration())
                .toList();
    }

    /**
     * How long a tune breathes in a bar, in quarter notes: by a rest or a long note, with no more behind it in the bar than a pickup into the
     * next phrase.
     */
    private double breath(Bar bar) {
        Fraction half = bar.length().dividedBy(Fraction.of(2));
        double breath = 0;
        for (SheetNote note : bar.melody()) {
            boolean pickupBehind = bar.length().minus(note.end()).isBefore(half);
            boolean rests = note.isRest()
                    && note.onset().isPositive()
                    && !note.duration().isBefore(bar.meter().beatLength());
            boolean holds = !note.isRest()
                    && !note.tied()
                    && !held.get(note).isBefore(half)
                    && !held.get(note).isBefore(usualNote.times(Fraction.of(2)));
            if (pickupBehind && (rests || holds)) {
                breath = Math.max(breath, held.get(note).toDouble());
            }
        }
        List<ChordEvent> events = bar.events();
        return events.size() > 1 && events.get(events.size() - 1).isSilent()
                ? bar.length().toDouble()
                : breath;
    }
}
