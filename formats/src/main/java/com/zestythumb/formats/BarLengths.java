package com.zestythumb.formats;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.formats.ImportReport.Fate;
import java.util.List;
import java.util.Optional;

/** Brings the bars of a file to the lengths that their meters ask for. */
final class BarLengths {

    /** So many bars a chart holds. */
    private static final int MOST = 1000;

    private static final Fraction HALF = Fraction.of(1, 2);

    private final List<BroughtBar> drafts;
    private final ImportReport.Builder report;

    BarLengths(List<BroughtBar> drafts, ImportReport.Builder report) {
        this.drafts = drafts;
        this.report = report;
    }

    /** What a teacher calls a bar: a pickup completes the bar before it. */
    static int number(List<BroughtBar> drafts, int i) {
        int pickups = 0;
        for (int before = 0; before <= i; before++) {
            pickups += drafts.get(before).pickup ? 1 : 0;
        }
        return i + 1 - pickups;
    }

    /**
     * A short first bar is a pickup. Where a repeat or a section parts a bar in two, both parts stay short,
     * and so does a last bar that completes the pickup; any other bar is brought to its meter.
     *
     * @return the length of the pickup with which the tune begins, if it does
     */
    Optional<Fraction> repair() {
        partLongBars();
        Optional<Fraction> pickup = Optional.empty();
        for (int i = 0; i < drafts.size(); i++) {
            BroughtBar bar = drafts.get(i);
            Fraction full = bar.meter.barLength();
            BroughtBar next = i + 1 < drafts.size() ? drafts.get(i + 1) : null;
            if (i == 0 && next != null && bar.length.isBefore(full)) {
                bar.beginLater(toHalfCounts(bar.length).minus(bar.length));
            }
            boolean writable = bar.length.times(2).isWhole() && bar.length.isPositive();
            if (bar.pickup || bar.length.equals(full)) {
                continue;
            }
            if (bar.length.isAfter(full)) {
                report.add(Fate.LEFT_OUT, "what goes beyond the meter, in bars that are too long", number(drafts, i));
                bar.length = full;
            } else if (i == 0 && next != null && writable) {
                bar.pickup = true;
                pickup = Optional.of(bar.length);
            } else if (writable
                    && next != null
                    && completes(bar, next)
                    && next.length.times(2).isWhole()) {
                next.pickup = true;
            } else if (writable && closesARound(bar, i)) {
                // Short on purpose: the pickup follows when it is played again.
                continue;
            } else {
                report.add(Fate.REPAIRED, "bars that are too short, filled up with a rest", number(drafts, i));
                bar.length = full;
            }
        }
        return pickup;
    }

    /** A bar that is longer than its meter by half a count or more goes on in others. */
    private void partLongBars() {
        List<BroughtBar> all = List.copyOf(drafts);
        drafts.clear();
        int more = MOST - all.size();
        for (BroughtBar bar : all) {
            Fraction full = bar.meter.barLength();
            int count = 1;
            for (Fraction rest = bar.length.minus(full); more > 0 && !rest.isBefore(HALF); rest = rest.minus(full)) {
                report.add(Fate.REPAIRED, "bars that are longer than their meter, parted", drafts.size() + count);
                count++;
                more--;
            }
            drafts.addAll(bar.inBars(count, full));
        }
    }

    /** A pickup is told in half counts; a shorter one has a rest before it. */
    private static Fraction toHalfCounts(Fraction length) {
        Fraction halves = length.times(2);
        return halves.isWhole() ? length : Fraction.of(halves.floor() + 1, 2);
    }

    private static boolean completes(BroughtBar bar, BroughtBar next) {
        boolean parted = bar.timesPlayed > 1 || next.startsRepeat || next.section != null;
        return parted && bar.length.plus(next.length).equals(bar.meter.barLength());
    }

    private boolean closesARound(BroughtBar bar, int i) {
        boolean ends = bar.timesPlayed > 1 || i == drafts.size() - 1;
        Fraction lacking = bar.meter.barLength().minus(bar.length);
        boolean anyPickup = drafts.stream().limit(i).anyMatch(b -> b.pickup && b.length.equals(lacking));
        return ends && anyPickup;
    }
}
