package com.zestythumb.core.arrangement;

import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.BarFilling;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Member;
import com.zestythumb.core.voicing.Tone;
import java.util.ArrayList;
import java.util.List;

/**
 * A left hand in three passes: its bass alone, its chords held, and as it is written; cut from the same notes, with the same
 * fingers (common practice).
 */
public final class Passes {

    /**
     * One of them.
     *
     * @param sheet the tune with that left hand, written
     */
    public record Pass(String name, LeadSheet sheet) {}

    private Passes() {}

    /** The passes that are plainer than the hand itself, the plainest first. O(notes). */
    public static List<Pass> of(Arrangement tune) {
        return List.of(new Pass("The bass alone", cut(tune, true)), new Pass("The chords, held", cut(tune, false)));
    }

    private static LeadSheet cut(Arrangement tune, boolean bass) {
        return tune.sheet().mapBars(bar -> {
            List<SheetNote> voice = new ArrayList<>();
            for (ArrangedChord chord : tune.chords()) {
                boolean here =
                        chord.event().bar() == bar.index() && !chord.voicing().isSilent();
                if (here && bass) {
                    add(chord, 0, 1, chord.event().start(), chord.event().duration(), voice);
                } else if (here) {
                    addHeld(chord, bar, voice);
                }
            }
            return bar.withLeft(List.of(BarFilling.withRests(voice, bar.length())));
        });
    }

    /** A chord that lies under the hand at once, or its first grip for a beat and then its last. */
    private static void addHeld(ArrangedChord chord, Bar bar, List<SheetNote> voice) {
        List<Grip> grips = chord.voicing().grips();
        Fraction start = chord.event().start();
        Fraction all = chord.event().duration();
        int last = grips.size() - 1;
        Fraction first =
                last == 0 ? all : all.dividedBy(Fraction.of(2)).min(bar.meter().beatLength());
        add(chord, 0, grips.get(0).tones().size(), start, first, voice);
        if (last > 0) {
            add(chord, last, grips.get(last).tones().size(), start.plus(first), all.minus(first), voice);
        }
    }

    private static void add(
            ArrangedChord chord, int grip, int notes, Fraction onset, Fraction lasts, List<SheetNote> voice) {
        List<Tone> tones = chord.voicing().grips().get(grip).tones();
        boolean none = tones.stream().allMatch(tone -> tone.member() == Member.FOREIGN);
        for (int i = 0; i < notes; i++) {
            // What passes by is no note of the chord.
            if (notes == 1 || none || tones.get(i).member() != Member.FOREIGN) {
                voice.add(new SheetNote(tones.get(i).pitch(), onset, lasts)
                        .withFinger(chord.fingers().get(grip).get(i)));
            }
        }
    }
}
