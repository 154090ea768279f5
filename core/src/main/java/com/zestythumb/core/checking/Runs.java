package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voiceleading.Run;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** Finds where one hand strikes chord after chord without rest. */
final class Runs {

    /** Seconds after which a hand has come to rest. */
    private static final double REST = 0.6;

    /** Keys struck at one time. */
    private record Strike(int chord, double second, int width) {}

    private Runs() {}

    /** By the index of the chord with which a run begins. Repeats are counted as written. */
    static Map<Integer, Run> of(Arrangement arrangement) {
        Map<Integer, Run> runs = new LinkedHashMap<>();
        for (Side side : Side.values()) {
            addRuns(arrangement, side, runs);
        }
        return runs;
    }

    private static void addRuns(Arrangement arrangement, Side side, Map<Integer, Run> runs) {
        int span = arrangement.choices().hand().span();
        Strike first = null;
        Strike before = null;
        int strokes = 0;
        int widest = 0;
        for (Strike strike : strikes(arrangement, side)) {
            if (before != null && strike.second() - before.second() <= REST) {
                strokes++;
                widest = Math.max(widest, strike.width());
            } else {
                add(first, before, strokes, widest, span, runs);
                first = strike;
                strokes = 1;
                widest = strike.width();
            }
            before = strike;
        }
        add(first, before, strokes, widest, span, runs);
    }

    private static void add(Strike first, Strike last, int strokes, int widest, int span, Map<Integer, Run> runs) {
        if (strokes > 1) {
            runs.putIfAbsent(first.chord(), new Run(strokes, last.second() - first.second(), widest, span));
        }
    }

    /** What a hand strikes of two keys or more, in time; a single key between them is a rest for the others. */
    private static List<Strike> strikes(Arrangement arrangement, Side side) {
        double seconds = arrangement.sheet().secondsPerQuarter();
        Fraction[] starts = new Fraction[arrangement.sheet().bars().size()];
        Fraction at = Fraction.ZERO;
        for (int bar = 0; bar < starts.length; bar++) {
            starts[bar] = at;
            at = at.plus(arrangement.sheet().bars().get(bar).length());
        }
        Map<Fraction, List<TimedNote>> struck = arrangement.notes().stream()
                .filter(note -> note.side() == side && note.chord() >= 0)
                .collect(Collectors.groupingBy(
                        note -> starts[note.bar()].plus(note.onset()), TreeMap::new, Collectors.toList()));
        return struck.entrySet().stream()
                .filter(one -> one.getValue().size() > 1)
                .map(one -> new Strike(
                        one.getValue().get(0).chord(), one.getKey().toDouble() * seconds, width(one.getValue())))
                .toList();
    }

    private static int width(Collection<TimedNote> notes) {
        var keys = notes.stream().mapToInt(note -> note.pitch().midi()).summaryStatistics();
        return keys.getMax() - keys.getMin();
    }
}
