package com.zestythumb.formats.chordpro;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.formats.importing.Importer;
import java.nio.charset.StandardCharsets;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** ChordPro 6: grids with their bar lines and endings, chords within words (from memory of its manual), written before the writer was tried. */
class ChordProWriterTest {

    /** What stands in the body, its lines parted by {@code ;}; {@code ¦} is a bar line. */
    private static String body(String chart) {
        return new ChordProWriter()
                .write(read(chart))
                .lines()
                .filter(line -> !line.matches("\\{(title|key|time|tempo): .*}") || line.contains("now"))
                .filter(line -> !line.isBlank())
                .map(line -> line.replace('|', '¦'))
                .collect(Collectors.joining(" ; "));
    }

    private static LeadSheet read(String chart) {
        return Chart.parse(chart.replace(" // ", "\n").replace('¦', '|'));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '=',
            value = {
                "¦ C ¦ F ¦ = ¦ C . . . ¦ F . . . ¦",
                "¦ C G7 ¦ F ¦ = ¦ C . G7 . ¦ F . . . ¦",
                "meter: 3/4 // ¦ C / G7 ¦ F ¦ = ¦ C . G7 ¦ F . . ¦",
                "meter: 6/8 // ¦ C F ¦ = ¦ C . . F . . ¦",
                "¦: C ¦ F :¦ = ¦: C . . . ¦ F . . . :¦",
                "¦: C ¦ F :¦ x3 = ¦: C . . . ¦ F . . . :¦ x3",
                "¦: C ¦1 F :¦2 G ¦ = ¦: C . . . ¦1 F . . . :¦2 G . . . ¦",
                "¦: C ¦ F :¦: G ¦ C :¦ = ¦: C . . . ¦ F . . . :¦: G . . . ¦ C . . . :¦",
                "¦ C ¦¦ F ¦ = ¦ C . . . ¦¦ F . . . ¦",
                "¦ C ¦ N.C. ¦ = ¦ C . . . ¦ N.C. . . . ¦"
            })
    void aTuneWithoutWordsIsAGrid(String chart, String wanted) {
        assertThat(body(chart)).isEqualTo("{start_of_grid} ; " + wanted.strip() + " ; {end_of_grid}");
    }

    /** Changes of key and meter stand between grids, as directives from there on; the way through the form in words. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '=',
            value = {
                "¦ C ¦ {meter 3/4} F ¦ = ¦ C . . . ¦ ; {end_of_grid} ; {time: 3/4} ; {start_of_grid} ; ¦ F . . ¦",
                "¦ C ¦ {key G} G ¦ = ¦ C . . . ¦ ; {end_of_grid} ; {key: G} ; {start_of_grid} ; ¦ G . . . ¦",
                "¦ {segno} C ¦ F {D.S.} ¦ = segno ¦ C . . . ¦ F . . . ¦ D.S.",
                "¦ C ¦ F {fine} ¦ G {D.C. al Fine} ¦ = ¦ C . . . ¦ F . . . ¦ Fine ; ¦ G . . . ¦ D.C. al Fine"
            })
    void theFormStandsInTheGrid(String chart, String wanted) {
        String body = new ChordProWriter()
                .write(read(chart))
                .lines()
                .skip(4)
                .map(line -> line.replace('|', '¦'))
                .collect(Collectors.joining(" ; "));
        assertThat(body).isEqualTo("{start_of_grid} ; " + wanted.strip() + " ; {end_of_grid}");
    }

    /** A chord stands before the syllable with which it is struck, or behind one that is still held. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '=',
            value = {
                "¦ C F ¦ // m: c2 d2 e2 f2 // w: fer-ry leaves now = [C]ferry [F]leaves now",
                "¦ C F ¦ // m: c4 d4 // w: morn-ing = [C]morn[F]ing",
                "¦ C F ¦ // m: c8 // w: home = [C]home[F]",
                "¦ C F ¦ // m: c6 d2 // w: far off = [C]far [F]off",
                "¦ C ¦ F ¦ // m: z4 c4 ¦ d8 // w: come ¦ home = [C]come [F]home",
                "¦ C ¦ F ¦ // m: c8- ¦ c4 d4 // w: long day = [C]long [F]day",
                "¦ C F ¦ // w: one two three four = [C]one two [F]three four",
                "¦ C ¦ F ¦ // w: one two ¦ three = [C]one two [F]three",
                "¦ C ¦ F ¦ // m: c4 d4 ¦ e8 // w: a- ¦ long = [C]a[F]long"
            })
    void aSongHasItsChordsInTheWords(String chart, String wanted) {
        assertThat(body(chart)).isEqualTo(wanted.strip());
    }

    /** Each verse with its chords, one after another; a bar without words in a verse is not in it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '=',
            value = {
                "¦ C ¦ F ¦ // m: c4 d4 ¦ e8 // w: one two ¦ three // w: four five ¦ six"
                        + " = [C]one two [F]three ; {comment: 2.} ; [C]four five [F]six",
                "¦ C ¦ F ¦ // m: c4 d4 ¦ e8 // w: one two ¦ three // w: four five ¦ *"
                        + " = [C]one two [F]three ; {comment: 2.} ; [C]four five"
            })
    void versesFollowOneAnother(String chart, String wanted) {
        assertThat(body(chart)).isEqualTo(wanted.strip());
    }

    /** Repeats, endings, changes of key and meter come back from a grid. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '=',
            value = {
                "¦: C ¦1 F :¦2 G ¦ C ¦",
                "¦: C ¦ F :¦ x3",
                "meter: 3/4 // ¦ C ¦ {meter 4/4} F ¦ {key G} G / D7 / ¦",
                "¦ {segno} C ¦ F {to coda} ¦ G {D.S. al Coda} ¦ {coda} C ¦"
            })
    void aGridComesBack(String chart) {
        LeadSheet sheet = read(chart);
        byte[] file = new ChordProWriter().write(sheet).getBytes(StandardCharsets.UTF_8);
        assertThat(form(Importer.read("a.cho", file).get(0).sheet())).isEqualTo(form(sheet));
    }

    private static String form(LeadSheet sheet) {
        return sheet.bars().stream()
                .map(bar -> bar.key() + " " + bar.meter() + " " + bar.signs()
                        + bar.events().stream()
                                .map(e -> e.chord() + ":" + e.duration())
                                .toList())
                .collect(Collectors.joining("\n"));
    }
}
