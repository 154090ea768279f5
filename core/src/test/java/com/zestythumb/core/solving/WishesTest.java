package com.zestythumb.core.solving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Transitions;
import com.zestythumb.core.sheet.Transitions.Transition;
import com.zestythumb.core.solving.VoicingSolver.Solution;
import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.ChordContext;
import com.zestythumb.core.voicing.ChordTone;
import com.zestythumb.core.voicing.CostTerm;
import com.zestythumb.core.voicing.Distance;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Inversions;
import com.zestythumb.core.voicing.Place;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.TransitionTerm;
import com.zestythumb.core.voicing.TransitionTerms;
import com.zestythumb.core.voicing.TuneTerms;
import com.zestythumb.core.voicing.Voicing;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import com.zestythumb.core.voicing.Weights;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a teacher wishes of a left hand goes through the solver, each wish with its weight. */
class WishesTest {

    private static final StyleChoice CLOSE = StyleChoice.close(Inversions.NEAREST);

    private static List<Chord> chords(String symbols) {
        return Arrays.stream(symbols.split(" ")).map(Chord::parse).toList();
    }

    private static VoicingTask task(String symbols) {
        return VoicingTask.of(chords(symbols), CLOSE, Hand.OCTAVE);
    }

    private static List<String> voicings(VoicingTask task) {
        return VoicingSolver.solve(task).stream()
                .map(one -> one.voicing().toString())
                .toList();
    }

    private static int motion(List<Solved> solved) {
        return solved.stream().mapToInt(one -> one.cost().semitones()).sum();
    }

    private static ChordContext under(String... notes) {
        List<Pitch> tune = Arrays.stream(notes).map(Pitch::parse).toList();
        return new ChordContext(false, false, tune, tune, null, null, false, null);
    }

    /** Without any wish the fingers go the nearest way; on 200 tunes never farther than a hand that looks one chord ahead. */
    @Test
    void neverMovesMoreThanAGreedyHand() {
        Random random = new Random(23);
        String[] symbols = "C Dm Em F G Am Bdim Dm7 G7 Cmaj7 Fmaj7 Am7 Eb Bb F#m D A7 C/E".split(" ");
        long exact = 0;
        long greedy = 0;
        for (int round = 0; round < 200; round++) {
            StringBuilder tune = new StringBuilder();
            int length = 8 + random.nextInt(25);
            for (int i = 0; i < length; i++) {
                tune.append(symbols[random.nextInt(symbols.length)]).append(' ');
            }
            VoicingTask task = task(tune.toString().strip());
            for (CostTerm term : CHARGES) {
                task = task.with(task.weights().with(term.id(), term.id().equals("stretch") ? 100 : 0));
            }
            for (TransitionTerm term : TransitionTerms.ALL) {
                task = task.with(task.weights().with(term.id(), term == TransitionTerm.MOTION ? 1 : 0));
            }
            int best = motion(VoicingSolver.solve(task));
            int nearest = greedy(task);
            assertThat(best).as(tune.toString()).isLessThanOrEqualTo(nearest);
            exact += best;
            greedy += nearest;
        }
        // Saved over all tunes: told in the changelog, and by a wide margin.
        assertThat(exact * 100).isLessThan(greedy * 95);
        System.out.println("motion of 200 tunes: exact " + exact + ", greedy " + greedy);
    }

    /** The nearest next voicing within the hand, chord by chord, from each beginning that a free path might have. */
    private static int greedy(VoicingTask task) {
        List<List<Voicing>> layers = Candidates.of(task);
        Voicing at = VoicingSolver.solve(task).get(0).voicing();
        int sum = 0;
        for (int i = 1; i < layers.size(); i++) {
            Voicing from = at;
            at = layers.get(i).stream()
                    .filter(one -> one.width() <= task.hand().span())
                    .min(Comparator.comparingInt(one -> Distance.between(
                            from.first().midiKeys(), one.first().midiKeys())))
                    .orElseThrow();
            sum += Distance.between(from.first().midiKeys(), at.first().midiKeys());
        }
        return sum;
    }

