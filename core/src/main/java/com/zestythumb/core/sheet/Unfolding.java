package com.zestythumb.core.sheet;

import com.zestythumb.core.sheet.LeadSheet.Played;
import java.util.ArrayList;
import java.util.List;

/**
 * Follows repeats, numbered endings and jumps as a player does. After a jump repeats are not taken again
 * and the last ending is played (common practice).
 */
final class Unfolding {

    /** A tune that would go on for longer is cut off here. */
    private static final int MOST = 20_000;

    private final List<Bar> bars;
    private final int[] times;
    private final List<Played> order = new ArrayList<>();

    private int at;
    private int from;
    private int pass = 1;
    private Mark jumped;

    Unfolding(List<Bar> bars) {
        this.bars = bars;
        this.times = new int[bars.size()];
    }

    List<Played> order() {
        while (at < bars.size() && order.size() < MOST) {
            step();
        }
        return order;
    }

    private void step() {
        Bar bar = bars.get(at);
        if (bar.startsRepeat() && at != from) {
            from = at;
            pass = 1;
        }
        boolean skipped =
                !bar.signs().ending().isEmpty() && !isTaken(bar.signs().ending());
        if (skipped) {
            at = lastOfEnding(at) + 1;
            return;
        }
        order.add(new Played(at, ++times[at]));
        at = next(bar);
    }

    private int next(Bar bar) {
        int here = bar.index();
        if (jumped != null && bar.signs().marks().contains(Mark.FINE)) {
            return bars.size();
        }
        if (jumped != null && bar.signs().marks().contains(Mark.TO_CODA)) {
            int coda = find(Mark.CODA, here + 1);
            if (coda >= 0) {
                return coda;
            }
        }
        if (jumped == null && bar.endsRepeat() && pass < passes(here)) {
            pass++;
            return from;
        }
        if (bar.endsRepeat() || endsLastEnding(here)) {
            from = here + 1;
            pass = 1;
        }
        Mark jump = bar.signs().marks().stream().filter(Mark::jumps).findFirst().orElse(null);
        if (jumped == null && jump != null) {
            jumped = jump;
            from = jump.toSign() ? Math.max(0, find(Mark.SEGNO, 0)) : 0;
            return from;
        }
        return here + 1;
    }

    private int find(Mark mark, int from) {
        for (int i = from; i < bars.size(); i++) {
            if (bars.get(i).signs().marks().contains(mark)) {
                return i;
            }
        }
        return -1;
    }

    private boolean isTaken(List<Integer> ending) {
        return jumped == null ? ending.contains(pass) : isLast(ending);
    }

    /** Whether no later ending follows in the same row of endings. */
    private boolean isLast(List<Integer> ending) {
        int after = lastOfEnding(at) + 1;
        boolean another =
                after < bars.size() && !bars.get(after).signs().ending().isEmpty();
        return !another || bars.get(after).signs().ending().get(0) < ending.get(0);
    }

    /** How often the stretch that ends here is played: as its sign says, or once for each ending. */
    private int passes(int bar) {
        int most = bars.get(bar).timesPlayed();
        for (int i = bar; i >= from; i--) {
            for (int time : bars.get(i).signs().ending()) {
                most = Math.max(most, time);
            }
        }
        int next = bar + 1;
        while (next < bars.size() && !bars.get(next).signs().ending().isEmpty()) {
            for (int time : bars.get(next).signs().ending()) {
                most = Math.max(most, time);
            }
            next = lastOfEnding(next) + 1;
        }
        return most;
    }

    /** An ending reaches to its repeat sign, to the next ending, or as far as the one before it did. */
    private int lastOfEnding(int first) {
        return Endings.last(bars, first);
    }

    private boolean endsLastEnding(int bar) {
        for (int i = bar; i >= from; i--) {
            if (!bars.get(i).signs().ending().isEmpty()) {
                boolean another = bar + 1 < bars.size()
                        && !bars.get(bar + 1).signs().ending().isEmpty();
                return lastOfEnding(i) == bar && !another;
            }
        }
        return false;
    }
}
