package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import java.util.ArrayList;
import java.util.List;

/**
 * A close chord and the same an octave higher, to roll over two octaves: the hand goes on where it passed the thumb, or the
 * other hand takes over in the same inversion.
 */
final class TwoOctavesStyle extends NamedStyle {

    private static final int TRIAD = 3;

    /** Where the upper octave would lie on the tune the chord alone is better, else it is missed. */
    private static final CostTerm ONE_OCTAVE = new CostTerm(
            "one-octave",
            "the upper octave left out",
            "chords",
            40,
            (voicing, place) -> voicing.bothHands().size() < 2 ? 1 : 0);

    private static final List<CostTerm> TERMS = List.of(CostTerms.OPENING, CostTerms.CLOSING, ONE_OCTAVE);

    private final boolean passed;

    /**
     * A style.
     *
     * @param passed whether the right hand takes the upper octave
     */
    TwoOctavesStyle(Label label, boolean passed) {
        super(label, TERMS);
        this.passed = passed;
    }

    /** The right hand has its share of the chord. */
    @Override
    public boolean leavesTune() {
        return passed;
    }

    @Override
    public List<Voicing> candidates(Chord chord, Wishes wishes) {
        List<Voicing> close = StyleChoice.close(Inversions.NEAREST).candidates(chord, wishes.hand(), TRIAD);
        List<Voicing> found = new ArrayList<>();
        for (Voicing low : close) {
            List<Pitch> up = low.pitches().stream()
                    .map(pitch -> new Pitch(pitch.pitchClass(), pitch.octave() + 1))
                    .toList();
            Grip above = Grip.of(chord, up);
            if (passed) {
                found.add(new Voicing(chord, low.soundingBass(), low.grips(), List.of(above)));
            } else if (above.highest().midi() <= wishes.hand().highest().midi()) {
                found.add(new Voicing(chord, low.soundingBass(), List.of(low.first(), above)));
            }
        }
        if (!passed) {
            found.addAll(close);
        }
        return found;
    }
}
