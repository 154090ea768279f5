package com.zestythumb.core.sheet;

import java.util.List;

/**
 * One written bar.
 *
 * @param index place in the written order, from 0
 * @param section name of the section that begins here, or null
 * @param events what sounds in it, in order, filling the bar
 * @param startsRepeat whether a repeat sign stands at its left
 * @param timesPlayed how often the repeat that ends here is played in all; 1 where none ends
 * @param text where it stands in the chart
 */
public record Bar(
        int index, String section, List<ChordEvent> events, boolean startsRepeat, int timesPlayed, TextSpan text) {

    public Bar {
        events = List.copyOf(events);
    }

    Bar played(int times) {
        return new Bar(index, section, events, startsRepeat, times, text);
    }

    public boolean endsRepeat() {
        return timesPlayed > 1;
    }
}
