package com.zestythumb.formats.musicxml;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.figure.Figures;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/**
 * What a manual of engraving wants of single bars (from memory, of the usual English and German manuals), written before the
 * writer was tried. Read with the JDK's own XML reader. Lines of a chart are parted by semicolons.
 */
class EngravingTest {

    private static final Map<String, String> SIGNS =
            Map.of("sharp", "#", "flat", "b", "natural", "n", "double-sharp", "x", "flat-flat", "bb");
    private static final Map<String, String> VALUES =
            Map.of("whole", "w", "half", "h", "quarter", "q", "eighth", "e", "16th", "s", "32nd", "t");

    private static List<List<Element>> bars(String chart, int staff) throws Exception {
        return bars(Arrangement.of(Chart.parse(chart.replace(';', '\n')), Choices.USUAL.with(Figures.BLOCK)), staff);
    }

    private static List<List<Element>> bars(Arrangement arrangement, int staff) throws Exception {
        List<List<Element>> bars = new ArrayList<>();
        for (Element measure : measures(new MusicXmlWriter(Staves.GRAND).write(arrangement))) {
            bars.add(children(measure, "note").stream()
                    .filter(note -> text(note, "staff").equals(String.valueOf(staff)))
                    .toList());
        }
        return bars;
    }

    private static List<Element> measures(byte[] score) throws Exception {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
        NodeList found = factory.newDocumentBuilder()
                .parse(new ByteArrayInputStream(score))
                .getElementsByTagName("measure");
        return IntStream.range(0, found.getLength())
                .mapToObj(i -> (Element) found.item(i))
                .toList();
    }

    private static List<Element> children(Element parent, String name) {
        List<Element> found = new ArrayList<>();
        for (var node = parent.getFirstChild(); node != null; node = node.getNextSibling()) {
            if (node.getNodeName().equals(name)) {
                found.add((Element) node);
            }
        }
        return found;
    }

    private static boolean has(Element parent, String name) {
        return parent.getElementsByTagName(name).getLength() > 0;
    }

    private static String text(Element parent, String name) {
        return has(parent, name) ? parent.getElementsByTagName(name).item(0).getTextContent() : "";
    }

    private static String told(String chart, int staff, Function<Element, String> what) throws Exception {
        return String.join(
                " | ",
                bars(chart, staff).stream()
                        .map(bar -> String.join(
                                " ",
                                bar.stream()
                                        .map(what)
                                        .filter(one -> !one.isEmpty())
                                        .toList()))
                        .toList());
    }

    private static String stem(Element note) {
        return has(note, "chord") || has(note, "rest")
                ? ""
                : text(note, "type").equals("whole") ? "-" : (text(note, "stem") + "?").substring(0, 1);
    }

