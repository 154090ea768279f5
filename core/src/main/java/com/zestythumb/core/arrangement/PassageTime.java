package com.zestythumb.core.arrangement;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;

/** How long the hand has from one key to another. */
public final class PassageTime {

    private PassageTime() {}

    /**
     * Seconds from one place to another.
     *
     * @param last quarter notes after the bar line of {@code fromBar}
     * @param first the same of {@code toBar}; below 0 where a pushed chord comes before it
     * @param onward whether the bars between are played; else the two meet at their bar lines, as at a repeat
     */
    public static double seconds(
            LeadSheet sheet, int fromBar, Fraction last, int toBar, Fraction first, boolean onward) {
        Fraction time = first.minus(last);
        if (!onward) {
            time = time.plus(sheet.bars().get(fromBar).length());
        }
        for (int bar = fromBar; onward && bar < toBar; bar++) {
            time = time.plus(sheet.bars().get(bar).length());
        }
        return time.toDouble() * sheet.secondsPerQuarter();
    }
}
