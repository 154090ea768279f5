package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.AnalysedSheet;
import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.KeptVoicing;
import com.zestythumb.core.sheet.Transitions.Transition;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The bars around a chord with their hands as they are, in which a change of that chord is soon tried. The bars keep their places, and
 * what the app lays in them stays as it is.
 *
 * @param tune with nothing in the other bars
 * @param chord the one that it is around, by its own count
 */
record Excerpt(Arrangement tune, int chord) {

    /** So many chords to either side tell nearly all that a voice does there: how it leaps, and how it recovers. */
    static final int AROUND = 2;

    static Excerpt around(Arrangement whole, int chord) {
        IntStream.Builder near = IntStream.builder();
        for (Transition pair : whole.transitions().pairs()) {
            if (pair.from() == chord) {
                near.add(pair.to());
            } else if (pair.to() == chord) {
                near.add(pair.from());
            }
        }
        int last = whole.chords().size() - 1;
        int[] bars = IntStream.concat(
                        near.build(),
                        IntStream.rangeClosed(Math.max(0, chord - AROUND), Math.min(last, chord + AROUND)))
                .map(one -> whole.chords().get(one).event().bar())
                .sorted()
                .toArray();
        int from = bars[0];
        int to = bars[bars.length - 1] + 1;
        List<ArrangedChord> inside = whole.chords().stream()
                .filter(one -> one.event().bar() >= from && one.event().bar() < to)
                .toList();
        List<KeptVoicing> pins = new ArrayList<>(whole.choices().pins());
        for (ArrangedChord one : inside) {
            if (!one.isWritten() && pins.stream().noneMatch(pin -> pin.stands(one.event()))) {
                pins.add(new KeptVoicing(
                        one.event().bar(), one.event().start(), one.voicing().pitches()));
            }
        }
        Arrangement tune = new AnalysedSheet(whole.sheet(), whole.analysis(), whole.transitions())
                .between(from, to)
                .arranged(whole.choices().withPins(pins));
        return new Excerpt(tune, chord - inside.get(0).index());
    }
}
