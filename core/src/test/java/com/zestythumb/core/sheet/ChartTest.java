package com.zestythumb.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.pitch.Key;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ChartTest {

    /** Each event as chord@start+duration, bars parted by a stroke. */
    private static String written(LeadSheet sheet) {
        return sheet.bars().stream()
                .map(bar -> bar.events().stream()
                        .map(e -> (e.isSilent() ? "-" : e.chord()) + "@" + e.start() + "+" + e.duration())
                        .collect(Collectors.joining(" ")))
                .collect(Collectors.joining(" | "));
    }

    private static List<String> problems(String chart) {
        return Chart.read(chart).problems().stream().map(ChartProblem::toString).toList();
    }

    @Test
    void readsATuneWithItsHeading() {
        LeadSheet sheet = Chart.parse("""
                title: Paper Boats
                key: Eb major
                meter: 3/4
                tempo: 96

                [Verse]
                | Eb | Ab / Bb7 |
                # a remark
                [Last time]
                | Eb |
                """);
        assertThat(sheet.title()).isEqualTo("Paper Boats");
        assertThat(sheet.key()).isEqualTo(Key.parse("Eb major"));
        assertThat(sheet.meter()).isEqualTo(Meter.THREE_FOUR);
        assertThat(sheet.tempo()).isEqualTo(96);
        assertThat(written(sheet)).isEqualTo("Eb@0+3 | Ab@0+2 Bb7@2+1 | Eb@0+3");
        assertThat(sheet.bars()).extracting(Bar::section).containsExactly("Verse", null, "Last time");
        assertThat(sheet.bars().get(1).text().span()).isEqualTo(new TextSpan(7, 8, 8));
    }

    @ParameterizedTest
    @CsvSource({
        "4/4,| C / Am / |,C@0+2 Am@2+2",
        "4/4,| C F G7 C |,C@0+1 F@1+1 G7@2+1 C@3+1",
        "4/4,| C / / G7 |,C@0+3 G7@3+1",
        "4/4,| C | / |,C@0+4 | C@0+4",
        "4/4,| C G7 | % |,C@0+2 G7@2+2 | C@0+2 G7@2+2",
        "4/4,| C | N.C. |,C@0+4 | -@0+4",
        "2/4,|C|G7||,C@0+2 | G7@0+2",
        "6/8,| Am E7 |,Am@0+3/2 E7@3/2+3/2",
        "6/8,| Am / / / / E7 |,Am@0+5/2 E7@5/2+1/2",
        "3/4,| C | G7,C@0+3 | G7@0+3"
    })
    void sharesABarEvenlyAmongItsSlots(String meter, String bars, String expected) {
        assertThat(written(Chart.parse("meter: " + meter + "\n" + bars))).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "| C | F |,0 1",
        "|: C | F :|,0 1 0 1",
        "| C |: F | G :| x3 | C |,0 1 2 1 2 1 2 3",
        "|: C :|: F :|,0 0 1 1",
        "| C | F :| G |,0 1 0 1 2",
        "|: C | F | :| G |,0 1 0 1 2"
    })
    void unfoldsRepeats(String bars, String order) {
        assertThat(Chart.parse(bars).playingOrder().stream()
                        .map(String::valueOf)
                        .collect(Collectors.joining(" ")))
                .isEqualTo(order);
    }

    @Test
    void namesPlaceAndRemedyOfEachMistakeAndReadsTheRest() {
        Chart chart = Chart.read("key: C mojor\n| C | F Cmaj# | G7 |\n| C F G C F G C F G |\n| C |");
        assertThat(chart.problems())
                .extracting(ChartProblem::toString)
                .containsExactly(
                        "line 1: \"C mojor\" is not a key; write C major, A minor, Bb, F#m or D dorian",
                        "bar 2, beat 3: \"Cmaj#\" is not a chord; did you mean Cmaj7 or Cmaj9?",
                        "bar 4: 9 chords are more than a bar of 4/4 holds; part it in two, or take some away");
        assertThat(written(chart.sheet())).isEqualTo("C@0+4 | F@0+2 -@2+2 | G7@0+4 | -@0+4 | C@0+4");
        ChartProblem wrong = chart.problems().get(1);
        assertThat(List.of(wrong.line(), wrong.column(), wrong.length())).containsExactly(2, 9, 5);
    }

    /** Common practice: chords whose lengths nobody told; the first ones are longer, the last beats are parted. */
    @ParameterizedTest
    @CsvSource({
        "3/4, C G7, C@0+2 G7@2+1, C / G7, 2 + 1",
        "4/4, C F G7, C@0+2 F@2+1 G7@3+1, C / F G7, 2 + 1 + 1",
        "5/4, C G7, C@0+3 G7@3+2, C / / G7 /, 3 + 2",
        "4/4, C Am Dm G7 C, C@0+1 Am@1+1 Dm@2+1 G7@3+1/2 C@7/2+1/2, C / Am / Dm / G7 C, 1 + 1 + 1 + 0.5 + 0.5",
        "6/8, C F G7, C@0+3/2 F@3/2+1 G7@5/2+1/2, C / / F / G7, 3 + 2 + 1",
        "9/8, C G7, C@0+3 G7@3+3/2, C / G7, 6 + 3",
        "2/4, C F G7, C@0+1 F@1+1/2 G7@3/2+1/2, C / F G7, 1 + 0.5 + 0.5"
    })
    void sharesABarAsPlayersDo(String meter, String chords, String shares, String formatted, String said) {
        Chart chart = Chart.read("meter: " + meter + "\n| " + chords + " |");
        assertThat(chart.problems()).isEmpty();
        assertThat(written(chart.sheet())).isEqualTo(shares);
        assertThat(chart.taken())
                .singleElement()
                .extracting(ChartProblem::toString)
                .isEqualTo(
                        "bar 1: its chords are taken as " + said + " counts; hold one with / if you mean it otherwise");
        assertThat(ChartWriter.write(chart.sheet())).endsWith("| " + formatted + " |\n");
        assertThat(Chart.read(ChartWriter.write(chart.sheet())).taken()).isEmpty();
    }

    /** A symbol without sense is named in its place, and the rest is read. */
    @ParameterizedTest
    @ValueSource(strings = {"####I", "bbbi", "bbbbVII", "C####", "V/bbbbV"})
    void namesASenselessSymbolInItsPlace(String symbol) {
        Chart chart = Chart.read("| C | " + symbol + " | G7 | C |");
        assertThat(chart.problems()).singleElement().asString().startsWith("bar 2, beat 1: \"" + symbol + "\" is not");
        assertThat(written(chart.sheet())).isEqualTo("C@0+4 | -@0+4 | G7@0+4 | C@0+4");
        assertThat(ChartWriter.write(chart.sheet())).contains("| " + symbol + " |");
    }

    @ParameterizedTest
    @CsvSource({
        "tempo: fast,line 1: \"fast\" is not a tempo",
        "tempo: 999,line 1: \"999\" is not a tempo",
        "meter: 5/3,line 1: \"5/3\" is not a meter",
        "kee: C,line 1: \"kee\" is no heading",
        "C F G7,line 1: a line of bars begins with |",
        "| % |,bar 1: % repeats the bar before",
        "| / |,'bar 1, beat 1: / holds a chord on'",
        "|: C :| x1,line 1: a count of times stands behind a repeat",
        "| zzz |,'bar 1, beat 1: \"zzz\" is not a chord; write a chord such as C'"
    })
    void explainsMistakes(String chart, String problem) {
        assertThat(problems(chart)).singleElement().asString().startsWith(problem);
    }

    @Test
    void parsesStrictlyWhenAsked() {
        assertThatThrownBy(() -> Chart.parse("| Cx |")).hasMessageStartingWith("bar 1, beat 1: \"Cx\" is not a chord");
    }

    @Test
    void readsAnEmptyChartAsAnEmptyTune() {
        assertThat(Chart.parse("").bars()).isEmpty();
        assertThat(Chart.parse("title: Nothing yet\n").playingOrder()).isEmpty();
    }

    @Test
    void holdsAThousandBarsAndNoMore() {
        assertThat(Chart.parse("| C ".repeat(1000)).bars()).hasSize(1000);
        assertThat(problems("| C ".repeat(1002))).singleElement().asString().startsWith("bar 1001: a chart holds 1000");
    }

    /** Whatever is typed is answered with a sheet whose bars add up, never with a crash. */
    @Test
    void survivesWhateverIsTyped() {
        String letters = "CDEFGABm7/%|:[]#b x3\n♭6°";
        Random random = new Random(7);
        for (int round = 0; round < 3000; round++) {
            String text = random.ints(random.nextInt(60), 0, letters.length())
                    .mapToObj(i -> letters.substring(i, i + 1))
                    .collect(Collectors.joining());
            Chart chart = Chart.read("meter: 3/4\n| " + text);
            for (Bar bar : chart.sheet().bars()) {
                Fraction sum = bar.events().stream().map(ChordEvent::duration).reduce(Fraction.ZERO, Fraction::plus);
                assertThat(sum).as(text).isEqualTo(Fraction.of(3));
            }
        }
    }
}
