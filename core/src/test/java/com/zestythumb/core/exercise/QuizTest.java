package com.zestythumb.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.exercise.Marking.Mark;
import com.zestythumb.core.exercise.Task.Question;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Questions of a theory lesson and how a teacher marks their answers (common practice; figures and their signs after W. Piston,
 * Harmony, from memory). The list was written before the questions.
 */
class QuizTest {

    private static final Choices HAND = Choices.USUAL.with(Hand.ofSpan(12));

    private static Task task(String chart, ExerciseKind asked, Key to) {
        Chart read = Chart.read(chart);
        assertThat(read.problems()).isEmpty();
        Set<Integer> bars =
                IntStream.range(0, read.sheet().bars().size()).boxed().collect(Collectors.toSet());
        return Task.of(Arrangement.of(read.sheet(), HAND), bars, asked, to, EnumSet.allOf(Criterion.class));
    }

    private static Mark mark(Task task, int question, String answer) {
        int chord = task.questions().get(question).chord();
        Answers answers = answer.matches("[0-9 ]+") && task.asked().how() == ExerciseKind.How.PLAYED
                ? Answers.played(Map.of(
                        chord,
                        Stream.of(answer.split(" ")).map(Integer::valueOf).toList()))
                : Answers.NONE.with(chord, List.of(), answer);
        return task.marked(answers).marks().get(question);
    }

    @ParameterizedTest
    @CsvSource({
        // A pianist's answers to a written C major, G7 over B, A minor, D minor seventh.
        "0,C,4",
        "0,Cmaj,4",
        "0,c,4",
        "0,Cm,2",
        "0,C7,3",
        "0,G,0",
        "0,do,0",
        "1,G7/B,4",
        "1,G7,3",
        "1,G,3",
        "1,B7,0",
        "2,Am,4",
        "2,am,4",
        "2,A,2",
        "2,C6,0",
        "2,C,0",
        "3,Dm7,4",
        "3,F6,4",
        "3,Dm,3",
    })
    void namesOfChords(int question, String answer, int points) {
        Task task = task("key: C major\n| C | G7/B | Am | Dm7 |", ExerciseKind.NAMES, null);
        assertThat(mark(task, question, answer).points()).isEqualTo(points);
    }

    @ParameterizedTest
    @CsvSource({
        "0,I,4",
        "0,i,2",
        "0,V,0",
        "1,V6/5,4",
        "1,V65,4",
        "1,V,3",
        "1,V7,3",
        "1,v65,2",
        "2,vi,4",
        "2,VI,2",
        "3,V7/V,4",
        "3,II7,4",
        "4,V7,4",
    })
    void numerals(int question, String answer, int points) {
        Task task = task(
                "key: C major\n| C | G7/B | Am | D7 | G7 |\nl: [C,E,G,]8 | [B,,F,G,]8 | [A,,C,E,]8 | [D,^F,C]8 | [G,,F,B,]8 |",
                ExerciseKind.NUMERALS,
                null);
        assertThat(mark(task, question, answer).points()).isEqualTo(points);
    }

    /** Counted from the natural minor scale, or from the major one as lead-sheet players do (both common practice). */
    @ParameterizedTest
    @CsvSource({
        "0,VI,4",
        "0,bVI,4",
        "0,♭VI,4",
        "0,bVII,0",
        "0,bvi,2",
        "1,VII,4",
        "1,bVII,4",
        "1,#VII,0",
        "2,vii°,4",
        "2,#vii°,4",
        "3,V7,4",
        "3,bV7,0",
    })
    void numeralsInMinor(int question, String answer, int points) {
        Task task = task("key: G minor\n| Eb | F | F#dim | D7 | Gm |", ExerciseKind.NUMERALS, null);
        assertThat(mark(task, question, answer).points()).isEqualTo(points);
    }

    @ParameterizedTest
    @CsvSource({
        "5 3 1,4", "531,4", "5 2 1,4", "4 2 1,4", "1 3 5,1", "5 5 1,1", "5 1,0", "5 3 9,0",
    })
    void fingersOfATriad(String answer, int points) {
        Task task = task("key: C major\n| C |\nl: [C,E,G,]8 |", ExerciseKind.FINGERS, null);
        assertThat(mark(task, 0, answer).points()).isEqualTo(points);
    }

    @ParameterizedTest
    @CsvSource({
        // Over c e, d f, e c: what a student may put there.
        "0,C,4", "0,Am,4", "0,F,1", "0,G,0", "0,A,1",
        "1,G7,4", "1,Dm,4", "1,Bdim,4", "1,G,1", "1,Bb,3",
        "2,C,4",
    })
    void chordsForATune(int question, String answer, int points) {
        Task task = task("key: C major\n| C | G7 | C |\nm: c4 e4 | d4 f4 | e4 c4 |", ExerciseKind.HARMONY, null);
        assertThat(mark(task, question, answer).points()).isEqualTo(points);
    }