    /** By the middle line, a chord and a beam by the note that is farthest from it, down where two are as far. */
    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            m: c8 -> -
            m: B4 B4 -> d d
            m: A4 c4 -> u d
            m: C4 c'4 -> u d
            m: G2A2B2c2 -> u u d d
            m: z2 A2 z4 -> u
            m: ABcd z4 -> d d d d
            m: FGAB z4 -> u u u u
            m: GFED z4 -> u u u u
            m: efga z4 -> d d d d
            m: Ac z2 z4 -> d d
            m: Gd z2 z4 -> d d
            m: Gc z2 z4 -> u u
            m: Ad z2 z4 -> d d
            m: ca z2 z4 -> d d
            m: [FB]4 [Fd]4 -> u u
            m: [Fe]4 [Gf]4 -> d d
            m: [Gd]4 [Ae]4 -> d d
            m: [EGc]4 [Beg]4 -> u d
            m: [GBd]4 [CEG]4 -> d u
            m: [Ac][Gc] z2 z4 -> u u
            m: (3FGA z2 z4 -> u u u
            m: (3dcA z2 z4 -> d d d
            m: A8- | A4 c4 -> - | u d
            m: B/c/d/e/ z2 z4 -> d d d d
            m: E/F/G/A/ z2 z4 -> u u u u
            m: A3 c d4 -> u d d
            m: A6 B2 -> u d
            key: F;| F |;m: B4 _A4 -> d u
            m: c4 A4 & F4 E4 -> u u d d
            m: A2B2 c4 & z4 E4 -> u u u d
            """)
    void stems(String chart, String wanted) throws Exception {
        assertThat(told(withChord(chart), 1, EngravingTest::stem)).isEqualTo(wanted);
    }

    /** The same of the left hand under its own clef, whose middle line is D3. */
    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            l: D,4 C,4 -> d u
            l: E,4 C,,4 -> d u
            l: [C,E,]4 [B,,E,]4 -> d u
            l: [C,E,G,]4 [G,,B,,D,]4 -> d u
            l: [E,,C,]4 [A,,C,E,]4 -> u u
            l: [B,,F,]4 [C,G,]4 -> d d
            l: C,E,G,E, C,E,G,E, -> d d d d d d d d
            l: C,,E,,G,,E,, z4 -> u u u u
            l: G,,B,,D,F, z4 -> u u u u
            l: F,,C,A,C, z4 -> u u u u
            l: C,8 & G,2E,2G,2E,2 -> - u u u u
            """)
    void stemsOfTheLeftHand(String chart, String wanted) throws Exception {
        assertThat(told("| C |;" + chart, 2, EngravingTest::stem)).isEqualTo(wanted);
    }

    /** A tune alone gets a chord to each of its bars. */
    private static String withChord(String chart) {
        return chart.startsWith("m:") ? "key: C;" + "| C ".repeat(chart.split("\\|").length) + "|;" + chart : chart;
    }

    private static String sign(Element note) {
        List<Element> signs = children(note, "accidental");
        if (has(note, "rest")) {
            return "";
        }
        if (signs.isEmpty()) {
            return ".";
        }
        Element sign = signs.get(0);
        return (sign.getAttribute("cautionary").equals("yes") ? "c" : "") + SIGNS.get(sign.getTextContent());
    }

    /**
     * A note that was altered is told once more where it comes back plain: in the next bar, in another octave of its bar and of
     * the next, in the other hand's staff of its bar, behind a tie over the bar line, and where the signature was changed.
     */
    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            m: ^f4 f4 | f8 -> # . | cn
            m: ^f4 f4 | g8 -> # . | .
            m: ^f4 f4 | f4 f4 -> # . | cn .
            m: ^f8 | g8 | f8 -> # | . | .
            m: ^f8 | g4 f4 -> # | . cn
            m: ^f8 | z4 f4 -> # | cn
            m: ^f8 | f'8 -> # | cn
            m: ^f8 | F8 -> # | cn
            m: ^f8 | f4 F4 -> # | cn cn
            m: ^f4 f'4 -> # cn
            m: ^f4 ^f'4 -> # #
            m: ^f4 F4 -> # cn
            m: ^f2 f'2 f2 f'2 -> # cn . .
            m: ^f4 =f4 | f8 -> # n | .
            m: ^f4 =f4 | f'8 -> # n | .
            m: ^f8 | ^f8 -> # | #
            m: ^f8 | _f8 -> # | b
            m: ^f8 | ^f'8 -> # | #
            m: ^f8- | f8 | f8 -> # | . | cn
            m: ^f8- | f4 f4 -> # | . cn
            m: ^f8- | f4 ^f4 -> # | . #
            m: _B8 | B8 -> b | cn
            m: _B4 c4 | B4 B4 -> b . | cn .
            m: ^^f4 ^f4 -> x #
            m: ^^f8 | f8 -> x | cn
            m: [F^f]8 -> # cn
            m: [^f^a]8 | [fa]8 -> # # | cn cn
            m: ^f8 & A8 | f8 & A8 -> # . | cn .
            key: G;| G | G |;m: =f4 g4 | f8 -> n . | c#
            key: G;| G | G |;m: =f8 | f'8 -> n | c#
            key: G;| G | G |;m: f8 | f8 -> . | .
            key: F;| F | F |;m: =B8 | B8 -> n | cb
            key: F;| F | F |;m: _e4 e4 | e8 -> b . | cn
            key: Eb;| Eb | Eb |;m: =A8 | A8 -> n | cb
            key: E;| E | E |;m: ^^f8 | f8 -> x | c#
            key: G;| G | {key C} C |;m: f8 | f8 -> . | cn
            key: C;| C | {key G} G |;m: f8 | f8 -> . | c#
            key: C;| C | {key G} G |;m: c8 | c8 -> . | .
            key: F;| F | {key D} D |;m: B4 F4 | B4 F4 -> . . | cn c#
            key: C;| C | {key G} G | G |;m: c8 | g8 | f8 -> . | . | .
            """)
    void accidentalsOfCourtesy(String chart, String wanted) throws Exception {
        assertThat(told(withChord(chart), 1, EngravingTest::sign)).isEqualTo(wanted);
    }

    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            | F |;m: ^f8;l: F,8 -> cn
            | F |;m: f8;l: F,8 -> .
            | F | F |;m: ^f8 | a8;l: A,8 | F,8 -> . | .
            | C | C |;m: c8 | c8;l: ^F,8 | F,8 -> # | cn
            | C |;m: ^c4 g4;l: A,4 C,4 -> . cn
            | C |;m: g4 ^c4;l: C,4 A,4 -> . .
            """)
    void accidentalsOfCourtesyInTheOtherHand(String chart, String wanted) throws Exception {
        assertThat(told(chart, 2, EngravingTest::sign)).isEqualTo(wanted);
    }

