package com.zestythumb.core.checking;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.KeptVoicing;
import com.zestythumb.core.arrangement.Manner;
import com.zestythumb.core.arrangement.Waiver;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voiceleading.Fault;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.Rule;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voiceleading.Severity;
import com.zestythumb.core.voiceleading.Step;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Inversions;
import com.zestythumb.core.voicing.Reach;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FindingsTest {

    private static final Choices ROOTS = Choices.USUAL.with(Inversions.ROOT_POSITION);

    private static List<Finding> findings(String chart, Choices choices) {
        return Findings.in(Arrangement.of(Chart.parse(chart), choices));
    }

    private static String code(Finding finding) {
        return finding.kind().code();
    }

    private static List<String> messages(String chart, Choices choices) {
        Arrangement arrangement = Arrangement.of(Chart.parse(chart), choices);
        return Findings.in(arrangement).stream()
                .map(finding -> FindingWords.of(finding, arrangement).message())
                .toList();
    }

    /** One pinned voicing to a bar. */
    private static Choices voiced(Choices choices, String... voicings) {
        List<KeptVoicing> pins = new ArrayList<>();
        for (String voicing : voicings) {
            List<Pitch> notes =
                    Stream.of(voicing.split("[ +]+")).map(Pitch::parse).toList();
            KeptVoicing pin = new KeptVoicing(pins.size(), Fraction.ZERO, notes);
            // What stands behind a plus is the right hand's.
            pins.add(voicing.contains("+") ? pin.with(notes.get(notes.size() - 1), Manner.RIGHT_HAND) : pin);
        }
        return choices.withPins(pins);
    }

    @Test
    void findAStretchBeyondTheHandAndLoseItWithAWiderOne() {
        Choices small = ROOTS.with(Hand.ofSpan(10));
        Choices wide = voiced(small, "C3 E3 G3", "C3 E3 G3 B3", "C3 E3 G3");
        assertThat(findings("| C | Cmaj7 | C |", wide))
                .filteredOn(f -> f.kind().code().equals("stretch"))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.bar()).isEqualTo(2);
                    assertThat(f.fault().measures()).containsEntry("width", 11).containsEntry("span", 10);
                });
        assertThat(messages("| C | Cmaj7 | C |", wide)).contains("Cmaj7 spans 11 half steps; this hand reaches 10");
        assertThat(findings("| C | Cmaj7 | C |", ROOTS))
                .noneMatch(f -> f.kind().code().equals("stretch"));
        // Never voiced by itself, in root position or any other.
        assertThat(findings("| C | Cmaj7 | C |", small))
                .noneMatch(f -> f.kind().code().equals("stretch"));
        assertThat(findings("| C | Cmaj7 | C |", small.with(Inversions.NEAREST)))
                .noneMatch(f -> f.kind().code().equals("stretch"));
    }

    /** Thumb and little finger reach it, two fingers between them do not. */
    @Test
    void findWhatTwoFingersDoNotReach() {
        Reach stiff = Reach.ofSpan(12).with(Map.of("2-5", 4, "3-5", 3, "4-5", 2, "1-2", 5, "1-3", 6), Map.of());
        Choices hand = Choices.USUAL
                .with(new StyleChoice(VoicingStyles.ROOT_FIFTH_OCTAVE, Map.of()))
                .with(Hand.OCTAVE.with(stiff));
        assertThat(messages("| C |", voiced(hand, "C3 G3 C4")))
                .contains("two fingers of this hand do not reach their keys in C");
    }

    /** A march is made of leaps: no fault where there is time (common practice). */
    @Test
    void forgiveTheLeapsOfAMarch() {
        Choices leaping = Choices.USUAL
                .with(new StyleChoice(VoicingStyles.OCTAVE_THEN_CHORD, Map.of()))
                .with(AccompanimentPatterns.BASS_AND_CHORDS);
        String tune = "| C | Dm | G | C | F | Em | C | G |";
        assertThat(messages("tempo: 160\n" + tune, leaping)).noneMatch(message -> message.contains("leaps"));
    }

    @Test
    void findLowMudButForgiveTwoSemitones() {
        assertThat(findings("| F |", voiced(Choices.USUAL, "F2 A2 C3")))
                .extracting(FindingsTest::code)
                .contains("mud");
        assertThat(findings("| Am |", voiced(Choices.USUAL, "A2 C3 E3"))).isNotEmpty();
        assertThat(findings("| Bm |", voiced(Choices.USUAL, "B2 D3 F#3"))).isEmpty();
        assertThat(findings("| C |", voiced(Choices.USUAL, "C3 E3 G3"))).isEmpty();
    }

    /** Root positions side by side: the textbook case of parallel fifths (any textbook of harmony). */
    @Test
    void findParallelFifthsOfBassAndTop() {
        assertThat(findings("| C | Dm |", ROOTS.with(School.CLASSICAL)))
                .extracting(FindingsTest::code)
                .containsExactly("parallel-fifths");
        assertThat(findings("| C | Dm |", ROOTS)).as("a sound like any other").isEmpty();
        assertThat(findings("| C | F |", Choices.USUAL)).isEmpty();
        assertThat(findings("| C | C |", ROOTS)).isEmpty();
    }

    /** G to A minor is never played, F to A minor is. */
    @Test
    void lookAtWhatFollowsWhatWhenItIsPlayed() {
        assertThat(messages("|: C | F |1 G :|2 Am |", ROOTS.with(School.CLASSICAL)))
                .anyMatch(message ->
                        message.equals("bass and top voice go F–C to A–E, in parallel fifths, past the bars between"))
                .anyMatch(message -> message.equals("bass and top voice go F–C to G–D, in parallel fifths"))
                .noneMatch(message -> message.contains("G–D to A–E"));
        assertThat(messages("|: C | Dm :|", ROOTS.with(School.CLASSICAL)))
                .containsExactlyInAnyOrder(
                        "bass and top voice go C–G to D–A, in parallel fifths",
                        "bass and top voice go D–A to C–G, in parallel fifths, on the way back");
    }

    /** A bar of rest in the first ending is time enough for a leap that would be hasty without it. */
    @Test
    void countTheSilenceBeforeARepeat() {
        Choices leaping = voiced(Choices.USUAL, "C4 E4 G4", "F3 A3 C4");
        Choices wide = voiced(Choices.USUAL, "C4 E4 G4", "C3 F3 A3");
        String fast = "tempo: 250\nmeter: 2/4\n";
        assertThat(messages(fast + "|: C | F :|", wide)).anyMatch(message -> message.contains("in 0.5 s, on the way"));
        assertThat(messages(fast + "|: C | F |1 N.C. :|2 F |", wide))
                .noneMatch(message -> message.contains("in 0.5 s, on the way"));
        assertThat(messages(fast + "|: C | F :|", leaping)).noneMatch(message -> message.contains("leaps"));
    }

    @Test
    void countBarsAsTeachersDo() {
        assertThat(findings("pickup: 1\n| N.C. | C | Dm |", ROOTS.with(School.CLASSICAL)))
                .extracting(Finding::bar)
                .containsExactly(2);
    }

    /** A pushed chord comes an eighth early, so that there is less time for the leap. */
    @Test
    void measureALeapToWhereAPushedChordIsStruck() {
        List<KeptVoicing> pins = List.of(
                new KeptVoicing(
                        0,
                        Fraction.ZERO,
                        Stream.of("C3", "E3", "G3").map(Pitch::parse).toList()),
                new KeptVoicing(
                        0,
                        Fraction.of(2),
                        Stream.of("C4", "F4", "A4").map(Pitch::parse).toList()));
        Choices broken = Choices.USUAL.with(AccompanimentPatterns.BROKEN_UP).withPins(pins);
        assertThat(messages("tempo: 120\n| C >F |", broken)).contains("the hand leaps 12 half steps to F in 0.3 s");
        assertThat(messages("tempo: 120\n| C F |", broken)).anyMatch(message -> message.endsWith("in 0.3 s"));
    }

    /** Any textbook of harmony: E–B to F–C over a bass that stays. */
    @Test
    void findParallelFifthsOfInnerVoices() {
        assertThat(messages("| Cmaj7 | F |", voiced(Choices.USUAL.with(School.CLASSICAL), "C3 E3 B3", "C3 F3 C4")))
                .contains("middle voice and top voice go E–B to F–C, in parallel fifths");
        assertThat(findings("| Cmaj7 | Am |", voiced(Choices.USUAL, "C3 E3 B3", "C3 E3 A3")))
                .isEmpty();
    }

    @Test
    void doNotCallADiminishedFifthParallel() {
        assertThat(findings("| C | Bdim |", ROOTS)).isEmpty();
    }

    @Test
    void findParallelOctaves() {
        assertThat(findings("| C | Dm |", voiced(Choices.USUAL.with(School.CLASSICAL), "C3 E3 G3 C4", "D3 F3 A3 D4")))
                .extracting(FindingsTest::code)
                .contains("parallel-octaves");
    }

    /** The longer the time, the farther the hand may go (common practice; the figures from memory). */
    @Test
    void findALeapThatIsTooFarForTheTime() {
        Choices wide = voiced(Choices.USUAL, "C3 E3 G3", "C4 E4 A4");
        assertThat(findings("tempo: 60\n| C | Am |", wide))
                .noneMatch(f -> f.kind().code().equals("leap"));
        assertThat(findings("tempo: 120\n| C | Am |", wide.with(AccompanimentPatterns.ALBERTI)))
                .filteredOn(f -> f.kind().code().equals("leap"))
                .singleElement()
                .satisfies(f -> assertThat(f.fault().measures()).containsEntry("shift", 12));
        assertThat(messages("tempo: 120\n| C | Am |", wide.with(AccompanimentPatterns.ALBERTI)))
                .contains("the hand leaps 12 half steps to Am in 0.3 s");
        assertThat(findings("tempo: 30\n| C | F |", voiced(Choices.USUAL, "C3 E3 G3", "A4 C5 F5")))
                .extracting(FindingsTest::code)
                .contains("leap");
    }

    @Test
    void lookAtTheWayBackOfARepeat() {
        Choices far = voiced(Choices.USUAL.with(AccompanimentPatterns.ALBERTI), "C3 E3 G3", "G3 C4 E4", "F4 A4 C5");
        assertThat(findings("tempo: 120\n| C | C | F |", far)).noneMatch(f -> f.chord() == 0);
        assertThat(findings("tempo: 120\n|: C | C | F :|", far))
                .anyMatch(f -> f.kind().code().equals("leap") && f.chord() == 0 && f.bar() == 1);
    }

    @Test
    void findNothingInASmoothTune() {
        assertThat(findings("| C | F | G7 | C |", Choices.USUAL.with(AccompanimentPatterns.ALBERTI)))
                .isEmpty();
    }

    /** A rule of one's own needs a place in a school and nothing else. */
    @Test
    void askEveryRuleOfTheSchool() {
        Rule<Step> sameChordTwice = new Rule<>(
                "no-change",
                Step.class,
                (step, limits, found) -> {
                    if (step.from().equals(step.to())) {
                        found.accept(new Fault(Kind.ALL_ONE_WAY, List.of(), Map.of("limit", limits.get("most"))));
                    }
                },
                null);
        School own = new School(
                "own",
                "Own",
                List.of(new School.Entry(sameChordTwice, 0, Map.of("most", 1.0))),
                kind -> Severity.HINT,
                false);
        assertThat(Findings.in(Arrangement.of(Chart.parse("| C | C | F |"), Choices.USUAL), own))
                .singleElement()
                .satisfies(finding -> {
                    assertThat(finding.fault().measures()).containsEntry("limit", 1.0);
                    assertThat(finding.chord()).isEqualTo(1);
                    assertThat(finding.bar()).isEqualTo(2);
                });
    }

    /** Each fault there is, brought about, is found by some school, with words that are filled. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "stretch; | C |; C3 E3 G4",
                "stretch-within; | Am9 |; C3 A3 B3 C4",
                "stretch-right; key: C~| C |~m: c8; C3 E3 + G3",
                "held-too-far; | C |~l: C,,8 & z4 [E,C]4; C3",
                "finger-twice; | C |~l: !5!C,8 & z4 !5!E,4; C3",
                "parallel-fifths; key: C~| C | Dm |~m: g8 | a8; C3 E3, D3 F3",
                "parallel-octaves; key: C~| C | Dm |~m: c'8 | d'8; C3 E3, D3 F3",
                "leap; tempo: 200~| C | F |; C2 E2 G2, A4 C5 F5",
                "mud; | C |; C2 E2 G2",
                "parallel-fifths; | C | Dm |; C3 E3 G3, D3 F3 A3",
                "parallel-octaves; | C | Dm |; C3 E3 C4, D3 F3 D4",
                "parallel-fifths; | C | Dm |; C3 G3 E4, D3 A3 D4",
                "parallel-octaves; | C | Dm |; C3 C4 E4, D3 D4 A4",
                "clash; key: C~| C |~m: F4 E4; C4 E4",
                "clash-ninth; key: C~| C |~m: F4 E4; C3 E3 G3",
                "collision; key: C~| C |~m: E8; C4 E4",
                "crossing; key: C~| C |~m: E8; C4 E4 G4",
                "leading-doubled; key: C~| G7 | C |~m: B8 | c8; G2 B2 F3, C3 E3 G3",
                "doubled-third; key: C~| C |~m: e8; C3 E3 G3",
                "strain; tempo: 240~| C | C | C | C | C | C |; C3 E3 G3",
                "strain-wide; tempo: 240~| C | C | C | C | C | C |; C3 G3 E4"
            })
    void haveWordsForEveryFault(String code, String chart, String voicings) {
        Choices voiced = voiced(
                Choices.USUAL.with(Hand.ofSpan(code.startsWith("stretch") || code.startsWith("held") ? 12 : 16)),
                voicings.split(", "));
        if (code.startsWith("strain")) {
            voiced = voiced.with(AccompanimentPatterns.REPEATED)
                    .withPins(List.of(voiced.pins().get(0).with(KeptVoicing.Scope.CHORD)));
        }
        boolean found = false;
        for (School school : School.all()) {
            Arrangement tune = Arrangement.of(Chart.parse(chart.replace('~', '\n')), voiced.with(school));
            for (Finding finding : Findings.in(tune)) {
                FindingWords words = FindingWords.of(finding, tune);
                assertThat(words.message()).doesNotContain("{").doesNotContain("null");
                assertThat(words.title()).isNotBlank();
                assertThat(words.remedy()).isNotBlank();
                found |= code(finding).equals(code);
            }
        }
        assertThat(found).as(code).isTrue();
    }

    /** Half a second is enough to find a place (a rule of thumb): 0.3 s at 120 is half a second at 60. */
    @Test
    void aHastyLeapIsLearnedSlower() {
        List<KeptVoicing> pins = List.of(
                new KeptVoicing(
                        0,
                        Fraction.ZERO,
                        Stream.of("C3", "E3", "G3").map(Pitch::parse).toList()),
                new KeptVoicing(
                        0,
                        Fraction.of(2),
                        Stream.of("C4", "F4", "A4").map(Pitch::parse).toList()));
        Arrangement tune = Arrangement.of(
                Chart.read("tempo: 120\n| C F |").sheet(),
                Choices.USUAL.with(AccompanimentPatterns.BROKEN_UP).withPins(pins));
        assertThat(Findings.in(tune).stream()
                        .filter(finding -> finding.kind().code().equals("leap"))
                        .map(finding -> FindingWords.of(finding, tune).remedy()))
                .isNotEmpty()
                .allMatch(remedy -> remedy.endsWith("; at ♩ = 60 there is time for it"));
    }

    /** What a teacher leaves as it is is not told again: in its bar, or in the whole tune. */
    @Test
    void leavesWhatTheTeacherLeaves() {
        Arrangement tune = Arrangement.of(
                Chart.read("| C | Dm | C | Dm |\nl: [C,E,G,]8 | [D,F,A,]8 | [C,E,G,]8 | [D,F,A,]8 |")
                        .sheet(),
                Choices.USUAL.with(School.CLASSICAL));
        assertThat(fifths(tune, List.of())).containsExactly(1, 2, 3);
        assertThat(fifths(tune, List.of(new Waiver("parallel-fifths", 1, "sounds well here"))))
                .containsExactly(2, 3);
        assertThat(fifths(tune, List.of(new Waiver("parallel-octaves", Waiver.WHOLE_TUNE, ""))))
                .containsExactly(1, 2, 3);
        assertThat(fifths(tune, List.of(new Waiver("parallel-fifths", Waiver.WHOLE_TUNE, ""))))
                .isEmpty();
    }

    private static List<Integer> fifths(Arrangement tune, List<Waiver> waivers) {
        return Findings.in(tune.with(tune.choices().waiving(waivers))).stream()
                .filter(finding -> finding.kind().code().equals("parallel-fifths"))
                .map(Finding::chord)
                .toList();
    }

    /** More than her school does or less, and what shares a rule's page with it. */
    @Test
    void aTeacherMindsThingsInHerOwnWay() {
        Arrangement tune = Arrangement.of(
                Chart.parse("| C | Dm |\nl: [C,G,CE]8 | [D,A,DF]8 |"), Choices.USUAL.with(Hand.ofSpan(19)));
        assertThat(Findings.in(tune, School.POPULAR)).isEmpty();
        assertThat(Findings.in(tune, School.POPULAR, Map.of(Kind.PARALLEL_FIFTHS, Severity.FAULT)))
                .isNotEmpty()
                .allSatisfy(finding -> assertThat(code(finding)).startsWith("parallel-fifths"))
                .allSatisfy(finding -> assertThat(finding.severity()).isEqualTo(Severity.FAULT));
        assertThat(Findings.in(tune, School.CLASSICAL).stream().map(FindingsTest::code))
                .anyMatch(code -> code.equals("parallel-fifths"));
        assertThat(Findings.in(tune, School.CLASSICAL, Map.of(Kind.PARALLEL_FIFTHS, Severity.OFF)).stream()
                        .map(FindingsTest::code))
                .noneMatch(code -> code.startsWith("parallel-fifths"));
    }
}
