package com.zestythumb.formats.musicxml;

import static org.assertj.core.api.Assertions.assertThatCode;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.util.List;
import java.util.Map;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamSource;
import javax.xml.validation.Schema;
import javax.xml.validation.SchemaFactory;
import org.audiveris.proxymusic.ScorePartwise;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.ls.DOMImplementationLS;
import org.w3c.dom.ls.LSInput;

/** Against the schema of MusicXML 4.0 (W3C Music Notation Community Group, 2021), as proxymusic carries it. */
class SchemaTest {

    /** What the schema takes from two others, which are elsewhere in the net. */
    private static final Map<String, String> OTHERS = Map.of("xml.xsd", """
            <xs:schema xmlns:xs="http://www.w3.org/2001/XMLSchema" targetNamespace="http://www.w3.org/XML/1998/namespace">
            <xs:attribute name="lang" type="xs:language"/><xs:attribute name="space" type="xs:NCName"/></xs:schema>""", "xlink.xsd", """
            <xs:schema xmlns:xs="http://www.w3.org/2001/XMLSchema" targetNamespace="http://www.w3.org/1999/xlink">
            <xs:attribute name="href" type="xs:anyURI"/><xs:attribute name="type" type="xs:string"/>
            <xs:attribute name="role" type="xs:token"/><xs:attribute name="title" type="xs:token"/>
            <xs:attribute name="show" type="xs:string"/><xs:attribute name="actuate" type="xs:string"/></xs:schema>""");

    private static Schema schema;

    @BeforeAll
    static void readSchema() throws Exception {
        SchemaFactory factory = SchemaFactory.newInstance(XMLConstants.W3C_XML_SCHEMA_NS_URI);
        DOMImplementationLS dom = (DOMImplementationLS) DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .getDOMImplementation()
                .getFeature("LS", "3.0");
        factory.setResourceResolver((type, namespace, publicId, systemId, base) -> {
            LSInput input = dom.createLSInput();
            input.setSystemId(systemId);
            input.setStringData(OTHERS.get(systemId.replaceAll(".*/", "")));
            return input;
        });
        try (InputStream in = ScorePartwise.class.getResourceAsStream("/META-INF/jaxb/xsd/musicxml.xsd")) {
            schema = factory.newSchema(new StreamSource(in));
        }
    }

    private static void assertValid(Arrangement tune, String what) throws Exception {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setNamespaceAware(true);
        factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
        for (Staves staves : Staves.values()) {
            byte[] score = new MusicXmlWriter(staves).write(tune);
            var read = factory.newDocumentBuilder().parse(new ByteArrayInputStream(score));
            assertThatCode(() -> schema.newValidator().validate(new DOMSource(read)))
                    .as(what + " " + staves)
                    .doesNotThrowAnyException();
        }
    }

    /** Every pattern in every meter, each with another voicing. */
    @ParameterizedTest
    @ValueSource(strings = {"4/4", "3/4", "C|", "12/8", "2+2+3/8"})
    void everyPatternIsValid(String meter) throws Exception {
        LeadSheet sheet = Chart.parse("key: C\nmeter: " + meter + "\n| C | Am7 | Dm7 | G7 |\n| C F | G7 | C |");
        List<VoicingStyle> styles = VoicingStyles.all();
        int next = 0;
        for (var pattern : AccompanimentPatterns.all()) {
            VoicingStyle style = styles.get(next++ % styles.size());
            Choices choices = Choices.USUAL.with(pattern).with(new StyleChoice(style, Map.of()));
            assertValid(Arrangement.of(sheet, choices), meter + " " + pattern.id() + " " + style.id());
        }
    }

    /** Signs, words, verses, form, written hands. Lines are parted by {@code //}. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "composer: A // lyricist: B // arranger: C // copyright: D // feel: swung sixteenths // tempo: 99 // | C |",
                "meter: C // |: {segno} C | F {to coda} :| x3 // | G {D.S. al Coda} || // [End] // | {coda} {meter C|} {key G} G |",
                "pickup: 1 // | G7 |: C |1 F :|2 G {fine} | N.C. | C7b9#11 | Fmaj7/E | D/C7 | {short 2} C! | >F | Cø |",
                "| C | F | // m: !p!c2- c2 !<(!(3def !<)!g2 | (g4 .f2) H!tenuto!e2 // w: a _ b c d | e f - g // w: * x y z",
                "| C | // m: !arpeggio![c2e2g2] .!tenuto!d2 z4 & G4 F4 & E8 // l: [!5!C,!1!G,]2 !ped!E,4 !ped-up!C,2 & C,8",
                "| C | // m: c/4d/4e/4f/4 (5cdefg c7/4 z/4 c2 // l: [K:clef=treble] C4 [K:clef=bass] C,4",
                "| C | \"p-f\" F | {mf} G | // w: one | two | three // w: four | five | six"
            })
    void everythingElseIsValid(String chart) throws Exception {
        assertValid(
                Arrangement.of(
                        Chart.read(chart.replace(" // ", "\n")).sheet(),
                        Choices.USUAL.with(AccompanimentPatterns.BLOCK)),
                chart);
    }
}