    private static String value(Element note) {
        if (has(note, "chord")) {
            return "";
        }
        String value = VALUES.getOrDefault(text(note, "type"), "bar")
                + ".".repeat(children(note, "dot").size());
        return has(note, "rest") ? "r" + value : value + (isTiedOn(note) ? "~" : "");
    }

    private static boolean isTiedOn(Element note) {
        return children(note, "tie").stream()
                .anyMatch(tie -> tie.getAttribute("type").equals("start"));
    }

    /** Held chords of the left hand and rests show the groups of the metre; of five and seven as they are usually counted. */
    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            meter: 4/4;| C | -> w
            meter: 3/4;| C | -> h.
            meter: 2/4;| C | -> h
            meter: 6/8;| C | -> h.
            meter: 9/8;| C | -> h.~ q.
            meter: 12/8;| C | -> w.
            meter: 5/4;| C | -> h.~ h
            meter: 7/8;| C | -> h~ q.
            meter: 5/8;| C | -> q.~ q
            meter: 3+2/4;| C | -> h.~ h
            meter: 2+3/4;| C | -> h~ h.
            meter: 2+2+3/8;| C | -> h~ q.
            meter: 3+2+2/8;| C | -> q.~ h
            meter: 2+3/8;| C | -> q~ q.
            meter: 4/4;| C F | -> h h
            meter: 4/4;| C:3 F | -> h. q
            meter: 4/4;| C F:3 | -> q h.
            meter: 4/4;| C:1 F:2 G:1 | -> q h q
            meter: 4/4;| C:1.5 F:2.5 | -> q. e~ h
            meter: 4/4;| C:2.5 F:1.5 | -> h~ e q.
            meter: 4/4;| C N.C. | -> h rh
            meter: 4/4;| N.C. C | -> rh h
            meter: 4/4;| N.C.:1 C:3 | -> rq h.
            meter: 4/4;| N.C.:3 C:1 | -> rh rq q
            meter: 4/4;| C:1 N.C.:3 | -> q rq rh
            meter: 4/4;| C:1 N.C.:2 F:1 | -> q rq rq q
            meter: 3/4;| C:1 N.C.:2 | -> q rq rq
            meter: 3/4;| N.C.:2 C:1 | -> rq rq q
            meter: 3/4;| C F:2 | -> q h
            meter: 6/8;| C F | -> q. q.
            meter: 6/8;| C N.C. | -> q. rq.
            meter: 6/8;| N.C.:3 C:3 | -> rq. q.
            meter: 6/8;| C:1 N.C.:5 | -> e re re rq.
            meter: 6/8;| C:4 F:2 | -> q.~ e q
            meter: 6/8;| C:2 F:4 | -> q e~ q.
            meter: 12/8;| C F | -> h. h.
            meter: 9/8;| C:6 F:3 | -> h. q.
            meter: 9/8;| C:3 F:6 | -> q. h.
            meter: 5/4;| C:3 F:2 | -> h. h
            meter: 5/4;| C:2 F:3 | -> h h.
            meter: 5/4;| C:3 N.C.:2 | -> h. rh
            meter: 7/8;| C:4 F:3 | -> h q.
            meter: 7/8;| C:3 F:4 | -> q. h
            """)
    void valuesShowTheMetre(String chart, String wanted) throws Exception {
        assertThat(told(chart, 2, EngravingTest::value)).isEqualTo(wanted);
    }

    /** A note of the tune keeps the head it was typed with; where there is none for it, it is tied as the meter wants it. */
    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            meter: 4/4;| C |;m: c6 c2 -> h. q
            meter: 4/4;| C |;m: c2 c4 c2 -> q h q
            meter: 4/4;| C |;m: c c6 c -> e h. e
            meter: 4/4;| C |;m: c3 c5 -> q. e~ h
            meter: 4/4;| C |;m: c5 c3 -> h~ e q.
            meter: 4/4;| C |;m: c7 c -> h.~ e e
            meter: 3/4;| C |;m: c5 c -> h~ e e
            meter: 6/8;| C |;m: c5 c -> q.~ q e
            meter: 9/8;| C |;m: c9 -> h.~ q.
            meter: 5/4;| C |;m: c10 -> h.~ h
            meter: 7/8;| C |;m: c7 -> h~ q.
            meter: 3+2+2/8;| C |;m: c7 -> q.~ h
            meter: 12/8;| C |;m: c9 c3 -> h.~ q. q.
            """)
    void valuesOfTheTune(String chart, String wanted) throws Exception {
        assertThat(told(chart, 1, EngravingTest::value)).isEqualTo(wanted);
    }

    private static String groups(List<Element> bar) {
        StringBuilder groups = new StringBuilder();
        int open = 0;
        for (Element note : bar) {
            List<Element> beams = children(note, "beam");
            if (has(note, "chord") || beams.isEmpty()) {
                continue;
            }
            open++;
            if (beams.get(0).getTextContent().equals("end")) {
                groups.append(groups.isEmpty() ? "" : " ").append(open);
                open = 0;
            }
        }
        return groups.toString();
    }

    /** How many notes lie under one beam. */
    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            meter: 4/4;| C |;m: cdefgfed -> 4 4
            meter: 4/4;| C |;m: c2 defg f2 -> 2 2
            meter: 3/4;| C |;m: cdefgf -> 6
            meter: 2/4;| C |;m: cdef -> 4
            meter: 6/8;| C |;m: cdefgf -> 3 3
            meter: 9/8;| C |;m: cdefgfedc -> 3 3 3
            meter: 12/8;| C |;m: cdefgfedcdef -> 3 3 3 3
            meter: 3/8;| C |;m: cde -> 3
            meter: 5/8;| C |;m: cdefg -> 3 2
            meter: 7/8;| C |;m: cdefgfe -> 4 3
            meter: 2+3/8;| C |;m: cdefg -> 2 3
            meter: 3+2+2/8;| C |;m: cdefgfe -> 3 2 2
            meter: 2+2+3/8;| C |;m: cdefgfe -> 2 2 3
            meter: 5/4;| C |;m: cdefgfedcd -> 2 2 2 2 2
            meter: 4/4;| C |;m: c/d/e/f/g/f/e/d/ c4 -> 4 4
            meter: 4/4;| C |;m: cd/e/ f/g/f ed cd -> 3 3 4
            meter: 2/4;| C |;m: c/d/e/f/g/f/e/d/ -> 4 4
            meter: 3/4;| C |;m: c/d/e/f/ c2 c2 -> 4
            meter: C|;| C |;m: cdefgfed -> 4 4
            meter: C|;| C |;m: c/d/e/f/g/f/e/d/ c4 -> 4 4
            meter: 6/8;| C |;m: c/d/e/f/g/f/ c3 -> 6
            meter: 4/4;| C |;m: zcde z4 -> 3
            meter: 4/4;| C |;m: czde z4 -> 2
            meter: 4/4;| C |;m: (3cde (3fed c4 -> 3 3
            """)
    void beams(String chart, String wanted) throws Exception {
        assertThat(groups(bars(chart, 1).get(0))).isEqualTo(wanted);
    }

    /** A triplet is whole: its silences are in it, in every voicing and whoever plays its notes, and its bracket is closed. */
    @ParameterizedTest
    @ValueSource(strings = {"2/4", "3/4", "4/4", "5/4"})
    void silencesInTripletsAreWritten(String meter) throws Exception {
        LeadSheet sheet = Chart.parse("key: C\nmeter: " + meter + "\n| C | Dm7 | G7 C | C |");
        for (VoicingStyle style : VoicingStyles.all()) {
            Arrangement arrangement =
                    Arrangement.of(sheet, Choices.USUAL.with(Figures.TRIPLETS).with(new StyleChoice(style, Map.of())));
            for (int staff = 1; staff <= 2; staff++) {
                for (List<Element> bar : bars(arrangement, staff)) {
                    Map<Boolean, Long> parts = bar.stream()
                            .filter(note ->
                                    !has(note, "chord") && text(note, "voice").equals(text(bar.get(0), "voice")))
                            .collect(Collectors.partitioningBy(
                                    note -> has(note, "time-modification"),
                                    Collectors.summingLong(note -> Long.parseLong(text(note, "duration")))));
                    assertThat(parts.get(true) % Notes.DIVISIONS).as(style.id()).isZero();
                    assertThat(parts.get(true) + parts.get(false))
                            .as(style.id())
                            .isEqualTo(Notes.divisions(Meter.parse(meter).barLength())
                                    .longValue());
                    assertThat(brackets(bar, "start")).as(style.id()).isEqualTo(brackets(bar, "stop"));
                }
            }
        }
    }

    private static long brackets(List<Element> bar, String type) {
        return bar.stream()
                .flatMap(note -> children(note, "notations").stream())
                .flatMap(notations -> children(notations, "tuplet").stream())
                .filter(tuplet -> tuplet.getAttribute("type").equals(type))
                .count();
    }

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
