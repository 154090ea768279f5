package com.zestythumb.core.sheet;

import java.util.List;
import java.util.Set;

/**
 * The repeat signs of a bar.
 *
 * @param startsRepeat whether a repeat sign stands at its left
 * @param timesPlayed how often the repeat that ends here is played in all; 1 where none ends
 * @param ending the times for which the numbered ending that begins here is played; empty for none
 * @param marks segno, coda, fine and words that jump
 * @param endsDouble whether somebody wrote a double line at its right
 */
public record BarSigns(
        boolean startsRepeat, int timesPlayed, List<Integer> ending, Set<Mark> marks, boolean endsDouble) {

    public static final BarSigns NONE = new BarSigns(false, 1, List.of(), Set.of(), false);

    public BarSigns {
        ending = List.copyOf(ending);
        marks = Set.copyOf(marks);
    }

    public boolean endsRepeat() {
        return timesPlayed > 1;
    }

    BarSigns played(int times) {
        return new BarSigns(startsRepeat, times, ending, marks, endsDouble);
    }
}
