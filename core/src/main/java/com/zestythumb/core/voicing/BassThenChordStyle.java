package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import java.util.ArrayList;
import java.util.List;

/**
 * A bass note low down and the chord higher up, to which the hand leaps, as in waltz, march and stride (common
 * practice). The bass is the chord's own; above it lie three notes in any inversion, without the root where there are
 * enough others, for it sounds already.
 */
final class BassThenChordStyle implements VoicingStyle {

    private static final int FOURTH = 5;
    private static final int OCTAVE = 12;

    private static final VoicingStyle UPPER = new MemberStyle(
            "upper",
            "Upper notes",
            "what lies above a bass",
            1,
            "third fifth seventh, fifth seventh third, seventh third fifth",
            "root third fifth, third fifth root, fifth root third",
            "root fifth, fifth root",
            "root");

    private static final CostTerm LEAP_WITHIN = new CostTerm(
            "leap-within",
            "beyond an octave from the bass to the chord",
            "half steps",
            2,
            (voicing, place) -> voicing.grips().size() < 2
                    ? 0
                    : Math.max(
                            0,
                            voicing.last().lowest().midi()
                                    - voicing.first().highest().midi()
                                    - OCTAVE));

    private static final List<CostTerm> TERMS = List.of(CostTerms.STRETCH, CostTerms.MUD, LEAP_WITHIN);

    @Override
    public String id() {
        return "bass-then-chord";
    }

    @Override
    public String name() {
        return "Bass, then chord";
    }

    @Override
    public String words() {
        return "a low bass, then a leap to the chord";
    }

    @Override
    public int level() {
        return 4;
    }

    @Override
    public List<CostTerm> terms() {
        return TERMS;
    }

    @Override
    public List<Voicing> candidates(Chord chord, Wishes wishes) {
        Hand hand = wishes.hand();
        Chord above = new Chord(chord.root(), chord.quality(), chord.root(), chord.upper());
        List<Voicing> shapes = UPPER.candidates(above, wishes);
        Pitch lowest = Pitch.atOrAbove(chord.bass(), hand.lowest().midi());
        List<Voicing> found = over(chord, lowest, shapes, FOURTH);
        // Where the range ends soon above the bass the chord lies close to it, and with it where there is no room.
        if (found.isEmpty()) {
            found = over(chord, lowest, shapes, 1);
        }
        return found.isEmpty() ? StyleChoice.close(Inversions.NEAREST).candidates(chord, hand, 3) : found;
    }

    /** The shapes over the bass in its lowest octave and the next, so many half steps away or more. */
    private static List<Voicing> over(Chord chord, Pitch lowest, List<Voicing> shapes, int away) {
        List<Voicing> found = new ArrayList<>();
        for (int octave = 0; octave < 2; octave++) {
            Pitch bass = new Pitch(lowest.pitchClass(), lowest.octave() + octave);
            Grip below = Grip.of(chord, List.of(bass));
            shapes.stream()
                    .filter(shape -> shape.first().lowest().midi() >= bass.midi() + away)
                    .map(shape -> new Voicing(chord, chord.bass(), List.of(below, Grip.of(chord, shape.pitches()))))
                    .forEach(found::add);
        }
        return found;
    }
}
