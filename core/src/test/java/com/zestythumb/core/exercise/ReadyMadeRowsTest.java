package com.zestythumb.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.LongRun;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.checking.Finding;
import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.voiceleading.Kind.Trait;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voiceleading.Severity;
import com.zestythumb.core.voicing.Hand;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every ready-made row in every key: its numerals say what they say in any textbook, and its model answer breaks no rule. */
class ReadyMadeRowsTest {

    private static final int SEEDS = LongRun.of(48, 200);
    private static final List<String> DEGREES = List.of("i", "ii", "iii", "iv", "v", "vi", "vii");
    private static final Pattern NUMERAL = Pattern.compile("(b?)([IVivx]+)(°?)(maj7|7)?((?:6/5|4/3|4/2|6/4|6)?)");

    /** A numeral read by itself, by nothing but half steps: the pitch classes of the chord, its bass first. */
    private static List<Integer> read(String numeral, int tonic, boolean minor) {
        Matcher m = NUMERAL.matcher(numeral);
        assertThat(m.matches()).as(numeral).isTrue();
        int[] scale = minor ? new int[] {0, 2, 3, 5, 7, 8, 10} : new int[] {0, 2, 4, 5, 7, 9, 11};
        int root = tonic
                + scale[DEGREES.indexOf(m.group(2).toLowerCase(Locale.ROOT))]
                - m.group(1).length();
        boolean small = m.group(2).equals(m.group(2).toLowerCase(Locale.ROOT));
        List<Integer> tones = new ArrayList<>(List.of(root, root + (small ? 3 : 4), root + 7));
        boolean seventh = m.group(4) != null || m.group(5).matches("6/5|4/3|4/2");
        if (seventh) {
            tones.add(root + ("maj7".equals(m.group(4)) ? 11 : 10));
        }
        int inversion =
                Map.of("", 0, "6", 1, "6/4", 2, "6/5", 1, "4/3", 2, "4/2", 3).get(m.group(5));
        tones.add(0, tones.remove(inversion));
        return tones.stream().map(tone -> Math.floorMod(tone, 12)).toList();
    }

    @Test
    void numeralsSayWhatTheySayInAnyTextbook() {
        int chords = 0;
        for (ReadyMade set : ReadyMade.ALL) {
            for (int seed = 0; seed < SEEDS; seed++) {
                String chart = set.chart(seed);
                String row = chart.lines()
                        .filter(line -> line.startsWith("| "))
                        .findFirst()
                        .orElseThrow();
                List<String> numerals = Arrays.stream(row.split("[| ]+"))
                        .filter(word -> !word.isBlank())
                        .toList();
                if (!numerals.stream().allMatch(word -> NUMERAL.matcher(word).matches())) {
                    continue;
                }
                var sheet = Chart.read(chart).sheet();
                boolean minor = sheet.key().toString().endsWith("minor");
                List<Chord> read =
                        sheet.events().stream().map(ChordEvent::chord).toList();
                for (int i = 0; i < numerals.size(); i++) {
                    Chord chord = read.get(i);
                    List<Integer> wanted =
                            read(numerals.get(i), sheet.key().tonic().semitone(), minor);
                    assertThat(chord.bass().semitone())
                            .as(set.id() + " " + chart)
                            .isEqualTo(wanted.get(0));
                    Set<Integer> tones =
                            chord.tones().stream().map(PitchClass::semitone).collect(Collectors.toSet());
                    assertThat(tones).as(set.id() + " " + chart).isEqualTo(Set.copyOf(wanted));
                    chords++;
                }
            }
        }
        assertThat(chords).isGreaterThan(1000);
    }

    @Test
    void noModelAnswerBreaksAStrictRule() {
        Set<ExerciseKind> voiced = Set.of(
                ExerciseKind.CHORDS,
                ExerciseKind.BASS,
                ExerciseKind.INVERSIONS,
                ExerciseKind.FIGURES,
                ExerciseKind.FOUR_PARTS);
        List<String> broken = new ArrayList<>();
        for (ReadyMade set : ReadyMade.ALL) {
            for (int seed = 0; voiced.contains(set.asked()) && seed < SEEDS; seed++) {
                Exercise exercise = (Exercise) set.exercise(seed, Hand.OCTAVE, School.STRICT);
                String row = set.id() + " " + set.chart(seed).lines().skip(1).collect(Collectors.joining(" "));
                var whole = exercise.played(exercise.solution().keys());
                Findings.in(whole, School.STRICT).stream()
                        // Direct fifths in close position are let pass in one hand, not in parts.
                        .filter(finding -> set.asked() == ExerciseKind.CHORDS
                                ? finding.severity() == Severity.FAULT
                                : finding.severity().isAboveHint())
                        .filter(finding -> !finding.kind().is(Trait.HAND))
                        .forEach(finding -> broken.add(row + ": " + finding.id()));
            }
        }
        assertThat(broken).as(String.join("\n", new TreeSet<>(broken))).isEmpty();
    }

