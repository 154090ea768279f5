package com.zestythumb.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Verses beneath one another, each a {@code w:} line under the same notes (ABC standard 2.1, section 5.1). */
class VersesTest {

    private static Chart read(String chart) {
        return Chart.read(chart.replace(" / ", "\n").replace('¦', '|'));
    }

    private static String verses(Chart chart) {
        return chart.sheet().bars().stream()
                .flatMap(bar -> bar.melody().stream())
                .map(note -> String.join("+", note.verses()))
                .collect(Collectors.joining(" "));
    }

    /** What each note sings, verse by verse; nothing typed is lost when the chart is written again. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "¦ C ¦ / m: c4 d4 / w: one two / w: three four; one+three two+four",
                "¦ C ¦ / m: c4 d4 / w: one two / w: * four; one two+four",
                "¦ C ¦ / m: c4 d4 / w: * two / w: three; +three two",
                "¦ C ¦ C ¦ / m: c8 ¦ d8 / w: one ¦ two / w: a ¦ b / w: x ¦ y / w: g ¦ h; one+a+x+g two+b+y+h",
                "¦ C ¦ / m: c2 d2 e4 / w: a _ b / w: one two three; a+one _+two b+three",
                "¦ C ¦ / m: c2-c2 d2 e2 / w: a b c; a  b c",
                "¦ C ¦ / m: c2-c2 d2 e2 / w: a _ b c; a  b c",
                "¦ C ¦ / m: c2-c2 d2 e2 / w: a _ _ c; a  _ c",
                "¦ C ¦ C ¦ / m: c8- ¦ c4 d4 / w: a ¦ _ _; a  _",
                "¦ C ¦ C ¦ / m: c8- ¦ c4 d4 / w: a ¦ b; a  b",
                "¦ C ¦ / m: c4 d4 / w: morn-ing / w: eve-ning; morn-+eve- ing+ning"
            })
    void eachLineIsAVerse(String chart, String wanted) {
        Chart read = read(chart);
        assertThat(verses(read)).isEqualTo(wanted);
        assertThat(verses(Chart.read(ChartWriter.write(read.sheet())))).isEqualTo(wanted);
        assertThat(read.problems()).isEmpty();
    }

    /** Words of bars without a tune have verses too. */
    @Test
    void barsWithoutATuneHaveVersesToo() {
        Chart read = read("¦ C ¦ G ¦ / w: come in ¦ sit down ¦ / w: go out ¦ stand up ¦");
        assertThat(read.sheet().bars())
                .extracting(bar -> bar.text().words())
                .containsExactly("come in\ngo out", "sit down\nstand up");
        assertThat(Chart.read(ChartWriter.write(read.sheet())).sheet().bars())
                .extracting(bar -> bar.text().words())
                .containsExactly("come in\ngo out", "sit down\nstand up");
    }

    /** Syllables that find no note would be gone: they are told with their bar; notes without a syllable are told quietly. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            nullValues = "-",
            value = {
                "¦ C ¦ / m: c4 d4 / w: one two three; bar 1, words; -",
                "¦ C ¦ C ¦ / m: c4 d4 ¦ e8 / w: one two three ¦ four; bar 1, words; -",
                "¦ C ¦ C ¦ / m: c4 d4 ¦ e8 / w: one two ¦ four five; bar 2, words; -",
                "¦ C ¦ C ¦ / m: c4 d4 ¦ e8 / w: one ¦ four; -; bar 1, words",
                "¦ C ¦ C ¦ / m: c4 d4 ¦ e8 / w: one two; -; bar 2, words",
                "¦ C ¦ C ¦ / m: c4 d4 ¦ e8 / w: one two ¦ four; -; -",
                "¦ C ¦ C ¦ / m: c4 d4 ¦ e8 / w: one * ¦ *; -; -",
                "¦ C ¦ C ¦ / m: c8- ¦ c4 z4 / w: long; -; -",
                "¦ C ¦ C ¦ / m: c8 ¦ d8 / w: one ¦; -; -"
            })
    void whatDoesNotFitIsTold(String chart, String told, String quietly) {
        Chart read = read(chart);
        assertThat(places(read.problems())).isEqualTo(told == null ? "" : told);
        assertThat(places(read.taken())).isEqualTo(quietly == null ? "" : quietly);
    }

    private static String places(List<ChartProblem> problems) {
        return problems.stream().map(ChartProblem::place).collect(Collectors.joining(" "));
    }
}