    @ParameterizedTest
    @CsvSource({
        // Bass and figures, as a figured bass has them.
        "C | I, C",
        "C | I/3, E 6",
        "C | I/5, G 6/4",
        "C | V7, G 7",
        "C | V6/5, B 6/5",
        "C | V4/3, D 4/3",
        "C | V4/2, F 4/2",
        "C | III, E ♯",
        "A minor | V, E ♯",
        "C | II6/5, F♯ 6/5",
        "C | ii6/5, F 6/5",
        "A minor | V7, E 7/♯",
        "F | II, G ♮",
    })
    void figuresOverABass(String keyAndChord, String prompt) {
        String[] parts = keyAndChord.split(" \\| ");
        String key = parts[0].contains("minor") ? parts[0] : parts[0] + " major";
        Chart read = Chart.read("key: " + key + "\n| " + parts[1] + " |");
        String chord = read.sheet().events().get(0).chord().toString();
        Task task = task("key: " + key + "\n| " + chord + " |\nl: " + bass(read) + " |", ExerciseKind.FIGURES, null);
        assertThat(task.questions().get(0).prompt()).isEqualTo(prompt);
    }

    /** The chord's bass alone, so that it is known what lies at the bottom. */
    private static String bass(Chart chart) {
        var note = chart.sheet().events().get(0).chord().bass();
        return (note.alteration() > 0 ? "^" : note.alteration() < 0 ? "_" : "") + note.letter() + ",8";
    }

    @Test
    void aWrongInversionIsNotTheOneThatIsAskedFor() {
        Task task = task("key: C major\n| C | F |\nl: [C,E,G,]8 | [C,F,A,]8 |", ExerciseKind.INVERSIONS, null);
        assertThat(task.questions())
                .extracting(Task.Question::prompt)
                .containsExactly("C, root position", "F, second inversion");
        assertThat(mark(task, 1, "48 53 57").points()).isEqualTo(Marking.FULL);
        assertThat(mark(task, 1, "53 57 60").faults()).contains("wrong-bass");
    }

    @Test
    void inAnotherKeyTheSameHandIsLaidThere() {
        Task task = task("key: C major\n| C | F | G7 | C |", ExerciseKind.TRANSPOSED, Key.parse("D major"));
        assertThat(task.questions().get(2).prompt()).isEqualTo("G7, but in D major");
        Marking key = task.marked(task.solution());
        assertThat(key.points()).isEqualTo(key.of());
        assertThat(task.marked(Answers.played(Map.of(0, List.of(48, 52, 55))))
                        .marks()
                        .get(0)
                        .points())
                .isLessThan(Marking.FULL);
        assertThat(task.page(Answers.NONE, Set.of()).key()).isEqualTo(Key.parse("C major"));
    }

    /** Every note on its line, three flats in front: C major becomes C minor. */
    @Test
    void underAnotherSignatureEveryNoteKeepsItsLine() {
        Task task = task("key: C major\n| C | F | G | C |", ExerciseKind.SIGNATURE, Key.parse("C minor"));
        assertThat(task.questions().get(1).prompt()).isEqualTo("F, but with the signature of C minor");
        Marking key = task.marked(task.solution());
        assertThat(key.points()).isEqualTo(key.of());
        assertThat(task.solution().keys().get(0)).containsExactly(48, 51, 55);
    }

    @Test
    void theKindOfACloseIsChosen() {
        Task task = task("key: C major\nmeter: 4/4\n| C | F | C | G |\n| C | F | G7 | C |", ExerciseKind.CLOSES, null);
        assertThat(task.questions()).isNotEmpty();
        Task.Question last = task.questions().get(task.questions().size() - 1);
        assertThat(last.choices()).contains("authentic", "half", "plagal", "deceptive");
        int at = task.questions().size() - 1;
        assertThat(mark(task, at, "authentic").points()).isEqualTo(Marking.FULL);
        assertThat(mark(task, at, "plagal").points()).isZero();
    }

    @Test
    void theBlackKeyIsCalledAsItsChordIsBuilt() {
        Task task = task("key: C major\n| E7 | Fm | D |", ExerciseKind.SPELLING, null);
        assertThat(task.questions().get(0).choices()).containsExactlyInAnyOrder("G♯", "A♭");
        assertThat(mark(task, 0, "G♯").points()).isEqualTo(Marking.FULL);
        assertThat(mark(task, 1, "A♭").points()).isEqualTo(Marking.FULL);
        assertThat(mark(task, 1, "G♯").faults()).containsExactly("misspelt");
    }

    @Test
    void aWordIsFoundOnTheKeysInAnyOctave() {
        Task task = ReadyMade.named("riddle").exercise(0, Hand.OCTAVE, School.POPULAR);
        assertThat(task.questions()).hasSize("FACE".length());
        assertThat(mark(task, 0, "53").points()).isEqualTo(Marking.FULL);
        assertThat(mark(task, 0, "65").points()).isEqualTo(Marking.FULL);
        assertThat(mark(task, 0, "52").words()).containsExactly("listen once more: it lies a little higher");
        assertThat(mark(task, 1, "60").words().get(0)).contains("lower");
    }