    /** Each page holds the one kind of fault that its line names, in every key, whatever the student's hand holds. */
    @ParameterizedTest
    @CsvSource({
        "fault-in-parts, fault-in-parts, OCTAVE",
        "fault-in-parts-minor, fault-in-parts-minor, OCTAVE",
        "find-the-fault, fault-in-hand, OCTAVE",
        "find-the-fault, fault-in-hand, SMALL"
    })
    void faultsAreWhatTheirLinesSay(String id, String lines, String hand) {
        ReadyMade set = ReadyMade.named(id);
        List<String> kinds = ExerciseLines.ALL
                .lines()
                .filter(line -> line.startsWith(lines + ";"))
                .map(line -> line.substring(line.lastIndexOf(';') + 2))
                .toList();
        for (int seed = 0; seed < 12 * kinds.size(); seed++) {
            Hand under = hand.equals("SMALL") ? Hand.ofSpan(7) : Hand.OCTAVE;
            var page = Arrangement.of(Chart.read(set.chart(seed)).sheet(), set.choices(under, School.STRICT));
            List<Finding> found = Findings.in(page, School.STRICT).stream()
                    .filter(finding -> finding.severity().isAboveHint())
                    .toList();
            Severity gravest = found.stream()
                    .map(Finding::severity)
                    .min(Comparator.naturalOrder())
                    .orElseThrow();
            List<Finding> top = found.stream()
                    .filter(finding -> finding.severity() == gravest)
                    .toList();
            assertThat(top)
                    .as(set.chart(seed))
                    .extracting(Finding::chord)
                    .containsOnly(top.get(0).chord());
            assertThat(top)
                    .as(set.chart(seed))
                    .extracting(finding -> finding.kind().code())
                    .contains(kinds.get((seed / 12 + seed) % kinds.size()));
        }
    }

    /** Where singers sing (any textbook of harmony, from memory): the bass not below E2, the soprano not above A5, in every key. */
    @Test
    void partsLieWhereSingersSing() {
        for (String set : List.of(
                "fault-in-parts",
                "fault-in-parts-minor",
                "non-chord",
                "chorale-tune",
                "chorale-bass",
                "four-parts-bass")) {
            for (int seed = 0;
                    seed < 12 * ExerciseMusic.count(set.equals("four-parts-bass") ? "over-bass" : set);
                    seed++) {
                String chart = ReadyMade.named(set).chart(seed);
                var bars = Chart.read(chart).sheet().bars();
                assertThat(bars.stream().flatMap(bar -> bar.allOfLeft().stream()))
                        .as(chart)
                        .allMatch(note -> note.isRest() || note.pitch().midi() >= 40);
                assertThat(bars.stream().flatMap(bar -> bar.allOfUpper().stream()))
                        .as(chart)
                        .allMatch(note -> note.isRest() || note.pitch().midi() <= 81);
            }
        }
    }

    /** As any textbook calls them (common practice), line by line in C. */
    @Test
    void nonChordTonesHaveTheirNamesInEveryPart() {
        ReadyMade set = ReadyMade.named("non-chord");
        List<String> told = new ArrayList<>();
        for (int seed : new int[] {0, 12, 24}) {
            Task task = set.exercise(seed, Hand.OCTAVE, School.STRICT);
            task.questions().stream()
                    .sorted(Comparator.comparingInt(Task.Question::chord))
                    .forEach(question ->
                            told.add(question.bar() + " " + question.prompt().replaceAll(" is none.*", "") + " "
                                    + task.solution().words().get(question.chord())));
        }
        assertThat(told)
                .containsExactly(
                        "1 the alto's F passing note",
                        "3 the tenor's A neighbour",
                        "4 the soprano's C suspension",
                        "1 the bass's B passing note",
                        "4 the soprano's C anticipation",
                        "1 the soprano's F escape note",
                        "3 the soprano's E appoggiatura");
    }
}
