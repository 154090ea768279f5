package com.zestythumb.core.solving;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.CostTerm;
import com.zestythumb.core.voicing.Distance;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Inversions;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.Voicing;
import com.zestythumb.core.voicing.VoicingStyle;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Styles that are not one close grip go through the solver as they are. */
class StylesInTheSolverTest {

    /** A bass and then a triad above it, as in a stride (common practice). */
    private static final class BassThenChord implements VoicingStyle {

        private static final CostTerm LEAP_WITHIN = new CostTerm(
                "leap-within",
                "from the bass to the chord",
                "half steps",
                1,
                (voicing, place) -> voicing.last().lowest().midi()
                        - voicing.first().highest().midi());

        @Override
        public Label label() {
            return new Label("bass-then-chord", "Bass, then chord", "a leap from bass to chord", 4);
        }

        @Override
        public List<Voicing> candidates(Chord chord, Wishes wishes) {
            List<Voicing> found = new ArrayList<>();
            for (int octave = 2; octave <= 3; octave++) {
                Pitch bass = new Pitch(chord.root(), octave);
                for (Voicing close : StyleChoice.close(Inversions.NEAREST).candidates(chord, wishes.hand(), 3)) {
                    if (close.first().lowest().midi() > bass.midi()) {
                        found.add(new Voicing(
                                chord, chord.root(), List.of(Grip.of(chord, List.of(bass)), close.first())));
                    }
                }
            }
            return found;
        }

        @Override
        public List<CostTerm> terms() {
            return List.of(LEAP_WITHIN);
        }
    }

    private static List<Chord> chords(String symbols) {
        return Arrays.stream(symbols.split(" ")).map(Chord::parse).toList();
    }

    private static int total(List<Solved> solved) {
        return solved.stream().mapToInt(one -> one.cost().total()).sum();
    }

    @Test
    void layAVoicingOfTwoGripsAsCheaplyAsTheBestOfAllRows() {
        VoicingTask task =
                VoicingTask.of(chords("C F G"), new StyleChoice(new BassThenChord(), Map.of()), Hand.ofSpan(9));
        List<Solved> solved = VoicingSolver.solve(task);
        assertThat(solved).allMatch(one -> one.voicing().grips().size() == 2);
        assertThat(solved).allMatch(one -> one.voicing().width() <= 9);
        List<List<Voicing>> layers = Candidates.of(task);
        int best = Integer.MAX_VALUE;
        for (Voicing a : layers.get(0)) {
            for (Voicing b : layers.get(1)) {
                for (Voicing c : layers.get(2)) {
                    best = Math.min(best, cost(a) + way(a, b) + cost(b) + way(b, c) + cost(c));
                }
            }
        }
        assertThat(total(solved)).isEqualTo(best);
        assertThat(solved.get(1).cost().charges()).extracting(Cost.Charge::id).containsExactly("leap-within");
    }

    private static int cost(Voicing voicing) {
        int leap = voicing.last().lowest().midi() - voicing.first().highest().midi();
        return leap + 100 * Math.max(0, voicing.width() - 9);
    }

    /** From the chord above to the next bass. */
    private static int way(Voicing from, Voicing to) {
        return Distance.between(from.last().midiKeys(), to.first().midiKeys());
    }

    /** C to D minor in root positions: the textbook case (any textbook of harmony). */
    @Test
    void goAroundParallelsWhereTheSchoolFlagsThem() {
        VoicingTask popular = VoicingTask.of(chords("C Dm C"), StyleChoice.close(Inversions.NEAREST), Hand.OCTAVE);
        VoicingTask classical = popular.with(School.CLASSICAL);
        assertThat(VoicingSolver.solve(popular))
                .extracting(one -> one.voicing().toString())
                .containsExactly("C3 E3 G3", "D3 F3 A3", "C3 E3 G3");
        List<Solved> strict = VoicingSolver.solve(classical);
        assertThat(strict.get(1).voicing())
                .isNotEqualTo(VoicingSolver.solve(popular).get(1).voicing());
        assertThat(strict)
                .flatExtracting(one -> one.cost().charges())
                .extracting(Cost.Charge::id)
                .doesNotContain("parallels");
        assertThat(total(strict)).isGreaterThan(total(VoicingSolver.solve(popular)));
    }

    /** Where every way has parallels, the least of them is taken and its charge told. */
    @Test
    void tellWhatTheSchoolCharges() {
        VoicingTask roots = VoicingTask.of(chords("C Dm"), StyleChoice.close(Inversions.ROOT_POSITION), Hand.OCTAVE)
                .with(School.CLASSICAL);
        assertThat(VoicingSolver.solve(roots).get(1).cost().charges()).contains(new Cost.Charge("parallels", 1, 100));
    }

    @Test
    void priceAnAlternativeByTheSchoolToo() {
        VoicingTask task = VoicingTask.of(chords("C Dm Em F"), StyleChoice.close(Inversions.NEAREST), Hand.OCTAVE)
                .with(School.CLASSICAL);
        List<Solved> free = VoicingSolver.solve(task);
        for (int i = 0; i < free.size(); i++) {
            for (VoicingSolver.Alternative other : free.get(i).alternatives()) {
                int dearer = total(VoicingSolver.solve(task.withPins(Map.of(i, other.voicing()))));
                assertThat(other.price()).isEqualTo(dearer - total(free));
            }
        }
    }

    @Test
    void aRestingHandCostsNothing() {
        Chord c = Chord.parse("C");
        assertThat(TransitionCosts.semitones(Voicing.silent(c), Voicing.inOneGrip(c, List.of(Pitch.parse("C3")))))
                .isZero();
        assertThat(Voicing.silent(c).soundingBass()).isEqualTo(PitchClass.parse("C"));
    }
}
