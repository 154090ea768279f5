package com.zestythumb.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.checking.Finding;
import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.exercise.Marking.Mark;
import com.zestythumb.core.exercise.Marking.Verdict;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voiceleading.Severity;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class FourPartsTest {

    private static List<Pitch> pitches(String names) {
        return Arrays.stream(names.strip().split(" +")).map(Pitch::parse).toList();
    }

    private static Task task(String chart, int... bars) {
        LeadSheet sheet = Chart.read(chart).sheet();
        Set<Integer> asked = bars.length > 0
                ? Arrays.stream(bars).boxed().collect(Collectors.toSet())
                : IntStream.range(0, sheet.bars().size()).boxed().collect(Collectors.toSet());
        return Task.of(
                Arrangement.of(sheet, Choices.USUAL), asked, ExerciseKind.FOUR_PARTS, null, Set.of(Criterion.values()));
    }

    /** Middle C is C, the octave above it c, the one below C with a comma. */
    private static String abc(Pitch pitch) {
        String letter = pitch.pitchClass().letter().name();
        return pitch.octave() > 4
                ? letter.toLowerCase(Locale.ROOT) + "'".repeat(pitch.octave() - 5)
                : letter + ",".repeat(4 - pitch.octave());
    }

    /** A line of corpus/four-part-answers.txt, written after textbooks (from memory) before this code was tried on it. */
    record Case(String chords, boolean tune, List<List<Pitch>> parts, String says) {

        static Case of(String line) {
            String[] columns = line.split("\\|");
            return new Case(
                    columns[0].strip(),
                    columns[1].strip().equals("s"),
                    Arrays.stream(columns[2].split("/"))
                            .map(FourPartsTest::pitches)
                            .toList(),
                    columns[3].strip());
        }

        Task task() {
            String bars = "| " + String.join(" | ", chords.split(" +")) + " |\n";
            String given =
                    parts.stream().map(one -> abc(one.get(tune ? 3 : 0)) + "8").collect(Collectors.joining(" | "));
            return FourPartsTest.task("key: C major\nmeter: 4/4\n" + bars + (tune ? "m: " : "l: ") + given + " |\n");
        }

        /** The three parts that are asked for; above a bass that is given the bass is played where it lies. */
        Answers answers() {
            Map<Integer, List<Integer>> keys = new HashMap<>();
            for (int i = 0; i < parts.size(); i++) {
                keys.put(
                        i,
                        parts.get(i).subList(tune ? 0 : 1, tune ? 3 : 4).stream()
                                .map(Pitch::midi)
                                .toList());
            }
            return Answers.played(keys);
        }
    }

    static Stream<Case> cases() throws IOException {
        try (InputStream in = FourPartsTest.class.getResourceAsStream("/corpus/four-part-answers.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines().filter(line -> !line.startsWith("#") && !line.isBlank()).map(Case::of).toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("cases")
    void marksAsATextbookDoes(Case one) {
        List<Mark> marks = one.task().marked(one.answers()).marks();
        if (one.says().equals("clean")) {
            assertThat(marks).allMatch(mark -> mark.verdict() == Verdict.RIGHT);
            return;
        }
        String[] fault = one.says().split(" ");
        assertThat(marks.get(Integer.parseInt(fault[0])).faults())
                .as("%s", marks)
                .anyMatch(code -> code.startsWith(fault[1]));
    }

    private static final List<String> KEYS = List.of("C", "G", "D", "A", "E", "B", "F#", "Db", "Ab", "Eb", "Bb", "F");

    /** Rows of any textbook, without a tune: what is written breaks nothing, and has full marks. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "| I | IV | V | I |",
                "| I | V/3 | I | ii/3 | V | I |",
                "| I | vi | IV | V | I |",
                "| I | ii7/3 | V7 | I |",
                "| I | IV | I/5 | V7 | vi |"
            })
    void writesCleanlyInEveryKey(String row) {
        for (String key : KEYS) {
            Task task = task("key: " + key + " major\nmeter: 4/4\n" + row + "\n");
            assertThat(found(task)).as(key + row).isEmpty();
            Marking right = task.marked(task.solution());
            assertThat(right.points()).as("%s", right.marks()).isEqualTo(right.of());
        }
    }

    /** A six-four chord before the close doubles its bass (Aldwell and Schachter, Harmony and Voice Leading, from memory). */
    @ParameterizedTest
    @ValueSource(strings = {"| I | IV | I/5 V | I |", "| I | ii/3 | I/5 V7 | I |", "| I | vi IV | I/5 V | vi |"})
    void aSixFourBeforeTheCloseDoublesItsBass(String row) {
        for (String key : KEYS) {
            Task task = task("key: " + key + " major\nmeter: 4/4\n" + row + "\n");
            List<Integer> sixFour =
                    Arrangement.of(task.page(task.solution(), Set.of()), Choices.USUAL).chords().stream()
                            .filter(chord -> chord.chord().bassMember() == 2)
                            .map(chord -> task.solution().keys().get(chord.index()))
                            .findFirst()
                            .orElseThrow();
            int bass = sixFour.get(0);
            assertThat(sixFour.stream().filter(one -> (one - bass) % 12 == 0).count())
                    .as(key + row + sixFour)
                    .isEqualTo(2);
        }
    }

    /** Faults and what is minded in the page with all that is right. */
    private static List<Finding> found(Task task) {
        Arrangement page = Arrangement.of(task.page(task.solution(), Set.of()), Choices.USUAL.with(School.STRICT));
        assertThat(page.chords()).allMatch(chord -> chord.isWritten());
        return Findings.in(page).stream()
                .filter(finding -> finding.severity() == Severity.FAULT || finding.severity() == Severity.WARNING)
                .filter(finding -> !finding.kind().code().startsWith("stretch"))
                .toList();
    }

    private static final String MOVING = "key: G major\nmeter: 3/4\n| G | D7 | Em | C | D7 | G |\n"
            + "m: d2d2B2 | A2B2c2 | B4A2 | e2d2c2 | B2A2c2 | B6 |\n";

    @Test
    void leavesAMovingTuneAsItIs() {
        Task task = task(MOVING, 1, 2, 3);
        LeadSheet page = task.page(Answers.NONE, Set.of());
        LeadSheet sheet = Chart.read(MOVING).sheet();
        for (int bar = 0; bar < 6; bar++) {
            assertThat(page.bars().get(bar).melody())
                    .isEqualTo(sheet.bars().get(bar).melody());
            // What is asked for is empty, what is given stands there.
            assertThat(page.bars().get(bar).allOfLeft().stream().anyMatch(note -> !note.isRest()))
                    .isEqualTo(bar < 1 || bar > 3);
        }
        assertThat(task.questions()).hasSize(3);
        assertThat(task.marked(task.solution()).points()).isEqualTo(12);
    }

    @Test
    void takesOneKeyAfterAnother() {
        Task task = task(MOVING, 1);
        int chord = task.questions().get(0).chord();
        List<Integer> right = task.solution().keys().get(chord);
        List<Integer> below = right.subList(0, 3);
        for (int keys = 1; keys <= 3; keys++) {
            Answers some = Answers.played(Map.of(chord, below.subList(0, keys)));
            Mark mark = task.marked(some).marks().get(0);
            assertThat(mark.verdict() == Verdict.RIGHT).isEqualTo(keys == 3);
            assertThat(task.page(some, Set.of()).bars().get(1).allOfLeft()).isNotEmpty();
        }
        // The tune's own key may be played with them.
        assertThat(task.marked(Answers.played(Map.of(chord, right))).points()).isEqualTo(Marking.FULL);
    }

    /** Note by note all that is missing, and never what is given. */
    @Test
    void helpsWithWhatIsAskedFor() {
        Task task = task("key: C major\nmeter: 4/4\n| C | G |\nl: C,8 | G,,8 |\n");
        Answers answers = Answers.NONE;
        List<Integer> told = new ArrayList<>();
        assertThat(task.hint(0, answers, 2).words()).isEqualTo("its notes are C, E and G; not there yet: E and G");
        for (Hint hint = task.hint(0, answers, 3); hint.key() > 0; hint = task.hint(0, answers, 3)) {
            told.add(hint.key());
            answers = answers.with(0, told, "");
        }
        assertThat(told).hasSize(3).doesNotContain(48);
        assertThat(task.marked(answers).marks().get(0).verdict()).isEqualTo(Verdict.RIGHT);
    }

    @Test
    void saysWhatCannotBe() {
        Task task = task(MOVING, 1);
        int chord = task.questions().get(0).chord();
        assertThatThrownBy(() -> task.marked(Answers.played(Map.of(chord, List.of(40, 50, 54, 57)))))
                .hasMessageContaining("bar 2")
                .hasMessageContaining("three notes are asked for");
        assertThatThrownBy(() -> task("key: C major\nmeter: 4/4\n| C | G |\nm: C,8 | D,8 |\n"))
                .hasMessageContaining("bar 1")
                .hasMessageContaining("move the tune to another key");
        assertThatThrownBy(() -> task("meter: 4/4\n| C | - |\nm: e8 | z8 |\n", 1))
                .hasMessageContaining("choose others");
    }

    /**
     * Two parts may meet on one key, also with the one that is given (common practice): the key is played twice. Played once with the
     * given one it is that part and no other.
     */
    @Test
    void twoPartsMeetOnOneKey() {
        Task one = task("key: C major\n| C |\nm: e8 |");
        Mark unison =
                one.marked(Answers.played(Map.of(0, keys("C3 G4 G4")))).marks().get(0);
        assertThat(unison.verdict()).as(unison.words().toString()).isEqualTo(Verdict.RIGHT);
        LeadSheet page = one.page(Answers.played(Map.of(0, keys("C3 G4 G4"))), Set.of());
        assertThat(page.bars().get(0).allOfLeft()).hasSize(2);
        assertThat(page.bars().get(0).allOfUpper()).hasSize(2);
        Task low = task("key: C major\n| C |\nm: E8 |");
        assertThat(low.marked(Answers.played(Map.of(0, keys("C3 G3 E4"))))
                        .marks()
                        .get(0)
                        .faults())
                .containsExactly("too-few");
        assertThat(low.marked(Answers.played(Map.of(0, keys("C3 G3 E4 E4"))))
                        .marks()
                        .get(0)
                        .faults())
                .doesNotContain("too-few");
    }

    /** A bass that goes by step keeps its passing notes; of broken chords the bass is the note that meets the chord. */
    @Test
    void aBassPassesAndABrokenChordDoesNot() {
        Task passing = task("key: C major\n| C | F |\nl: C,2 D,2 E,4 | F,8 |");
        assertThat(passing.page(Answers.NONE, Set.of()).bars().get(0).allOfLeft())
                .hasSize(3);
        Task broken = task("key: C major\n| C | F |\nl: C,2 G,2 E,2 G,2 | F,2 C2 A,2 C2 |");
        assertThat(broken.page(Answers.NONE, Set.of()).bars().get(0).allOfLeft())
                .extracting(note -> note.pitch().toString())
                .containsExactly("C3");
        assertThat(broken.marked(broken.solution()).points())
                .isEqualTo(broken.marked(broken.solution()).of());
    }

    private static List<Integer> keys(String names) {
        return pitches(names).stream().map(Pitch::midi).toList();
    }
}
