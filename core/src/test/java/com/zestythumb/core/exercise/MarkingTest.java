package com.zestythumb.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.exercise.Marking.Mark;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Inversions;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A student's answer is marked as a patient teacher would: the chord, the hand, the way there (common practice). */
class MarkingTest {

    private static final Choices NEAREST = Choices.of(
            StyleChoice.close(Inversions.NEAREST), AccompanimentPatterns.BLOCK, Hand.OCTAVE, School.CLASSICAL);

    private static Exercise exercise(String chart, Choices choices, ExerciseKind asked, Integer... bars) {
        return new Exercise(Arrangement.of(Chart.read(chart).sheet(), choices), Set.of(bars), asked);
    }

    private static List<Integer> keys(String notes) {
        return notes.isBlank()
                ? List.of()
                : Arrays.stream(notes.split(" "))
                        .map(note -> Pitch.parse(note).midi())
                        .toList();
    }

    private static Map<Integer, List<Integer>> solution(Exercise exercise) {
        Map<Integer, List<Integer>> all = new HashMap<>();
        exercise.places()
                .forEach(place -> all.put(
                        place.chord(), place.key().stream().map(Pitch::midi).toList()));
        return all;
    }

    /**
     * Written before the marking was: what a teacher would say of the second bar of C F G7 C after C3 E3 G3. The second said
     * "this is nearer" until this school charged fifths more than the way.
     */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "C3 F3 A3 | 4 | RIGHT | right",
                "F3 A3 C4 | 3 | NEARLY | bass and top voice go C–G to F–C, in parallel fifths",
                "C3 F3 B3 | 1 | NEARLY | B is not in F: lower it",
                "C3 F3 A#3 | 1 | NEARLY | you played F suspended fourth",
                "C3 F3 | 3 | NEARLY | A is missing",
                "F2 A2 C3 F3 | 4 | RIGHT | muddy",
                "F2 C3 A3 | 3 | NEARLY | wide",
                "D3 G3 B3 | 0 | NOT_YET | you played G major; F has F, A and C",
                "F2 | 2 | NEARLY | A is missing",
                "'' | 0 | NOT_ANSWERED | ''",
            })
    void marksAChordInItsPlace(String notes, int points, Marking.Verdict verdict, String words) {
        Exercise exercise = exercise("| C | F | G7 | C |", NEAREST, ExerciseKind.CHORDS, 1);
        Mark mark = Marking.of(exercise, Map.of(1, keys(notes))).marks().get(0);
        assertThat(mark.verdict()).as(mark.toString()).isEqualTo(verdict);
        assertThat(mark.points()).as(mark.toString()).isEqualTo(points);
        assertThat(String.join("; ", mark.words()).toLowerCase()).contains(words.toLowerCase());
    }

    /** The same of single chords: bass behind the slash, seventh, diminished fifth, suspended fourth, a black key by any name. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "C/E | C3 E3 G3 | E is the lowest note",
                "C/E | E3 G3 C4 | right",
                "G7 | G2 B2 D3 | F is missing",
                "G7 | B3 D4 F4 | G is missing, the root",
                "Bdim | B2 D3 | F is missing",
                "Am | C3 E3 | A is missing, the root",
                "Am | A3 C4 | right",
                "Gsus4 | G2 D3 | C is missing",
                "Eb | D#3 G3 A#3 | right",
                "C5 | C3 G3 | right",
            })
    void knowsWhatTellsAChord(String symbol, String notes, String words) {
        Exercise exercise = exercise("| X | X | X |".replace("X", symbol), NEAREST, ExerciseKind.CHORDS, 1);
        Mark mark = Marking.of(exercise, Map.of(1, keys(notes))).marks().get(0);
        assertThat(String.join("; ", mark.words()).toLowerCase()).contains(words.toLowerCase());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "C | C3 | 4 | right",
                "C | C2 | 4 | right",
                "C | E3 | 2 | E is in C, but the bass is C",
                "C | F3 | 0 | F is not in C",
                "C/E | E2 | 4 | right",
                "C/E | C3 | 2 | the bass is E",
                "C | C3 G3 | 3 | one note",
            })
    void marksABass(String symbol, String notes, int points, String words) {
        Exercise exercise = exercise("| " + symbol + " |", NEAREST, ExerciseKind.BASS, 0);
        Mark mark = Marking.of(exercise, Map.of(0, keys(notes))).marks().get(0);
        assertThat(String.join("; ", mark.words()).toLowerCase()).contains(words.toLowerCase());
        assertThat(mark.points()).as(mark.toString()).isEqualTo(points);
    }

    /** Classical rules mind what popular ones do not: root after root in parallel fifths and octaves (any textbook of harmony). */
    @Test
    void countsByTheRulesOfTheSchool() {
        Map<Integer, List<Integer>> answer = Map.of(0, keys("C3 G3 E4"), 1, keys("D3 A3 F4"));
        Choices wide = NEAREST.with(Hand.ofSpan(16));
        Marking classical = Marking.of(exercise("| C | Dm |", wide, ExerciseKind.CHORDS, 0, 1), answer);
        Marking popular =
                Marking.of(exercise("| C | Dm |", wide.with(School.POPULAR), ExerciseKind.CHORDS, 0, 1), answer);
        assertThat(classical.marks().get(1).words().toString()).contains("parallel fifths");
        assertThat(popular.marks().get(1).words().toString()).doesNotContain("parallel");
    }

    /** What the app itself would play has full marks, whatever style, school and hand; half the notes a step off never. */
    @Test
    void theKeyHasFullMarksAndRandomAnswersHaveNot() {
        Random random = new Random(23);
        String chart = "key: F\n| F | Dm7 | Gm/Bb C7 | F |\nm: a4 c'4 | d'4 a4 | g4 e4 | f8";
        List<School> schools = School.all();
        int turn = 0;
        for (VoicingStyle style : VoicingStyles.all()) {
            for (int span : List.of(9, 12)) {
                for (ExerciseKind asked : List.of(ExerciseKind.CHORDS, ExerciseKind.BASS)) {
                    School school = schools.get(turn++ % schools.size());
                    Choices choices = Choices.of(
                            new StyleChoice(style, Map.of()), AccompanimentPatterns.BLOCK, Hand.ofSpan(span), school);
                    Exercise exercise = exercise(chart, choices, asked, 1, 2, 3);
                    Marking key = Marking.of(exercise, solution(exercise));
                    assertThat(key.points())
                            .as(style.id() + " " + school.id() + " " + span + " " + asked + " " + key.marks())
                            .isEqualTo(key.of());
                    Map<Integer, List<Integer>> wrong = new HashMap<>(solution(exercise));
                    int chord = exercise.places()
                            .get(random.nextInt(exercise.places().size()))
                            .chord();
                    wrong.compute(
                            chord,
                            (c, keys) -> keys.stream()
                                    .map(one -> one + 1 + 5 * random.nextInt(2))
                                    .distinct()
                                    .toList());
                    Marking off = Marking.of(exercise, wrong);
                    assertThat(off.points()).as(wrong.toString()).isLessThan(off.of());
                }
            }
        }
    }

    /** The page shows what is given as the key has it, rests where nothing is answered yet, and answers as they were played. */
    @Test
    void thePageKeepsWhatIsGivenAndWaitsForTheRest() {
        Exercise exercise =
                exercise("| C | F G7 | C |", NEAREST.with(AccompanimentPatterns.ALBERTI), ExerciseKind.CHORDS, 1);
        LeadSheet empty = exercise.page(Map.of());
        assertThat(empty.bars().get(0).left()).isNotEmpty();
        assertThat(empty.bars().get(1).left()).hasSize(1);
        assertThat(empty.bars().get(1).allOfLeft()).allMatch(note -> note.isRest());
        LeadSheet half = exercise.page(Map.of(2, keys("B2 D3 F3")));
        assertThat(ChartWriter.write(half)).contains("| z4 [B,,D,F,]4 |");
        assertThat(half.bars().get(0)).isEqualTo(empty.bars().get(0));
    }

    /** What was found is played in the pattern in which the teacher began. */
    @Test
    void whatWasFoundIsPlayedInThePattern() {
        Exercise exercise =
                exercise("| C | F G7 | C |", NEAREST.with(AccompanimentPatterns.ALBERTI), ExerciseKind.CHORDS, 1);
        Arrangement played = exercise.key().with(exercise.with(Map.of(1, keys("F3 A3 C4"), 2, keys("F3 G3 B3"))));
        assertThat(played.chords().get(1).voicing()).hasToString("F3 A3 C4");
        assertThat(played.chords().get(2).voicing()).hasToString("F3 G3 B3");
        assertThat(played.notesOf(1)).hasSize(4);
    }

    @Test
    void saysWhereAnAnswerMakesNoSense() {
        Exercise exercise = exercise("| C | F |", NEAREST, ExerciseKind.CHORDS, 1);
        assertThatThrownBy(() -> Marking.of(exercise, Map.of(0, keys("C3"))))
                .hasMessageContaining("bar 1")
                .hasMessageContaining("not asked");
        assertThatThrownBy(() -> Marking.of(exercise, Map.of(7, keys("C3")))).hasMessageContaining("no chord");
        assertThatThrownBy(() -> Marking.of(exercise, Map.of(1, List.of(3))))
                .hasMessageContaining("21 to 108")
                .hasMessageContaining("bar 2");
        assertThatThrownBy(() -> Marking.of(
                        exercise, Map.of(1, IntStream.range(40, 52).boxed().collect(Collectors.toList()))))
                .hasMessageContaining("ten");
        assertThatThrownBy(() -> exercise("| C | F |", NEAREST, ExerciseKind.CHORDS))
                .hasMessageContaining("bar");
        assertThatThrownBy(() -> exercise("| C | N.C. |", NEAREST, ExerciseKind.CHORDS, 1))
                .hasMessageContaining("no chord");
    }
}