    /** Shapes couple all places of a chord; what is found is never worse than its bound says, and mostly the best. */
    @Test
    void tellsHowFarItsShapesCanBeFromTheBest() {
        Random random = new Random(29);
        String[] symbols = "C F G Am Dm7 G7".split(" ");
        int best = 0;
        int proven = 0;
        // As written, and with repeats and endings.
        List<String> forms = List.of("| %s | %s | %s | %s |", "|: %s | %s :| %s | %s |", "|: %s | %s |1 %s :|2 %s |");
        for (int round = 0; round < 40; round++) {
            Object[] drawn =
                    random.ints(4, 0, symbols.length).mapToObj(i -> symbols[i]).toArray();
            String tune = forms.get(round % forms.size()).formatted(drawn);
            Weights weights = Weights.PLAIN.with(Weights.SHAPES, 1 + random.nextInt(6));
            VoicingTask task = task(Stream.of(drawn).map(Object::toString).collect(Collectors.joining(" ")))
                    .with(Transitions.of(Chart.parse(tune)))
                    .with(weights);
            Solution found = VoicingSolver.solution(task);
            int cost = cost(task, found.chords().stream().map(Solved::voicing).toList());
            int least = least(task);
            assertThat(cost - least).as(tune).isBetween(0, found.gap());
            best += cost == least ? 1 : 0;
            proven += found.gap() == 0 ? 1 : 0;
        }
        System.out.println("shapes: the best in " + best + " of 40 tunes, proven in " + proven);
        assertThat(best).isGreaterThanOrEqualTo(38);
        assertThat(proven).isGreaterThanOrEqualTo(30);
    }

    private static int least(VoicingTask task) {
        List<List<Voicing>> layers = Candidates.of(task);
        int least = Integer.MAX_VALUE;
        for (Voicing a : layers.get(0)) {
            for (Voicing b : layers.get(1)) {
                for (Voicing c : layers.get(2)) {
                    for (Voicing d : layers.get(3)) {
                        least = Math.min(least, cost(task, List.of(a, b, c, d)));
                    }
                }
            }
        }
        return least;
    }

    /** Motion, the style's charges and the shapes, computed without the solver. */
    private static int cost(VoicingTask task, List<Voicing> row) {
        int cost = 0;
        for (int i = 0; i < row.size(); i++) {
            Place place = new Place(
                    task.hand(),
                    i == task.transitions().opening(),
                    i == task.transitions().closing() && task.transitions().next(i) < 0);
            for (CostTerm term : CHARGES) {
                cost += term.charge(row.get(i), place);
            }
        }
        for (Transition pair : task.transitions().pairs()) {
            cost += Distance.between(
                    row.get(pair.from()).first().midiKeys(),
                    row.get(pair.to()).first().midiKeys());
            for (TransitionTerm term : TransitionTerms.ALL) {
                cost += term == TransitionTerm.MOTION
                        ? 0
                        : term.weight() * term.count().of(row.get(pair.from()), row.get(pair.to()), task.hand());
            }
        }
        long shapes = row.stream().distinct().count();
        long hands = row.stream().map(Shapes::hand).distinct().count();
        return cost + task.weights().ofShapes() * (int) (shapes + hands);
    }

    @Test
    void keepsAChordInItsShapeWhereShapesAreDear() {
        VoicingTask task = task("C F G7 C C Am F G7 C F C/E Dm G7 C");
        List<String> few = voicings(task.with(Weights.PLAIN.with(Weights.SHAPES, 20)));
        assertThat(few.stream().distinct())
                .hasSizeLessThan((int) voicings(task).stream().distinct().count() + 1);
        assertThat(few.get(0)).isEqualTo(few.get(4));
        assertThat(few.get(2)).isEqualTo(few.get(7)).isEqualTo(few.get(12));
    }

    private static final List<CostTerm> CHARGES = Stream.concat(
                    VoicingStyles.CLOSE.terms().stream(), School.POPULAR.charges(true).stream())
            .toList();

    private static final CostTerm CLASH = School.POPULAR.charges(true).stream()
            .filter(term -> term.id().equals("clash"))
            .findFirst()
            .orElseThrow();