    @Test
    void whatDoesNotCountIsNotMarked() {
        Arrangement tune = Arrangement.of(Chart.read("key: C major\n| C | F |").sheet(), HAND);
        Answers far = Answers.played(Map.of(0, List.of(48, 52, 55), 1, List.of(65, 69, 72)));
        Task all = Task.of(tune, Set.of(0, 1), ExerciseKind.CHORDS, null, EnumSet.allOf(Criterion.class));
        Task notes = Task.of(tune, Set.of(0, 1), ExerciseKind.CHORDS, null, EnumSet.of(Criterion.NOTES));
        assertThat(all.marked(far).points()).isLessThan(all.marked(far).of());
        assertThat(notes.marked(far).points()).isEqualTo(notes.marked(far).of());
    }

    @Test
    void aHintTellsOneThingMore() {
        Task task = task("key: C major\n| C | F |", ExerciseKind.CHORDS, null);
        Answers begun = task.solution().with(1, List.of(48), "");
        assertThat(task.hint(1, begun, 1).words()).isEqualTo("a major chord: root, 3rd and 5th");
        assertThat(task.hint(1, begun, 2).words()).isEqualTo("its notes are F, A and C; not there yet: F and A");
        int key = task.hint(1, begun, 3).key();
        assertThat(task.solution().keys().get(1)).contains(key).doesNotContain(48 + 1);
        assertThat(task.hint(1, task.solution(), 4)).isEqualTo(Hint.NONE);
    }

    /** Each tells something else, and none of the words is the answer. */
    @Test
    void hintsAreGraded() {
        for (ReadyMade set : ReadyMade.ALL) {
            Task task = set.exercise(3, Hand.OCTAVE, School.CLASSICAL);
            for (Question question : task.questions()) {
                List<Hint> hints = IntStream.rangeClosed(1, 3)
                        .mapToObj(time -> task.hint(question.chord(), Answers.NONE, time))
                        .toList();
                assertThat(hints).as(set.id()).doesNotHaveDuplicates();
                String right = task.solution().words().getOrDefault(question.chord(), "no word is asked for");
                // What is written is told in part by the last two, what is chosen by none but where two are left.
                int dumb = question.choices().isEmpty() ? 1 : 3;
                assertThat(hints.subList(0, dumb))
                        .as(set.id() + " " + right)
                        .noneMatch(hint -> !hint.words().startsWith("it is one of these")
                                && hint.words().contains(right));
            }
        }
    }

    /** The bass that is given is no hint. */
    @Test
    void theGivenBassIsNoHint() {
        Task task = ReadyMade.named("figured-bass").exercise(0, Hand.OCTAVE, School.STRICT);
        for (Question question : task.questions()) {
            int bass = task.solution().keys().get(question.chord()).get(0);
            assertThat(task.hint(question.chord(), Answers.NONE, 3).key()).isNotEqualTo(bass);
        }
    }

    /** Nobody reads the answer in the question (common practice of tests). */
    @Test
    void theQuestionDoesNotHoldItsAnswer() {
        Task task = task("key: C major\n| F#m7b5 | Bb | D/F# | E7 |", ExerciseKind.SPELLING, null);
        assertThat(task.questions())
                .isNotEmpty()
                .allSatisfy(question -> assertThat(question.prompt())
                        .doesNotStartWith(task.solution().words().get(question.chord())));
        assertThat(task.questions()).extracting(Question::chord).containsExactly(3);
    }

    @Test
    void shownBarsAreAsTheKeyHasThem() {
        Task task = task("key: C major\n| C | F |", ExerciseKind.CHORDS, null);
        assertThat(task.page(Answers.NONE, Set.of(1)).bars().get(1).allOfLeft()).noneMatch(note -> note.isRest());
        assertThat(task.page(Answers.NONE, Set.of()).bars().get(1).allOfLeft()).allMatch(note -> note.isRest());
    }

    @Test
    void whatMakesNoSenseIsRefusedWithItsPlace() {
        Task names = task("key: C major\n| C |", ExerciseKind.NAMES, null);
        assertThatThrownBy(() -> names.page(Answers.NONE.with(9, List.of(), "C"), Set.of()))
                .hasMessageContaining("not asked for");
        assertThatThrownBy(() -> names.page(Answers.NONE.with(0, List.of(), "x".repeat(99)), Set.of()))
                .hasMessageContaining("40");
        assertThatThrownBy(() -> task("key: C major\n| C | C |", ExerciseKind.ODD_BAR, null))
                .hasMessageContaining("not like the others");
        assertThatThrownBy(() -> task("key: C major\n| C |", ExerciseKind.TRANSPOSED, null))
                .hasMessageContaining("name the key");
    }
}
