package com.zestythumb.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voicing.Hand;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Bass alone, chords held, as written (common practice: the same notes with the same fingers in every pass). */
class PracticeReductionsTest {

    private static final String ALBERTI =
            "key: C\n| C | F | G7 | C |\nl: !5!C,!1!G,!3!E,!1!G, C,G,E,G, | C,A,F,A, C,A,F,A, | B,,G,F,G, B,,G,F,G, | [C,E,G,]8 |";

    @Test
    void areCutFromTheSameNotesWithTheSameFingers() {
        for (String chart : List.of(
                ALBERTI,
                "key: Em\n| Em | Am |\nl: [!5!E,,!1!E,]2 !5!B,,!2!E, !1!G,!2!E, B,,2 | [A,,,A,,]2 E,A, CA, E,2 |",
                "| C | F C |\nl: z2 [E,G,]2 [E,G,]2 [E,G,]2 & C,,8 | F,,2 [A,C]2 C,,2 [E,G,]2 |")) {
            Arrangement tune = Arrangement.of(Chart.parse(chart), Choices.USUAL);
            Set<List<Object>> own = new HashSet<>();
            tune.chords()
                    .forEach(chord -> chord.voicing().grips().forEach(grip -> {
                        List<Integer> fingers =
                                chord.fingers().get(chord.voicing().grips().indexOf(grip));
                        for (int i = 0; i < fingers.size(); i++) {
                            own.add(List.of(chord.event().bar(), grip.pitches().get(i), fingers.get(i)));
                        }
                    }));
            assertThat(PracticeReductions.of(tune).subList(0, 2)).allSatisfy(pass -> {
                assertThat(Chart.read(ChartWriter.write(pass.sheet())).problems())
                        .isEmpty();
                pass.sheet()
                        .bars()
                        .forEach(bar -> assertThat(bar.allOfLeft().stream()
                                        .filter(note -> !note.isRest())
                                        .map(note -> List.<Object>of(bar.index(), note.pitch(), note.finger())))
                                .as(chart + pass.name())
                                .isNotEmpty()
                                .isSubsetOf(own));
            });
        }
    }

    @Test
    void holdABassForAsLongAsItsChordAndAChordAtOnce() {
        List<PracticeReductions.Pass> passes =
                PracticeReductions.of(Arrangement.of(Chart.parse(ALBERTI), Choices.USUAL));
        assertThat(passes.get(0).sheet().bars())
                .extracting(bar -> bar.allOfLeft().stream()
                        .map(SheetNote::pitch)
                        .map(String::valueOf)
                        .toList())
                .containsExactly(List.of("C3"), List.of("C3"), List.of("B2"), List.of("C3"));
        assertThat(ChartWriter.write(passes.get(1).sheet())).contains("[!5!C,!3!E,!1!G,]8");
    }

    /** Bass and harmony stay, nothing is beyond the hand, and what it reaches stays as it is (common practice). */
    @Test
    void areEasierForASmallerHand() {
        String page =
                "key: C\n| C | F | C |\nl: [C,,C,]2 [E,C]2 [C,,E,]2 [E,G,C]2 | [F,,F,]4 [C,A,F]4 | C,G,E,G, [C,G,E]4 |";
        Choices small = Choices.USUAL.with(Hand.ofSpan(9));
        PracticeReductions.Pass easier =
                PracticeReductions.of(Arrangement.of(Chart.parse(page), small)).get(2);
        assertThat(easier.name()).isEqualTo("Easier, for this hand");
        assertThat(ChartWriter.write(easier.sheet()))
                .contains("C,,2 [E,C]2 [C,,E,,]2 [E,G,C]2 | F,,4 [C,F,A,]4 | C,G, E,G, [C,E,G,]4");
        assertThat(Findings.in(Arrangement.of(easier.sheet(), small)))
                .noneMatch(finding -> finding.kind().code().equals("stretch"));
        assertThat(PracticeReductions.of(Arrangement.of(Chart.parse(page), Choices.USUAL.with(Hand.ofSpan(17)))))
                .extracting(PracticeReductions.Pass::name)
                .doesNotContain("Easier, for this hand");
    }

    /** What falls between the beats goes, unless the chord is not told without it; broken chords are felt in beats (common practice). */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "4/4 | C | C,G,E,G, C,G,E,G, | C,2 E,2 C,2 E,2",
                "3/4 | C | C,2 E,G, E,G, | C,2 E,2 E,2",
                "6/8 | Am | A,,E,A, CA,E, | A,,3 C3",
                // The seventh comes between the beats alone; the third is struck by no beat.
                "4/4 | G7 | G,,F,B,F, G,,F,B,F, | -",
                "4/4 | C | C,E,G,E, C,E,G,E, | -",
                "4/4 | F | F,,2 [A,C]2 F,,2 [A,C]2 | -",
            })
    void areEasierOnTheBeats(String meter, String chord, String left, String expected) {
        Arrangement tune = Arrangement.of(
                Chart.parse("meter: " + meter + "\n| " + chord + " |\nl: " + left + " |"), Choices.USUAL);
        assertThat(PracticeReductions.of(tune).stream()
                        .filter(pass -> pass.name().equals("Easier, on the beats"))
                        .findFirst()
                        .map(pass -> ChartWriter.write(pass.sheet()).replaceAll("(?s).*l: (.*) \\|\n.*", "$1"))
                        .orElse(null))
                .isEqualTo(expected);
    }
}
