package com.zestythumb.core.arrangement;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import java.util.ArrayList;
import java.util.List;

/**
 * The foot is down for a while, within one bar.
 *
 * @param bar index of the written bar, from 0
 * @param down quarter notes after the bar line at which the chord is that the pedal is for; the foot itself goes down
 *     {@link #delay} later
 * @param up when it comes up
 * @param delay quarter notes
 */
public record PedalSpan(int bar, Fraction down, Fraction up, Fraction delay) {

    private static final Fraction EIGHTH = Fraction.of(1, 2);

    /** A foot that follows the hand: so little later that nothing of the chord before is caught. */
    private static final Fraction JUST_AFTER = Fraction.of(1, 8);

    /**
     * When the foot is down in a tune, in the written order: with every chord and every bar anew where it is joined, once in
     * a bar where it is separated (common practice). O(chords).
     */
    public static List<PedalSpan> of(Arrangement arrangement) {
        return switch (arrangement.choices().playing().pedal()) {
            case NONE -> List.of();
            case JOINED -> joined(arrangement);
            case SEPARATED -> separated(arrangement);
        };
    }

    private static List<PedalSpan> joined(Arrangement arrangement) {
        List<PedalSpan> spans = new ArrayList<>();
        for (ArrangedChord chord : arrangement.chords()) {
            ChordEvent event = chord.event();
            Fraction delay = JUST_AFTER.min(event.duration().dividedBy(Fraction.of(2)));
            spans.add(new PedalSpan(event.bar(), event.start(), event.end(), delay));
        }
        return spans;
    }

    private static List<PedalSpan> separated(Arrangement arrangement) {
        List<PedalSpan> spans = new ArrayList<>();
        for (Bar bar : arrangement.sheet().bars()) {
            List<ChordEvent> here =
                    bar.events().stream().filter(event -> !event.isSilent()).toList();
            if (!here.isEmpty()) {
                Fraction down = here.get(0).start();
                Fraction end = here.get(here.size() - 1).end();
                Fraction half = end.minus(down).dividedBy(Fraction.of(2));
                spans.add(new PedalSpan(bar.index(), down, end.minus(EIGHTH.min(half)), Fraction.ZERO));
            }
        }
        return spans;
    }
}
