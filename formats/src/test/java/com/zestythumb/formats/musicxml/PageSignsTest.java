package com.zestythumb.formats.musicxml;

import static com.zestythumb.formats.musicxml.EngravedBars.children;
import static com.zestythumb.formats.musicxml.EngravedBars.has;
import static com.zestythumb.formats.musicxml.EngravedBars.measures;
import static com.zestythumb.formats.musicxml.EngravedBars.text;
import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.w3c.dom.Element;

/** Lines and words between and above the bars (from memory, of the usual English and German manuals of engraving), written before the writer was tried. */
class PageSignsTest {

    /** A thin double line before a section and a change of key, none where a repeat begins, thick at the end. */
    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            | C | C | -> , light-heavy
            | C |;[B];| C | C | -> light-light, , light-heavy
            | C | {key G} G | -> light-light, light-heavy
            | C | {meter 3/4} G | -> , light-heavy
            |: C :|;[B];| C | -> light-heavy, light-heavy
            | C |;[B];|: C :| -> , light-heavy
            |: C |1 F :|2 G |;[B];| C | -> , light-heavy, light-light, light-heavy
            """)
    void barLines(String chart, String wanted) throws Exception {
        Arrangement arrangement = Arrangement.of(Chart.parse(chart.replace(';', '\n')), Choices.USUAL);
        List<String> styles = new ArrayList<>();
        for (Element measure : measures(new MusicXmlWriter(Staves.GRAND).write(arrangement))) {
            styles.add(children(measure, "barline").stream()
                    .filter(line -> line.getAttribute("location").equals("right"))
                    .map(line -> text(line, "bar-style"))
                    .findFirst()
                    .orElse(""));
        }
        assertThat(String.join(", ", styles)).isEqualTo(wanted);
    }

    /** What a page without words would not tell: where nothing sounds, and how often a repeat is played. */
    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            | C N.C. | -> C N.C.
            | C N.C. |;m: c8 -> C N.C.
            | N.C. |;m: c8 -> N.C.
            | C ? | -> C
            |: C | F :| x3 -> C F 3×
            |: C | F :| -> C F
            """)
    void thePageTells(String chart, String wanted) throws Exception {
        Arrangement arrangement = Arrangement.of(Chart.parse("key: C\n" + chart.replace(';', '\n')), Choices.USUAL);
        List<String> told = new ArrayList<>();
        for (Element measure : measures(new MusicXmlWriter(Staves.PAGE).write(arrangement))) {
            for (var node = measure.getFirstChild(); node != null; node = node.getNextSibling()) {
                if (node instanceof Element harmony && harmony.getTagName().equals("harmony")) {
                    told.add(((Element) harmony.getElementsByTagName("kind").item(0)).getAttribute("text"));
                } else if (node instanceof Element direction
                        && has(direction, "words")
                        && !direction.getAttribute("placement").equals("below")) {
                    told.add(text(direction, "words").strip());
                }
            }
        }
        assertThat(String.join(" ", told).strip()).isEqualTo(wanted);
    }
}
