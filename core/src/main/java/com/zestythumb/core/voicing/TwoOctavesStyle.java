package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import java.util.ArrayList;
import java.util.List;

/** A close chord and the same an octave higher, to roll over two octaves: the hand goes on where it passed the thumb. */
final class TwoOctavesStyle implements VoicingStyle {

    private static final int TRIAD = 3;

    private static final List<CostTerm> TERMS =
            List.of(CostTerms.STRETCH, CostTerms.MUD, CostTerms.OPENING, CostTerms.CLOSING);

    @Override
    public Label label() {
        return new Label("two-octaves", "Over two octaves", "the chord, and again an octave higher; best broken up", 4);
    }

    @Override
    public List<CostTerm> terms() {
        return TERMS;
    }

    @Override
    public List<Voicing> candidates(Chord chord, Wishes wishes) {
        List<Voicing> close = StyleChoice.close(Inversions.NEAREST).candidates(chord, wishes.hand(), TRIAD);
        List<Voicing> found = new ArrayList<>();
        for (Voicing low : close) {
            List<Pitch> up = low.pitches().stream()
                    .map(pitch -> new Pitch(pitch.pitchClass(), pitch.octave() + 1))
                    .toList();
            if (up.get(up.size() - 1).midi() <= wishes.hand().highest().midi()) {
                found.add(new Voicing(chord, low.soundingBass(), List.of(low.first(), Grip.of(chord, up))));
            }
        }
        return found.isEmpty() ? close : found;
    }
}