    /** A note of the tune half a step above one of the hand: B under a sung C (common practice). */
    @Test
    void goesAroundAClashWithTheTune() {
        VoicingTask task = task("Dm7 Cmaj7 Dm7").withMostNotes(3);
        List<ChordContext> around = List.of(ChordContext.NOTHING, under("C5"), ChordContext.NOTHING);
        Weights strict = Weights.PLAIN.with("clash", 20);
        Voicing under =
                VoicingSolver.solve(task.withAround(around).with(strict)).get(1).voicing();
        Place place = new Place(Hand.OCTAVE, false, false, around.get(1));
        assertThat(CLASH.count().of(under, place)).isLessThanOrEqualTo(1);
        assertThat(CLASH.count()
                        .of(
                                Voicing.inOneGrip(
                                        Chord.parse("Cmaj7"),
                                        List.of(Pitch.parse("E3"), Pitch.parse("G3"), Pitch.parse("B3"))),
                                place))
                .isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({
        // The leading tone is the tune's: B over G (any textbook of harmony).
        "leading-tone,G,B2 D3 G3,B4,B,1",
        "leading-tone,G,D3 G3,B4,B,0",
        // An altered note once is enough.
        "altered,G7b9,B2 F3 Ab3,Ab4,,1",
        "altered,G7,B2 D3 F3,D5,,0",
        // The thumb on or above the tune's lowest note.
        "collision,C,C4 E4 G4,E4,,4",
        "collision,C,C3 E3 G3,E4,,0",
        "doubled,C,C3 E3 G3,E5,,1"
    })
    void looksAtTheTune(String id, String symbol, String notes, String sung, String leadingTone, int units) {
        CostTerm term = Stream.concat(TuneTerms.ALL.stream(), School.CLASSICAL.charges(true).stream())
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
        List<Pitch> tune = List.of(Pitch.parse(sung));
        // The major key to whose keynote it leads.
        Key key = leadingTone == null
                ? null
                : Key.parse(PitchClass.parse(leadingTone).plus(Interval.parse("m2")) + " major");
        Place place = new Place(
                Hand.OCTAVE, false, false, new ChordContext(false, false, tune, tune, null, null, false, key));
        Voicing voicing = Voicing.inOneGrip(
                Chord.parse(symbol),
                Arrays.stream(notes.split(" ")).map(Pitch::parse).toList());
        assertThat(term.count().of(voicing, place)).isEqualTo(units);
    }

    /**
     * Shells begin so that under a phrase's last note the hand does not double it: ending on the third of the home chord in
     * the tune, the hand has its seventh (common practice).
     */
    @Test
    void shellsAreLedByThePhraseEnd() {
        StyleChoice shells = new StyleChoice(VoicingStyles.SHELLS, Map.of());
        Pitch third = Pitch.parse("E5");
        Pitch seventh = Pitch.parse("B4");
        for (Pitch last : List.of(third, seventh)) {
            ChordContext end = new ChordContext(true, true, List.of(last), List.of(last), last, null, false, null);
            VoicingTask task = VoicingTask.of(chords("Dm7 G7 Cmaj7"), shells, Hand.OCTAVE)
                    .withAround(List.of(ChordContext.NOTHING, ChordContext.NOTHING, end));
            List<Voicing> hand =
                    VoicingSolver.solve(task).stream().map(Solved::voicing).toList();
            assertThat(hand.get(2).has(last == third ? ChordTone.SEVENTH : ChordTone.THIRD))
                    .as(hand.toString())
                    .isTrue();
            // In falling fifths they take turns all the same.
            assertThat(hand.get(1).has(ChordTone.THIRD)).isEqualTo(hand.get(2).has(ChordTone.SEVENTH));
        }
    }

    @Test
    void rootsAtClosesIfWished() {
        ChordContext close = new ChordContext(true, true, List.of(), List.of(), null, null, false, null);
        List<ChordContext> around = new ArrayList<>(Collections.nCopies(5, ChordContext.NOTHING));
        around.set(2, close);
        VoicingTask task = task("F G C F C").withAround(around);
        Weights roots = Weights.PLAIN.with("root-at-closes", 30);
        assertThat(VoicingSolver.solve(task.with(roots)).get(2).voicing().bassMember())
                .isEqualTo(ChordTone.ROOT);
    }

    @Test
    void leavesOutForbiddenNotes() {
        VoicingTask task = task("Dm7 G7 Cmaj7").without(Set.of(PitchClass.parse("D")));
        assertThat(VoicingSolver.solve(task).get(1).voicing().pitches())
                .noneMatch(pitch -> pitch.pitchClass().equals(PitchClass.parse("D")));
        // Where nothing is left, the chord is voiced all the same.
        assertThat(VoicingSolver.solve(
                        task("C").without(Set.of(PitchClass.parse("C"), PitchClass.parse("E"), PitchClass.parse("G")))))
                .hasSize(1);
    }

    /** Two styles in one tune: each chord is voiced in its own, and the way between them counts. */
    @Test
    void mixesStyles() {
        StyleChoice bass = new StyleChoice(VoicingStyles.BASS, Map.of());
        VoicingTask task = task("C F G C").withStyles(List.of(CLOSE, CLOSE, bass, bass));
        assertThat(VoicingSolver.solve(task).stream()
                        .map(one -> one.voicing().tones().size()))
                .containsExactly(3, 3, 1, 1);
    }

    @Test
    void keepsCommonNotesIfWished() {
        VoicingTask task = task("C Am F Dm G7 C");
        int before = lost(VoicingSolver.solve(task));
        Weights keeping = Weights.PLAIN.with(TransitionTerm.COMMON_TONES.id(), 20);
        assertThat(lost(VoicingSolver.solve(task.with(keeping)))).isLessThanOrEqualTo(before);
    }

    private static int lost(List<Solved> solved) {
        int sum = 0;
        for (int i = 1; i < solved.size(); i++) {
            sum += TransitionTerm.COMMON_TONES
                    .count()
                    .of(solved.get(i - 1).voicing(), solved.get(i).voicing(), Hand.OCTAVE);
        }
        return sum;
    }

    /** The price of another way is the difference of the whole, term by term, with repeats and all. */
    @Test
    void pricesAreTheDifferenceOfTheWhole() {
        LeadSheet sheet = Chart.parse("|: C | Am | Dm7 | G7 :| F | C |");
        List<Chord> tune = sheet.events().stream().map(ChordEvent::chord).toList();
        VoicingTask task = VoicingTask.of(tune, CLOSE, Hand.OCTAVE).with(Transitions.of(sheet));
        int here = Prices.byTerm(task, row(task)).values().stream()
                .mapToInt(Integer::intValue)
                .sum();
        for (int chord = 0; chord < tune.size(); chord++) {
            List<Prices.Price> prices = Prices.of(task, chord, 6);
            assertThat(prices).hasSizeBetween(3, 6).isSortedAccordingTo(Comparator.comparingInt(Prices.Price::price));
            for (Prices.Price price : prices) {
                VoicingTask fixed = task.withPins(Map.of(chord, price.voicing()));
                int there = Prices.byTerm(fixed, row(fixed)).values().stream()
                        .mapToInt(Integer::intValue)
                        .sum();
                assertThat(price.price()).isEqualTo(there - here).isNotNegative();
                assertThat(price.terms().values().stream()
                                .mapToInt(Integer::intValue)
                                .sum())
                        .isEqualTo(price.price());
            }
        }
    }

    private static List<Voicing> row(VoicingTask task) {
        return VoicingSolver.solve(task).stream().map(Solved::voicing).toList();
    }

    /** Every charge has a name that is known, and the charges add up to what the solver minimised. */
    @Test
    void everyTermIsNamed() {
        for (VoicingStyle style : VoicingStyles.all()) {
            assertThat(style.terms()).allSatisfy(term -> {
                assertThat(term.name()).isNotBlank();
                assertThat(term.unit()).isNotBlank();
                assertThat(term.weight()).isPositive();
            });
        }
        assertThatThrownBy(() -> new Weights(Map.of("mud", -1))).hasMessageContaining("mud");
    }

    /** What a school charges can be turned: a player of songs may mind parallels, a classical one may not. */
    @Test
    void parallelsWeighWhatTheTeacherSays() {
        VoicingTask popular = task("C Dm C");
        VoicingTask minding = popular.with(popular.weights().with("parallels", 24));
        assertThat(motion(VoicingSolver.solve(minding))).isGreaterThan(motion(VoicingSolver.solve(popular)));
        VoicingTask classical = popular.with(School.CLASSICAL);
        assertThat(voicings(minding)).isEqualTo(voicings(classical));
        assertThat(voicings(classical.with(popular.weights().with("parallels", 0))))
                .isEqualTo(voicings(popular));
    }
}
