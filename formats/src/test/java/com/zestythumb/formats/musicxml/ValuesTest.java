package com.zestythumb.formats.musicxml;

import static com.zestythumb.formats.musicxml.EngravedBars.bars;
import static com.zestythumb.formats.musicxml.EngravedBars.children;
import static com.zestythumb.formats.musicxml.EngravedBars.has;
import static com.zestythumb.formats.musicxml.EngravedBars.text;
import static com.zestythumb.formats.musicxml.EngravedBars.told;
import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Element;

/** How values, rests and beams show the meter (from memory, of the usual English and German manuals of engraving), written before the writer was tried. */
class ValuesTest {

    private static final Map<String, String> VALUES =
            Map.of("whole", "w", "half", "h", "quarter", "q", "eighth", "e", "16th", "s", "32nd", "t");

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

    /** Held chords of the left hand and rests show the groups of the meter; of five and seven as they are usually counted. */
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
    void valuesShowTheMeter(String chart, String wanted) throws Exception {
        assertThat(told(chart, 2, ValuesTest::value)).isEqualTo(wanted);
    }

    /** A note of the tune keeps the head it was typed with; where there is none for it, it is tied as the meter wants it. */
    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            meter: 4/4;| C |;m: c6 c2 -> h. q
            meter: 4/4;| C |;m: c2 c4 c2 -> q h q
            meter: 4/4;| C |;m: c c6 c -> e h. e
            meter: 4/4;| C |;m: c3 c5 -> q. e~ h
            meter: 4/4;| C |;m: c5 c3 -> h~ e q.
            meter: 4/4;| C |;m: c7 c -> h.. e
            meter: 3/4;| C |;m: c5 c -> h~ e e
            meter: 6/8;| C |;m: c5 c -> q.~ q e
            meter: 9/8;| C |;m: c9 -> h.~ q.
            meter: 5/4;| C |;m: c10 -> h.~ h
            meter: 7/8;| C |;m: c7 -> h~ q.
            meter: 3+2+2/8;| C |;m: c7 -> q.~ h
            meter: 12/8;| C |;m: c9 c3 -> h.~ q. q.
            meter: 4/4;| C |;m: c7 d -> h.. e
            meter: 4/4;| C |;m: c7/2 d/2 e4 -> q.. s h
            meter: 4/4;| C |;m: c2 d7/2 e/2 f2 -> q q~ e. s q
            meter: 4/4;| C |;m: c4 d7/2 e/2 -> h q.. s
            meter: 4/4;| C |;m: d c7 -> e q.~ h
            meter: 3/4;| C |;m: c7/2 d/2 e2 -> q.. s q
            meter: 3/4;| C |;m: c2 d7/2 e/2 -> q q.. s
            meter: 6/8;| C |;m: c5 d -> q.~ q e
            meter: 2/2;| C |;m: c7 d -> h.. e
            """)
    void valuesOfTheTune(String chart, String wanted) throws Exception {
        assertThat(told(chart, 1, ValuesTest::value)).isEqualTo(wanted);
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

    /** A tuplet has its bracket unless a beam over just its notes says it. */
    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            (3cde (3fed c4 -> no no
            (3c2d2e2 c4 -> yes
            (3zde c2 c4 -> yes
            (3cdz c2 c4 -> yes
            (3:2:2c2d c2 c4 -> yes
            (5:4:5c/d/e/f/g/ c2 c4 -> no
            (3:2:4c/d/ef c2 c4 -> no
            (3cde fg f4 -> no
            """)
    void brackets(String tune, String wanted) throws Exception {
        List<String> brackets = new ArrayList<>();
        for (Element note : bars("meter: 4/4;| C |;m: " + tune, 1).get(0)) {
            var tuplets = note.getElementsByTagName("tuplet");
            for (int i = 0; i < tuplets.getLength(); i++) {
                Element tuplet = (Element) tuplets.item(i);
                if (tuplet.getAttribute("type").equals("start")) {
                    brackets.add(tuplet.getAttribute("bracket"));
                }
            }
        }
        assertThat(String.join(" ", brackets)).isEqualTo(wanted);
    }

    /** Beams of thirty-seconds and shorter notes are parted at the eighths, all but the first. */
    @ParameterizedTest
    @CsvSource(delimiterString = " -> ", textBlock = """
            c/4d/4e/4f/4g/4f/4e/4d/4 c2 c4 -> 8; 4 4; 4 4
            c/d/e/4f/4e/4d/4 c2 c4 -> 6; 2 4; 4
            c/d/e/f/ c2 c4 -> 4; 4
            cd/e/ c2 c4 -> 3; 2
            """)
    void secondBeams(String tune, String wanted) throws Exception {
        List<String> levels = new ArrayList<>();
        for (int level = 1; level <= 3; level++) {
            String number = String.valueOf(level);
            List<String> groups = new ArrayList<>();
            int open = 0;
            for (Element note : bars("meter: 4/4;| C |;m: " + tune, 1).get(0)) {
                for (Element beam : children(note, "beam")) {
                    if (beam.getAttribute("number").equals(number)) {
                        open++;
                        if (beam.getTextContent().equals("end")) {
                            groups.add(String.valueOf(open));
                            open = 0;
                        }
                    }
                }
            }
            if (!groups.isEmpty()) {
                levels.add(String.join(" ", groups));
            }
        }
        assertThat(String.join("; ", levels)).isEqualTo(wanted);
    }

    /** A triplet is whole: its silences are in it, in every voicing and whoever plays its notes, and its bracket is closed. */
    @ParameterizedTest
    @ValueSource(strings = {"2/4", "3/4", "4/4", "5/4"})
    void silencesInTripletsAreWritten(String meter) throws Exception {
        LeadSheet sheet = Chart.parse("key: C\nmeter: " + meter + "\n| C | Dm7 | >G7 C | C! | >F >G | C |");
        for (VoicingStyle style : VoicingStyles.all()) {
            Arrangement arrangement = Arrangement.of(
                    sheet, Choices.USUAL.with(AccompanimentPatterns.TRIPLETS).with(new StyleChoice(style, Map.of())));
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
}
