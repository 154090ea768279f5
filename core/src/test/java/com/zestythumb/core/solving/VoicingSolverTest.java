package com.zestythumb.core.solving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.LongRun;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Transitions;
import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.ChordTone;
import com.zestythumb.core.voicing.Distance;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Inversions;
import com.zestythumb.core.voicing.Place;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.TransitionTerm;
import com.zestythumb.core.voicing.TransitionTerms;
import com.zestythumb.core.voicing.Voicing;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VoicingSolverTest {

    private static List<Chord> chords(String symbols) {
        return Arrays.stream(symbols.split(" ")).map(Chord::parse).toList();
    }

    private static VoicingTask task(List<Chord> chords, Inversions inversions, Hand hand) {
        return VoicingTask.of(chords, StyleChoice.close(inversions), hand);
    }

    private static List<Voicing> close(Chord chord, Inversions inversions) {
        return StyleChoice.close(inversions).candidates(chord, Hand.OCTAVE, 5);
    }

    private static List<Solved> solve(String symbols, Inversions inversions, Hand hand) {
        return VoicingSolver.solve(task(chords(symbols), inversions, hand));
    }

    private static String voicings(List<Solved> solved) {
        return solved.stream().map(s -> s.voicing().toString()).collect(Collectors.joining(" | "));
    }

    private static int total(List<Solved> solved) {
        return solved.stream().mapToInt(s -> s.cost().total()).sum();
    }

    /** The first lesson in leading: to F it is C–F–A, to G it is B–D–G (common practice). */
    @Test
    void leadsThePrimaryChordsAsEveryPrimerDoes() {
        assertThat(voicings(solve("C F C G C", Inversions.NEAREST, Hand.OCTAVE)))
                .isEqualTo("C3 E3 G3 | C3 F3 A3 | C3 E3 G3 | B2 D3 G3 | C3 E3 G3");
    }

    @Test
    void statesItsCostInSemitonesMoved() {
        assertThat(solve("C F C G C", Inversions.NEAREST, Hand.OCTAVE))
                .extracting(s -> s.cost().semitones())
                .containsExactly(0, 3, 3, 3, 3);
    }

    /** Against trying every row of voicings, penalties included. */
    @Test
    void isAsCheapAsTheBestOfAllRows() {
        Random random = new Random(5);
        Quality[] qualities = Quality.common().toArray(Quality[]::new);
        String[] roots = "C Db D Eb E F F# G Ab A Bb B".split(" ");
        for (int round = 0; round < 8; round++) {
            List<Chord> tune = random.ints(3, 0, roots.length * qualities.length)
                    .mapToObj(i -> Chord.of(PitchClass.parse(roots[i % 12]), qualities[i / 12]))
                    .toList();
            Hand hand = Hand.ofSpan(8 + random.nextInt(6));
            List<List<Voicing>> layers = Candidates.of(task(tune, Inversions.NEAREST, hand));
            int best = Integer.MAX_VALUE;
            for (Voicing first : layers.get(0)) {
                for (Voicing second : layers.get(1)) {
                    for (Voicing third : layers.get(2)) {
                        // Pinning every chord leaves nothing to choose: the cost of just this row.
                        Map<Integer, Voicing> row = Map.of(0, first, 1, second, 2, third);
                        best = Math.min(
                                best,
                                total(VoicingSolver.solve(
                                        task(tune, Inversions.NEAREST, hand).withPins(row))));
                    }
                }
            }
            assertThat(total(VoicingSolver.solve(task(tune, Inversions.NEAREST, hand))))
                    .as(tune.toString())
                    .isEqualTo(best);
        }
    }

    /** Lines that are voiced alike: against every row of four different chords, each chord and each way counted as often as it comes. */
    @Test
    void likeLinesAreAsCheapAsTheBestOfAllRowsThatAreAlike() {
        Random random = new Random(11);
        List<Quality> qualities = Quality.common().subList(0, 12);
        String[] roots = "C Db D Eb E F F# G Ab A Bb B".split(" ");
        List<Integer> alike = List.of(0, 1, 2, 0, 1, 2, 0, 1, 2, 9);
        for (int round = 0; round < 20; round++) {
            List<Chord> different = random.ints(4, 0, roots.length * qualities.size())
                    .mapToObj(i -> Chord.of(PitchClass.parse(roots[i % 12]), qualities.get(i / 12)))
                    .toList();
            List<Chord> tune =
                    alike.stream().map(i -> different.get(Math.min(i, 3))).toList();
            VoicingTask plain = task(tune, Inversions.NEAREST, NARROW);
            VoicingTask task = new VoicingTask(
                    tune,
                    plain.transitions(),
                    plain.styles(),
                    NARROW,
                    plain.mostNotes(),
                    plain.school(),
                    plain.seconds(),
                    plain.weights(),
                    plain.around(),
                    Set.of(),
                    Map.of(),
                    Map.of(),
                    Map.of(),
                    alike);
            List<List<Voicing>> layers = Candidates.of(task(different, Inversions.NEAREST, NARROW));
            int best = Integer.MAX_VALUE;
            for (Voicing first : layers.get(0)) {
                for (Voicing second : layers.get(1)) {
                    for (Voicing third : layers.get(2)) {
                        for (Voicing last : layers.get(3)) {
                            List<Voicing> four = List.of(first, second, third, last);
                            List<Voicing> row = alike.stream()
                                    .map(i -> four.get(Math.min(i, 3)))
                                    .toList();
                            best = Math.min(best, sum(task, row));
                        }
                    }
                }
            }
            List<Voicing> found =
                    VoicingSolver.solve(task).stream().map(Solved::voicing).toList();
            assertThat(sum(task, found)).as(different.toString()).isEqualTo(best);
        }
    }

    private static int sum(VoicingTask task, List<Voicing> row) {
        return Prices.byTerm(task, row).values().stream()
                .mapToInt(Integer::intValue)
                .sum();
    }

    /** Two octaves, so that trying everything is quick. */
    private static final Hand NARROW = new Hand(12, Pitch.parse("E2"), Pitch.parse("E4"));

    /** Against trying every row of voicings, each way from chord to chord that is played counted once. */
    @Test
    void isAsCheapAsTheBestOfAllRowsWithRepeatsEndingsAndJumps() {
        Random random = new Random(7);
        List<String> forms = List.of(
                "|: %s | %s :| %s |",
                "|: %s | %s |1 %s :|2 %s |",
                "| %s | %s {fine} | %s | %s {D.C. al Fine} |",
                "| %s | {segno} %s | %s {to coda} | %s {D.S. al Coda} | {coda} %s |",
                "|: %s |1,2 %s :|3 %s |: %s :|",
                "|: %s | %s :|: %s | %s :| %s {D.C.} |");
        String[] symbols = "C Dm Em F G Am Bdim Eb F#m Bb".split(" ");
        for (int round = 0; round < 300; round++) {
            Object[] drawn =
                    random.ints(5, 0, symbols.length).mapToObj(i -> symbols[i]).toArray();
            LeadSheet sheet = Chart.parse(forms.get(round % forms.size()).formatted(drawn));
            List<Chord> tune = sheet.events().stream().map(ChordEvent::chord).toList();
            Transitions transitions = Transitions.of(sheet);
            assertIsCheapest(task(tune, Inversions.NEAREST, NARROW).with(transitions), transitions);
        }
    }

    @Test
    void isAsCheapAsTheBestOfAllRowsInEveryStyle() {
        Random random = new Random(11);
        List<String> forms = List.of("| %s | %s | %s |", "|: %s | %s :| %s |", "|: %s |1 %s :|2 %s |");
        String[] symbols = "C Dm7 Em G7 Fmaj7 Am7 Bm7b5 Eb F#m Bb9 C/E Gsus4 D6 Adim7 E5".split(" ");
        List<VoicingStyle> styles = VoicingStyles.all();
        for (int round = 0; round < LongRun.of(171, 500); round++) {
            Object[] drawn =
                    random.ints(3, 0, symbols.length).mapToObj(i -> symbols[i]).toArray();
            LeadSheet sheet = Chart.parse(forms.get(round % forms.size()).formatted(drawn));
            List<Chord> tune = sheet.events().stream().map(ChordEvent::chord).toList();
            Transitions transitions = Transitions.of(sheet);
            StyleChoice style = new StyleChoice(styles.get(round % styles.size()), Map.of());
            Hand hand = Hand.ofSpan(8 + random.nextInt(9));
            assertIsCheapest(VoicingTask.of(tune, style, hand).with(transitions), transitions);
        }
    }

    private static void assertIsCheapest(VoicingTask task, Transitions transitions) {
        List<Voicing> solved =
                VoicingSolver.solve(task).stream().map(Solved::voicing).toList();
        Rows rows = new Rows(task, transitions);
        assertThat(rows.cost(solved)).as(solved.toString()).isEqualTo(rows.cheapest());
    }

    /** All rows of voicings of a tune, and what each costs. */
    private static final class Rows {
        private final VoicingTask task;
        private final Transitions transitions;
        private final List<List<Voicing>> layers;
        private final List<Map<Voicing, Integer>> charges = new ArrayList<>();

        Rows(VoicingTask task, Transitions transitions) {
            this.task = task;
            this.transitions = transitions;
            this.layers = Candidates.of(task);
            for (int i = 0; i < layers.size(); i++) {
                Map<Voicing, Integer> here = new HashMap<>();
                for (Voicing one : layers.get(i)) {
                    Place place = new Place(
                            task.hand(),
                            i == transitions.opening(),
                            i == transitions.closing() && transitions.next(i) < 0);
                    here.put(
                            one,
                            Stream.concat(task.style(i).style().terms().stream(), School.POPULAR.charges(true).stream())
                                    .mapToInt(term -> term.charge(one, place))
                                    .sum());
                }
                charges.add(here);
            }
        }

        int cost(List<Voicing> row) {
            int cost = 0;
            for (int i = 0; i < row.size(); i++) {
                cost += charges.get(i).get(row.get(i));
            }
            for (Transitions.Transition pair : transitions.pairs()) {
                Voicing from = row.get(pair.from());
                Voicing to = row.get(pair.to());
                // Each hand moves by itself.
                cost += Distance.between(from.last().midiKeys(), to.first().midiKeys())
                        + Distance.between(keys(from.right()), keys(to.right()));
                List<TransitionTerm> terms = new ArrayList<>(TransitionTerms.ALL);
                terms.remove(TransitionTerm.MOTION);
                terms.addAll(task.style(pair.to()).style().ways());
                for (TransitionTerm term : terms) {
                    cost += term.weight() * term.count().of(row.get(pair.from()), row.get(pair.to()), task.hand());
                }
            }
            return cost;
        }

        private static int[] keys(List<Grip> right) {
            return right.stream()
                    .flatMapToInt(grip -> Arrays.stream(grip.midiKeys()))
                    .toArray();
        }

        int cheapest() {
            int best = Integer.MAX_VALUE;
            int[] choice = new int[layers.size()];
            for (int at = 0; at < choice.length; ) {
                List<Voicing> row = new ArrayList<>();
                for (int i = 0; i < choice.length; i++) {
                    row.add(layers.get(i).get(choice[i]));
                }
                best = Math.min(best, cost(row));
                for (at = 0;
                        at < choice.length && ++choice[at] == layers.get(at).size();
                        at++) {
                    choice[at] = 0;
                }
            }
            return best;
        }
    }

    @Test
    void staysWithinTheHandWhereverItCan() {
        for (int span = 6; span <= 14; span++) {
            Hand hand = Hand.ofSpan(span);
            for (Solved s : solve("Cmaj7 Am7 Dm9 G7 Ebdim7 Bm7b5 F6 C", Inversions.NEAREST, hand)) {
                int narrowest = StyleChoice.close(Inversions.NEAREST)
                        .candidates(s.voicing().chord(), hand, 5)
                        .stream()
                        .mapToInt(Voicing::width)
                        .min()
                        .orElseThrow();
                assertThat(s.voicing().width())
                        .as(span + ": " + s.voicing())
                        .isLessThanOrEqualTo(Math.max(span >= 8 ? Math.max(span, 9) : span, narrowest));
            }
        }
    }

    @Test
    void keepsToTheInversionAskedFor() {
        assertThat(solve("C F G7 Am", Inversions.ROOT_POSITION, Hand.OCTAVE))
                .allMatch(s -> s.voicing().bassMember() == ChordTone.ROOT);
        assertThat(solve("C F G7 Am", Inversions.FIRST_INVERSION, Hand.OCTAVE))
                .allMatch(s -> s.voicing().bassMember() == ChordTone.THIRD);
        assertThat(solve("C F G7 Am", Inversions.SECOND_INVERSION, Hand.OCTAVE))
                .allMatch(s -> s.voicing().bassMember() == ChordTone.FIFTH);
    }

    /**
     * Common practice: the third makes a first inversion and the fifth a second; suspensions and open fifths have no
     * first, and a sixth chord turned over would be the seventh chord on its sixth.
     */
    @ParameterizedTest
    @CsvSource({
        "FIRST_INVERSION, C5, C", "FIRST_INVERSION, Csus4, C", "FIRST_INVERSION, Csus2, C", "FIRST_INVERSION, C7, E",
        "SECOND_INVERSION, Csus4, G", "SECOND_INVERSION, C5, C", "SECOND_INVERSION, Bdim, F", "FIRST_INVERSION, C6, E"
    })
    void putsTheMemberLowestThatMakesTheInversion(Inversions inversions, String symbol, String bass) {
        assertThat(solve(symbol, inversions, Hand.OCTAVE)
                        .get(0)
                        .voicing()
                        .first()
                        .lowest()
                        .pitchClass())
                .isEqualTo(PitchClass.parse(bass));
    }

    @Test
    void keepsSixthsAndOpenFifthsOnTheirRoots() {
        assertThat(solve("Am7 C6 Dm6 E5 A5 Dm7 F6", Inversions.NEAREST, Hand.OCTAVE))
                .filteredOn(one -> one.voicing().chord().quality().numbered(7) == null)
                .allMatch(one -> one.voicing().bassMember() == ChordTone.ROOT);
    }

    @ParameterizedTest
    @CsvSource({"C/E,E", "G7/F,F", "Am/G,G", "C/D,D", "F#m7b5/C,C"})
    void putsTheSlashBassLowestWhateverTheWay(String symbol, String bass) {
        for (Inversions inversions : Inversions.values()) {
            Voicing voicing = solve(symbol, inversions, Hand.OCTAVE).get(0).voicing();
            assertThat(voicing.soundingBass()).isEqualTo(PitchClass.parse(bass));
            assertThat(voicing.pitches())
                    .extracting(Pitch::pitchClass)
                    .contains(Chord.parse(symbol).root());
        }
    }

    @Test
    void dropsTheFifthFirstAndNeverTheThirdOrTheSeventh() {
        Voicing small = VoicingSolver.solve(
                        task(chords("G7"), Inversions.NEAREST, Hand.OCTAVE).withMostNotes(3))
                .get(0)
                .voicing();
        assertThat(small.pitches()).extracting(n -> n.pitchClass().toString()).containsExactlyInAnyOrder("G", "B", "F");
        assertThat(small.has(ChordTone.FIFTH)).isFalse();
        Voicing dim = VoicingSolver.solve(
                        task(chords("Bdim7"), Inversions.NEAREST, Hand.OCTAVE).withMostNotes(3))
                .get(0)
                .voicing();
        assertThat(dim.pitches()).hasSize(4);
    }

    @Test
    void neverWantsASixthFinger() {
        for (Quality quality : Quality.common()) {
            assertThat(solve("F#" + quality.suffix() + "/D", Inversions.NEAREST, Hand.OCTAVE)
                            .get(0)
                            .voicing()
                            .pitches())
                    .hasSizeBetween(3, 5);
        }
    }

    @Test
    void goesThroughWhatTheTeacherPinned() {
        Voicing pin =
                Voicing.inOneGrip(Chord.parse("F"), List.of(Pitch.parse("F3"), Pitch.parse("A3"), Pitch.parse("C4")));
        List<Solved> solved = VoicingSolver.solve(
                task(chords("C F C"), Inversions.NEAREST, Hand.OCTAVE).withPins(Map.of(1, pin)));
        assertThat(solved.get(1).voicing()).isEqualTo(pin);
        assertThat(solved.get(1).pinned()).isTrue();
        assertThat(total(solved)).isGreaterThanOrEqualTo(total(solve("C F C", Inversions.NEAREST, Hand.OCTAVE)));
    }

    @Test
    void pricesAnAlternativeByTheWholeTune() {
        String symbols = "C Am F G7 C";
        List<Solved> free = solve(symbols, Inversions.NEAREST, Hand.OCTAVE);
        for (int i = 0; i < free.size(); i++) {
            for (VoicingSolver.Alternative other : free.get(i).alternatives()) {
                Map<Integer, Voicing> pins = Map.of(i, other.voicing());
                int dearer = total(VoicingSolver.solve(
                        task(chords(symbols), Inversions.NEAREST, Hand.OCTAVE).withPins(pins)));
                assertThat(other.price()).isEqualTo(dearer - total(free));
            }
        }
    }

    /** A triad in close position is every other finger on every other key: the scale of triads in C. */
    @ParameterizedTest
    @CsvSource({"C,C E G", "Dm,D F A", "Em,E G B", "F,F A C", "G,G B D", "Am,A C E", "Bdim,B D F"})
    void stacksTheTriadsOfTheScaleInThirds(String symbol, String tones) {
        List<Voicing> all = close(Chord.parse(symbol), Inversions.ROOT_POSITION);
        assertThat(all).isNotEmpty().allSatisfy(v -> {
            assertThat(v.pitches().stream().map(n -> n.pitchClass().toString()).collect(Collectors.joining(" ")))
                    .isEqualTo(tones);
            for (int i = 1; i < 3; i++) {
                assertThat(v.pitches().get(i).staffStep()
                                - v.pitches().get(i - 1).staffStep())
                        .isEqualTo(2);
            }
        });
    }

    @Test
    void findsEveryCloseVoicingOfEveryChordOnceAndInRange() {
        for (Quality quality : Quality.common()) {
            Chord chord = Chord.of(PitchClass.parse("Eb"), quality);
            List<Voicing> all = close(chord, Inversions.NEAREST);
            assertThat(new HashSet<>(all)).hasSameSizeAs(all).isNotEmpty();
            assertThat(all).allSatisfy(v -> {
                assertThat(v.width()).isLessThan(12);
                assertThat(v.first().lowest().midi())
                        .isGreaterThanOrEqualTo(Hand.OCTAVE.lowest().midi());
                assertThat(v.last().highest().midi())
                        .isLessThanOrEqualTo(Hand.OCTAVE.highest().midi());
                // A double flat is spelled as it is read.
                assertThat(chord.tones().stream().map(PitchClass::simple))
                        .containsAll(v.pitches().stream().map(Pitch::pitchClass).toList());
            });
            boolean rootAlone = quality.numbered(6) != null || chord.tones().size() < 3;
            boolean coloured = chord.tones().stream()
                    .anyMatch(tone -> ChordTone.of(chord, tone).isColour());
            Set<ChordTone> basses = all.stream().map(Voicing::bassMember).collect(Collectors.toSet());
            // Ninths and above never lie lowest, nor what would bring three seconds in a row.
            assertThat(basses).isNotEmpty().noneMatch(ChordTone::isColour);
            // Five notes over their root lie under few hands; the ear, or another player, has it then.
            assertThat(basses.contains(ChordTone.ROOT) || chord.tones().size() > 4)
                    .isTrue();
            assertThat(basses.size())
                    .isLessThanOrEqualTo(
                            rootAlone && chord.tones().size() < 5
                                    ? 1
                                    : chord.tones().size())
                    .isGreaterThanOrEqualTo(rootAlone || chord.tones().size() > 3 ? 1 : 3);
        }
    }

    @ParameterizedTest
    @CsvSource({"4,E2,E4,spans 5", "20,E2,E4,spans 5", "12,E2,D3,less than an octave", "12,C0,E4,from A0 to C8"})
    void refusesHandsThatCannotBe(int span, String lowest, String highest, String reason) {
        assertThatThrownBy(() -> new Hand(span, Pitch.parse(lowest), Pitch.parse(highest)))
                .hasMessageContaining(reason);
    }
}
