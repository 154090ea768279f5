package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Score.Moment;
import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.voiceleading.Run;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Finds where one hand strikes chord after chord without rest. */
final class Runs {

    /** Seconds after which a hand has come to rest. */
    private static final double REST = 0.6;

    /** Keys struck at one time. */
    private record Strike(int chord, double second, int width) {}

    private Runs() {}

    /** Where each begins; the left hand's before the right's. Repeats are counted as written. */
    static List<Placed<Run>> of(Arrangement arrangement) {
        Map<Integer, Run> runs = new LinkedHashMap<>();
        for (Part part : List.of(Part.LEFT, Part.RIGHT)) {
            addRuns(arrangement, part, runs);
        }
        return runs.entrySet().stream()
                .map(run -> Placed.at(run.getKey(), run.getValue()))
                .toList();
    }

    private static void addRuns(Arrangement arrangement, Part part, Map<Integer, Run> runs) {
        int span = arrangement.choices().hand().span();
        Strike first = null;
        Strike before = null;
        int strokes = 0;
        int widest = 0;
        for (Strike strike : strikes(arrangement, part)) {
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
    private static List<Strike> strikes(Arrangement arrangement, Part part) {
        double seconds = arrangement.sheet().secondsPerQuarter();
        List<Strike> strikes = new ArrayList<>();
        for (Moment moment : arrangement.score().moments()) {
            List<Sound> struck =
                    moment.held(sound -> sound.part() == part && sound.note().chord() >= 0 && moment.strikes(sound));
            if (struck.size() > 1) {
                int width = struck.get(struck.size() - 1).key() - struck.get(0).key();
                strikes.add(new Strike(struck.get(0).note().chord(), moment.at().toDouble() * seconds, width));
            }
        }
        return strikes;
    }
}
