package com.zestythumb.formats.musicxml;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Endings;
import java.math.BigInteger;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.audiveris.proxymusic.BackwardForward;
import org.audiveris.proxymusic.BarStyle;
import org.audiveris.proxymusic.BarStyleColor;
import org.audiveris.proxymusic.Barline;
import org.audiveris.proxymusic.Ending;
import org.audiveris.proxymusic.Repeat;
import org.audiveris.proxymusic.RightLeftMiddle;
import org.audiveris.proxymusic.StartStopDiscontinue;

/** Bar lines that are more than a stroke: repeats, endings, the last one. */
final class BarLines {

    private final List<Bar> bars;
    /** Numbers of the ending that stops at a bar. */
    private final Map<Integer, String> stops = new HashMap<>();

    BarLines(List<Bar> bars) {
        this.bars = bars;
        for (Bar bar : bars) {
            if (!bar.signs().ending().isEmpty()) {
                stops.put(Endings.last(bars, bar.index()), numbers(bar));
            }
        }
    }

    private static String numbers(Bar bar) {
        return bar.signs().ending().stream().map(String::valueOf).collect(Collectors.joining(","));
    }

    /** The line at a bar's left, or null where it is plain. */
    Barline left(Bar bar) {
        boolean ending = !bar.signs().ending().isEmpty();
        if (!bar.startsRepeat() && !ending) {
            return null;
        }
        Barline line = line(RightLeftMiddle.LEFT, bar.startsRepeat() ? BarStyle.HEAVY_LIGHT : null);
        if (ending) {
            line.setEnding(ending(numbers(bar), StartStopDiscontinue.START));
        }
        if (bar.startsRepeat()) {
            line.setRepeat(repeat(BackwardForward.FORWARD, 1));
        }
        return line;
    }

    /** The line at a bar's right, or null where it is plain. */
    Barline right(Bar bar) {
        boolean last = bar.index() >= bars.size() - 1;
        String ending = stops.get(bar.index());
        boolean parts = !last && parts(bar, bars.get(bar.index() + 1));
        if (!bar.endsRepeat() && !last && ending == null && !parts) {
            return null;
        }
        BarStyle thin = parts ? BarStyle.LIGHT_LIGHT : null;
        Barline line = line(RightLeftMiddle.RIGHT, bar.endsRepeat() || last ? BarStyle.LIGHT_HEAVY : thin);
        if (ending != null) {
            line.setEnding(
                    ending(ending, bar.endsRepeat() ? StartStopDiscontinue.STOP : StartStopDiscontinue.DISCONTINUE));
        }
        if (bar.endsRepeat()) {
            line.setRepeat(repeat(BackwardForward.BACKWARD, bar.timesPlayed()));
        }
        return line;
    }

    /** A double line where somebody wrote one, before a section and a change of key (common practice), but where a repeat begins. */
    private static boolean parts(Bar bar, Bar next) {
        boolean wanted = bar.signs().endsDouble()
                || next.section() != null
                || !next.key().equals(bar.key());
        return wanted && !next.startsRepeat();
    }

    private static Barline line(RightLeftMiddle where, BarStyle style) {
        Barline line = new Barline();
        line.setLocation(where);
        if (style != null) {
            BarStyleColor bar = new BarStyleColor();
            bar.setValue(style);
            line.setBarStyle(bar);
        }
        return line;
    }

    private static Ending ending(String numbers, StartStopDiscontinue type) {
        Ending ending = new Ending();
        ending.setNumber(numbers);
        ending.setType(type);
        return ending;
    }

    private static Repeat repeat(BackwardForward direction, int times) {
        Repeat repeat = new Repeat();
        repeat.setDirection(direction);
        if (times > 2) {
            repeat.setTimes(BigInteger.valueOf(times));
        }
        return repeat;
    }
}
