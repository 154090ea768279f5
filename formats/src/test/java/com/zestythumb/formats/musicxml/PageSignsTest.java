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
            | C || F | -> light-light, light-heavy
            | C | F || G |;| C || -> , light-light, , light-heavy
            | C ||: F :| -> , light-heavy
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

    /** Common and cut time by their signs where they are written so (any primer). */
    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            meter: C;| C | -> common 4/4
            meter: C|;| C | -> cut 2/2
            meter: 4/4;| C | -> 4/4
            meter: 2/2;| C | -> 2/2
            meter: C;| C | {meter 3/4} C | {meter C} C | -> common 4/4, 3/4, common 4/4
            meter: 2/4;| C | {meter C|} C | -> 2/4, cut 2/2
            """)
    void signsOfTime(String chart, String wanted) throws Exception {
        for (Staves staves : List.of(Staves.GRAND, Staves.PAGE)) {
            List<String> times = new ArrayList<>();
            for (Element measure : measures(written(chart, staves))) {
                var found = measure.getElementsByTagName("time");
                for (int i = 0; i < found.getLength(); i++) {
                    Element time = (Element) found.item(i);
                    times.add((time.getAttribute("symbol") + " " + text(time, "beats") + "/" + text(time, "beat-type"))
                            .strip());
                }
            }
            assertThat(String.join(", ", times)).as(staves.toString()).isEqualTo(wanted);
        }
    }

    private static byte[] written(String chart, Staves staves) {
        return new MusicXmlWriter(staves).write(Arrangement.of(Chart.parse(chart.replace(';', '\n')), Choices.USUAL));
    }

    /** Above the first bar: how it goes, in words, and how fast; the sign of the coda stands with "To Coda" (common practice). */
    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            tempo: 96;| C | -> quarter 96
            tempo: 60;meter: 6/8;| C | -> quarter. 60
            tempo: 80;meter: C|;| C | -> half 80
            tempo: 120;meter: 7/8;| C | -> quarter 120
            tempo: 96;feel: gently rocking;| C | -> gently rocking quarter 96
            tempo: 96;| C {to coda} | C {D.C. al Coda} | {coda} C | -> quarter 96 To Coda coda D.C. al Coda coda
            tempo: 96;| {segno} C | C {D.S.} | -> quarter 96 segno D.S.
            """)
    void wordsAbove(String chart, String wanted) throws Exception {
        for (Staves staves : List.of(Staves.GRAND, Staves.PAGE)) {
            List<String> above = new ArrayList<>();
            for (Element measure : measures(written("key: C;" + chart, staves))) {
                var found = measure.getElementsByTagName("direction-type");
                for (int i = 0; i < found.getLength(); i++) {
                    Element what = (Element) found.item(i).getChildNodes().item(0);
                    for (var node = found.item(i).getFirstChild(); node != null; node = node.getNextSibling()) {
                        what = node instanceof Element element ? element : what;
                    }
                    boolean below = ((Element) what.getParentNode().getParentNode())
                            .getAttribute("placement")
                            .equals("below");
                    if (what.getTagName().equals("metronome")) {
                        above.add(text(what, "beat-unit")
                                + (has(what, "beat-unit-dot") ? ". " : " ")
                                + text(what, "per-minute"));
                    } else if (!below) {
                        above.add(what.getTagName().equals("words") ? what.getTextContent() : what.getTagName());
                    }
                }
            }
            // The page sets its tempo itself.
            String shown = staves == Staves.PAGE ? wanted.replaceFirst("^.*?(quarter|half)\\.? \\d+ ?", "") : wanted;
            assertThat(String.join(" ", above)).as(staves.toString()).isEqualTo(shown);
        }
    }

    /** Hyphens between syllables of a word, a line behind a syllable that is held over more notes (MusicXML 4.0, lyric and extend). */
    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            m: c4 d4;w: morn-ing -> 1 morn begin, 1 ing end
            m: c4 d4;w: a _ -> 1 a single start, 1 stop
            m: c2 d2 e2 f2;w: a _ _ b -> 1 a single start, 1 continue, 1 stop, 1 b single
            m: c2 d2 e4;w: glo-_ria -> 1 glo begin, 1 stop, 1 ria end
            m: c4 d4;w: one two;w: un deux -> 1 one single, 2 un single, 1 two single, 2 deux single
            m: c4 d4;w: one two;w: a _ -> 1 one single, 2 a single start, 1 two single, 2 stop
            m: c4 d4;w: *;w: eve-ning -> 2 eve begin, 2 ning end
            """)
    void syllables(String chart, String wanted) throws Exception {
        List<String> sung = new ArrayList<>();
        for (Element measure : measures(written("key: C;| C |;" + chart, Staves.GRAND))) {
            var found = measure.getElementsByTagName("lyric");
            for (int i = 0; i < found.getLength(); i++) {
                Element lyric = (Element) found.item(i);
                var extend = lyric.getElementsByTagName("extend");
                String held = extend.getLength() == 0 ? "" : ((Element) extend.item(0)).getAttribute("type");
                String what = text(lyric, "text") + " " + text(lyric, "syllabic") + " " + held;
                sung.add((lyric.getAttribute("number") + " " + what).strip().replaceAll(" +", " "));
            }
        }
        assertThat(String.join(", ", sung)).isEqualTo(wanted);
    }
}
