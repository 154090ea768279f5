package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.AnalysedSheet;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.KeptVoicing;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A fix that is tried.
 *
 * @param what what is done, the notes as a hole: {@code "leave out %s"}
 * @param notes the notes it is done to
 * @param pin the chord as it is then kept; null where somebody wrote it
 * @param bars the bars as they are then written; none where nobody wrote the chord
 * @param order what is tried rather: 0 a voice on another note, then two of them, then what loses a note
 * @param lost tones of the chord that are no longer there
 * @param distance half steps by which notes move, and what speaks against it in the same measure
 */
record Candidate(String what, List<Pitch> notes, KeptVoicing pin, List<Bar> bars, int order, int lost, int distance) {

    /** What is tried later is so much dearer. */
    static final int ORDER = 30;

    /** What a tone of the chord is worth that goes missing. */
    private static final int LOST = 8;

    /** What it costs before it is tried, in half steps. */
    int price() {
        return ORDER * order + LOST * lost + distance;
    }

    /** A tune with it. */
    Arrangement in(Arrangement tune) {
        if (pin != null) {
            return tune.with(with(pin, tune.choices()));
        }
        Map<Integer, Bar> changed = new HashMap<>();
        bars.forEach(bar -> changed.put(bar.index(), bar));
        return new AnalysedSheet(
                        tune.sheet().mapBars(bar -> changed.getOrDefault(bar.index(), bar)),
                        tune.analysis(),
                        tune.transitions())
                .arranged(tune.choices());
    }

    private static Choices with(KeptVoicing pin, Choices choices) {
        List<KeptVoicing> pins = new ArrayList<>(choices.pins().stream()
                .filter(other -> other.bar() != pin.bar() || !other.start().equals(pin.start()))
                .toList());
        pins.add(pin);
        return choices.withPins(pins);
    }
}
