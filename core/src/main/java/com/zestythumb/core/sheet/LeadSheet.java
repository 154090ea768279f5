package com.zestythumb.core.sheet;

import com.zestythumb.core.pitch.Key;
import java.util.ArrayList;
import java.util.List;

/**
 * A tune as its chart gives it.
 *
 * @param title what stands at the top
 * @param key the stated key
 * @param meter the meter
 * @param tempo felt beats per minute
 * @param bars the bars as written, repeats not unfolded
 */
public record LeadSheet(String title, Key key, Meter meter, int tempo, List<Bar> bars) {

    public LeadSheet {
        bars = List.copyOf(bars);
    }

    /** Every chord event in the written order. */
    public List<ChordEvent> events() {
        return bars.stream().flatMap(bar -> bar.events().stream()).toList();
    }

    /** Indices of the written bars in the order in which they are played, repeats unfolded. */
    public List<Integer> playingOrder() {
        List<Integer> order = new ArrayList<>();
        int from = 0;
        for (Bar bar : bars) {
            if (bar.startsRepeat()) {
                from = bar.index();
            }
            order.add(bar.index());
            for (int pass = 1; pass < bar.timesPlayed(); pass++) {
                for (int i = from; i <= bar.index(); i++) {
                    order.add(i);
                }
            }
            if (bar.endsRepeat()) {
                from = bar.index() + 1;
            }
        }
        return order;
    }

    /** Seconds a quarter note lasts. */
    public double secondsPerQuarter() {
        return 60.0 / (tempo * meter.beatLength().toDouble());
    }
}
