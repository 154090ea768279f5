package com.zestythumb.core.arrangement;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.NoteSign;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Where the music goes slower than its tempo: a hold lasts twice as long; what is marked as getting slower does so count by count, to
 * two thirds of the tempo, until it is in time again, a section begins or four bars are over (common practice).
 *
 * @param bar index of the written bar
 * @param from quarter notes after the bar line
 * @param to where it ends
 * @param speed as a share of the tempo, above 0
 */
public record Pace(int bar, Fraction from, Fraction to, double speed) {

    private static final Pattern SLOWER =
            Pattern.compile("(?i).*\\b(rit\\b|ritard|ritenuto|rall\\b|rallent|getting slower|slow down).*");
    private static final Pattern IN_TIME = Pattern.compile("(?i).*\\b(a tempo|in time)\\b.*");
    private static final double HELD = 0.5;
    private static final double SLOWEST = 0.65;
    private static final int MOST_BARS = 4;

    /** In the written order, those of a bar one after another. O(notes). */
    public static List<Pace> of(LeadSheet sheet) {
        List<Pace> paces = new ArrayList<>();
        for (int i = 0; i < sheet.bars().size(); i++) {
            Bar bar = sheet.bars().get(i);
            if (says(bar, SLOWER)) {
                int end = i + 1;
                while (end < sheet.bars().size()
                        && end < i + MOST_BARS
                        && goesOn(sheet.bars().get(end))) {
                    end++;
                }
                slowDown(sheet.bars().subList(i, end), paces);
                i = end - 1;
            } else {
                holds(bar).forEach((from, to) -> paces.add(new Pace(bar.index(), from, to, HELD)));
            }
        }
        return paces;
    }

    private static boolean says(Bar bar, Pattern words) {
        return bar.text().notes().stream().anyMatch(note -> words.matcher(note).matches());
    }

    private static boolean goesOn(Bar bar) {
        return bar.section() == null && !says(bar, IN_TIME);
    }

    private static TreeMap<Fraction, Fraction> holds(Bar bar) {
        TreeMap<Fraction, Fraction> holds = new TreeMap<>();
        for (SheetNote note : Stream.concat(bar.allOfUpper().stream(), bar.allOfLeft().stream())
                .toList()) {
            if (note.signs().contains(NoteSign.HOLD)) {
                holds.merge(note.onset(), note.end(), Fraction::max);
            }
        }
        // Two hands may hold at different times: the first is waited for.
        holds.keySet().removeIf(from -> {
            var before = holds.lowerEntry(from);
            return before != null && before.getValue().isAfter(from);
        });
        return holds;
    }

    private static void slowDown(List<Bar> bars, List<Pace> paces) {
        double all = bars.stream().mapToDouble(bar -> bar.length().toDouble()).sum();
        double done = 0;
        for (Bar bar : bars) {
            TreeMap<Fraction, Fraction> holds = holds(bar);
            Fraction count = bar.meter().countLength();
            for (Fraction at = Fraction.ZERO; at.isBefore(bar.length()); at = at.plus(count)) {
                Fraction to = at.plus(count).min(bar.length());
                double speed = 1 - (1 - SLOWEST) * (done + to.toDouble()) / all;
                var hold = holds.floorEntry(at);
                boolean held = hold != null && hold.getValue().isAfter(at);
                paces.add(new Pace(bar.index(), at, to, held ? speed * HELD : speed));
            }
            done += bar.length().toDouble();
        }
    }
}
