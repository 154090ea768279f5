package com.zestythumb.formats.musicxml;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Counts;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import javax.xml.parsers.DocumentBuilderFactory;
import org.audiveris.proxymusic.Print;
import org.audiveris.proxymusic.ScorePartwise;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;

/** Held against JAXB, which writes the same score from the library's own annotations, by the JDK's XML reader. */
class PageTextTest {

    /** Between them they hold all that a page may. */
    static final List<String> CHARTS = List.of(
            "",
            "| C / Am / | F G7 | C | F |",
            "key: Bb minor\nmeter: 6/8\n| Bbm | Gb6 | Cm7b5 F7 | N.C. | Bbm |",
            "feel: unhurried, as one who walks home in the evening and has all the time there is\n| C | F |",
            "symbols: signs\n| Cmaj7 | Dm7b5 G7b9 | Cm(maj7)/Eb | C! | >F |",
            "[A < B]\n|: C | F |1 G7 | C :|2 G7 | C |\n|: \"slowly & <softly>\" Am | Dm :| x3",
            "| {segno} C | F | G7 | {to coda} C | F | G7 {D.S. al Coda} |\n[End]\n| {coda} F | C |]",
            "| C | F | {fine} C | G7 | C {D.C. al Fine} |",
            "meter: 3/4\n| C | {key D} D | {meter 4/4} A7 | D |",
            "| C | F |\nw: words without | a tune \"here\" |\n| N.C. | C |\nw: at rest | last |",
            """
            meter: 3/4
            pickup: 1
            | C | C | F | G7 | C |
            m: G2 | c2 d/e/f/g/ a2 | (3fed z2 c2- | c>d ^f4- | f6 |
            w: Oh | lan-tern's _ light | is "lit" & warm | and bright |
            """);

    private static Document read(byte[] file) throws Exception {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
        return factory.newDocumentBuilder().parse(new ByteArrayInputStream(file));
    }

    private static void holdAgainstJaxb(String chart, AccompanimentPattern pattern, Counts counts) throws Exception {
        Arrangement tune = Arrangement.of(Chart.parse(chart), Choices.USUAL.with(pattern));
        MusicXmlWriter writer = new MusicXmlWriter(Staves.PAGE, counts, Set.of());
        Document expected = read(MusicXmlWriter.marshal(writer.score(tune)));
        // Declares a namespace of which it uses nothing.
        expected.getDocumentElement().removeAttribute("xmlns:ns2");
        Document written = read(writer.write(tune));
        assertThat(written.getDocumentElement().isEqualNode(expected.getDocumentElement()))
                .as("%s\n%s", chart, writer.writeText(tune))
                .isTrue();
    }

    @ParameterizedTest
    @FieldSource("CHARTS")
    void isWhatJaxbWrites(String chart) throws Exception {
        holdAgainstJaxb(chart, AccompanimentPatterns.BLOCK, Counts.NONE);
        holdAgainstJaxb(chart, AccompanimentPatterns.BLOCK, Counts.ON);
    }

    @ParameterizedTest
    @MethodSource("com.zestythumb.core.pattern.AccompanimentPatterns#all")
    void isWhatJaxbWritesInEveryFigure(AccompanimentPattern pattern) throws Exception {
        for (String chart : CHARTS) {
            holdAgainstJaxb(chart, pattern, Counts.NONE);
        }
    }

    /** Voices, triplets and short notes, as a teacher's own pattern may have them. */
    @ParameterizedTest
    @ValueSource(
            strings = {"by bar 1/4 top*4 / bass. 2 3 2", "1/8t (next)", "1/4 bass (upper.)", "1/16 bass (turn) / 1*8"})
    void isWhatJaxbWritesInAFigureOfOnesOwn(String text) throws Exception {
        for (String chart : CHARTS) {
            holdAgainstJaxb(chart, AccompanimentPattern.of("own", "Own", 3, 5, text), Counts.NONE);
        }
    }

    @Test
    void refusesWhatItWouldLeaveOut() {
        ScorePartwise score =
                new MusicXmlWriter(Staves.PAGE).score(Arrangement.of(Chart.parse("| C |"), Choices.USUAL));
        score.getPart().get(0).getMeasure().get(0).getNoteOrBackupOrForward().add(new Print());
        assertThatThrownBy(() -> PageText.of(score))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("a page holds no Print");
    }

    @Test
    void needsNoEscapeInJson() {
        String text =
                new MusicXmlWriter(Staves.PAGE).writeText(Arrangement.of(Chart.parse(CHARTS.get(1)), Choices.USUAL));
        // But for the declaration and the document type before the root.
        assertThat(text.substring(text.indexOf("<score-partwise"))).doesNotContain("\"", "\\", "\n");
        assertThat(text.getBytes(StandardCharsets.UTF_8).length).isGreaterThan(1000);
    }
}
