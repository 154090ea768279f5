package com.zestythumb.formats.musicxml;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.KeptVoicing;
import com.zestythumb.core.arrangement.Manner;
import com.zestythumb.core.arrangement.Pedalling;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Counts;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import com.zestythumb.formats.importing.Importer;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.xpath.XPathConstants;
import javax.xml.xpath.XPathFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** Read back with the JDK's own XML reader, which knows nothing of the writer. */
class MusicXmlWriterTest {

    private static final List<Meter> METERS =
            List.of(Meter.TWO_FOUR, Meter.THREE_FOUR, Meter.FOUR_FOUR, Meter.SIX_EIGHT);

    private static Arrangement arrange(String chart, AccompanimentPattern pattern) {
        return Arrangement.of(Chart.parse(chart), Choices.USUAL.with(pattern));
    }

    private static Document read(byte[] file) throws Exception {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
        return factory.newDocumentBuilder().parse(new ByteArrayInputStream(file));
    }

    private static List<String> texts(Document score, String path) throws Exception {
        NodeList nodes = (NodeList) XPathFactory.newInstance().newXPath().evaluate(path, score, XPathConstants.NODESET);
        return java.util.stream.IntStream.range(0, nodes.getLength())
                .mapToObj(i -> nodes.item(i).getTextContent())
                .toList();
    }

    private static Document grand(String chart, AccompanimentPattern pattern) throws Exception {
        return read(new MusicXmlWriter(Staves.GRAND).write(arrange(chart, pattern)));
    }

    /** The accidental of each note of a staff, a dot where it has none; tied notes that are split count as written. */
    private static String accidentals(String chart, int staff) throws Exception {
        Document score = grand(chart, AccompanimentPatterns.BLOCK);
        NodeList notes = (NodeList) XPathFactory.newInstance()
                .newXPath()
                .evaluate("//note[pitch][staff=" + staff + "]", score, XPathConstants.NODESET);
        List<String> signs = new ArrayList<>();
        for (int i = 0; i < notes.getLength(); i++) {
            NodeList sign = ((Element) notes.item(i)).getElementsByTagName("accidental");
            signs.add(sign.getLength() == 0 ? "." : sign.item(0).getTextContent());
        }
        return String.join(" ", signs);
    }

    /**
     * Common practice: an accidental holds for its line or space to the end of the bar and over a tie; what the
     * signature says needs none.
     */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "C; ^c2 c2 =c2 c'2 | c2 d2 e2 f2; sharp . natural . . . . .",
                "G; f2 =f2 f2 ^f2 | f2 ^g2 _b2 =g2; . natural . sharp . sharp flat natural",
                "C; ^f8- | f4 f4; sharp . natural",
                "Bb; B4 =B4 | B8; . natural flat",
                "C#m; ^^f4 ^f4 | f8; double-sharp sharp .",
            })
    void writesAccidentalsInTheTune(String key, String tune, String signs) throws Exception {
        String bars = "| N.C. ".repeat(tune.split("\\|").length) + "|";
        assertThat(accidentals("key: " + key + "\n" + bars + "\nm: " + tune, 1)).isEqualTo(signs);
    }

    /** The seventh on D in C major has an F sharp; in G major the signature says so. */
    @Test
    void writesAccidentalsInTheLeftHand() throws Exception {
        assertThat(accidentals("key: C\n| D7 | D7 |", 2)).isEqualTo(". sharp . . . sharp . .");
        assertThat(accidentals("key: G\n| D7 | G7 |", 2))
                .containsOnlyOnce("natural")
                .doesNotContain("sharp");
    }

    @Test
    void isMusicXmlFourOnAGrandStaff() throws Exception {
        byte[] file = new MusicXmlWriter(Staves.GRAND)
                .write(arrange("title: Höhe & Tiefe\n| C |", AccompanimentPatterns.BLOCK));
        assertThat(new String(file, StandardCharsets.UTF_8))
                .startsWith(
                        "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<!DOCTYPE score-partwise PUBLIC "
                                + "\"-//Recordare//DTD MusicXML 4.0 Partwise//EN\" \"http://www.musicxml.org/dtds/partwise.dtd\">");
        Document score = read(file);
        assertThat(score.getDocumentElement().getAttribute("version")).isEqualTo("4.0");
        assertThat(texts(score, "//work-title")).containsExactly("Höhe & Tiefe");
        assertThat(texts(score, "//staves")).containsExactly("2");
        assertThat(texts(score, "//clef/sign")).containsExactly("G", "F");
    }

    @Test
    void hasEveryNoteWithItsIdPitchAndFinger() throws Exception {
        Arrangement tune = arrange("key: Eb major\n| Eb | Bb7 | Eb |", AccompanimentPatterns.ALBERTI);
        Document score = read(new MusicXmlWriter(Staves.GRAND).write(tune));
        assertThat(texts(score, "//note/@id"))
                .containsExactlyElementsOf(
                        tune.notes().stream().map(TimedNote::id).toList());
        for (TimedNote note : tune.notes()) {
            String at = "//note[@id='" + note.id() + "']";
            String alter = String.join("", texts(score, at + "/pitch/alter"));
            assertThat(String.join("", texts(score, at + "/pitch/step"))
                            + ("-1".equals(alter) ? "b" : "")
                            + String.join("", texts(score, at + "/pitch/octave")))
                    .isEqualTo(note.pitch().toString());
            assertThat(texts(score, at + "//fingering"))
                    .isEqualTo(note.fingerShown() ? List.of("" + note.finger()) : List.of());
        }
    }

    /** Two voices on the page's only staff sound together: each has its name, or an engraver lays them in a row. */
    @Test
    void namesTheVoicesOfTheOnlyStaff() throws Exception {
        Document page =
                read(new MusicXmlWriter(Staves.PAGE).write(arrange("| C | F |", AccompanimentPatterns.HELD_BASS)));
        assertThat(texts(page, "//measure[1]/note/voice").stream().distinct()).containsExactly("5", "6");
        assertThat(texts(page, "//measure[1]/note[not(voice)]")).isEmpty();
        assertThat(texts(page, "//measure[1]/backup/duration")).containsExactly("40320");
    }

    /** Rolled chords bear their wave, and the foot goes down and comes up where it does. */
    @Test
    void writesRollsAndPedal() throws Exception {
        Choices rolled = Choices.USUAL
                .with(new StyleChoice(VoicingStyles.TENTHS, java.util.Map.of()))
                .with(Hand.ofSpan(12).rolling(true))
                .with(Pedalling.JOINED);
        Arrangement tune = Arrangement.of(Chart.parse("| C F |"), rolled);
        Document score = read(new MusicXmlWriter(Staves.GRAND).write(tune));
        assertThat(texts(score, "//note/notations/arpeggiate")).hasSize(4);
        assertThat(texts(score, "//direction[direction-type/pedal]/offset"))
                .containsExactly("0", "20160", "20160", "40320");
        assertThat(new MusicXmlWriter(Staves.PAGE).writeText(tune)).contains("<pedal type='start' line='yes'/>");
    }

    /** MusicXML 4.0: tenuto on the note that is brought out. */
    @Test
    void marksWhatIsBroughtOut() throws Exception {
        KeptVoicing pin = new KeptVoicing(0, Fraction.ZERO, List.of(Pitch.parse("C3"), Pitch.parse("G3")))
                .with(Pitch.parse("G3"), Manner.BROUGHT_OUT);
        Document score = read(new MusicXmlWriter(Staves.GRAND)
                .write(Arrangement.of(Chart.parse("| C |"), Choices.USUAL.withPins(List.of(pin)))));
        assertThat(texts(score, "//note[notations/articulations/tenuto]/pitch/step"))
                .containsExactly("G");
    }

    /** In each meter the run into the fifth bar leaves the fourth as long as the others. */
    @Test
    void fillsTheBarThatRunsIntoTheNext() throws Exception {
        for (Meter meter : METERS) {
            for (AccompanimentPattern pattern : AccompanimentPatterns.all()) {
                Arrangement tune = Arrangement.of(
                        Chart.parse("meter: " + meter + "\n| C | G7 | F | Am | Dm | C |"),
                        Choices.USUAL.with(pattern).varied(true));
                Document score = read(new MusicXmlWriter(Staves.GRAND).write(tune));
                double sum = texts(score, "//measure[@number='4']/note[staff=2][voice=5][not(chord)]/duration").stream()
                        .mapToDouble(Double::parseDouble)
                        .sum();
                assertThat(sum)
                        .as(meter + " " + pattern)
                        .isEqualTo(meter.barLength().toDouble() * Notes.DIVISIONS);
            }
        }
    }

    @Test
    void fillsEveryBarOfEveryMeterAndFigure() throws Exception {
        for (Meter meter : METERS) {
            for (AccompanimentPattern pattern : AccompanimentPatterns.all()) {
                String bars = meter == Meter.THREE_FOUR ? "| C / G7 | N.C. | Am |" : "| C G7 | N.C. | Am |";
                Document score = grand("meter: " + meter + "\n" + bars, pattern);
                double expected = meter.barLength().toDouble() * Notes.DIVISIONS;
                for (int bar = 1; bar <= 3; bar++) {
                    double sum = texts(
                                    score,
                                    "//measure[@number='" + bar + "']/note[staff=2][voice=5][not(chord)]/duration")
                            .stream()
                            .mapToDouble(Double::parseDouble)
                            .sum();
                    assertThat(sum).as(meter + " " + pattern + " bar " + bar).isEqualTo(expected);
                }
            }
        }
    }

    @Test
    void beamsEighthsInThreesInSixEight() throws Exception {
        Document score = grand("meter: 6/8\n| C | C |", AccompanimentPatterns.BROKEN_UP);
        assertThat(texts(score, "//measure[@number='1']//beam"))
                .containsExactly("begin", "continue", "end", "begin", "continue", "end");
    }

    @Test
    void tiesWhatOneHeadCannotHold() throws Exception {
        Document score = grand("meter: 6/8\n| C / / / / G7 | C |", AccompanimentPatterns.BLOCK);
        assertThat(texts(score, "//measure[@number='1']/note[staff=2][not(chord)]/type"))
                .containsExactly("quarter", "quarter", "eighth");
        assertThat(texts(score, "//measure[@number='1']//tied/@type"))
                .containsExactly("start", "start", "start", "stop", "stop", "stop");
    }

    @Test
    void writesRepeatsSectionsAndTheTemposOfTheChart() throws Exception {
        Document score =
                grand("meter: 6/8\ntempo: 50\n[Verse]\n|: C | F :| x3\n| G | C |", AccompanimentPatterns.BLOCK);
        assertThat(texts(score, "//repeat/@direction")).containsExactly("forward", "backward");
        assertThat(texts(score, "//repeat/@times")).containsExactly("3");
        assertThat(texts(score, "//rehearsal")).containsExactly("Verse");
        assertThat(texts(score, "//sound/@tempo")).containsExactly("75.0");
        assertThat(texts(score, "//print/@new-system")).containsExactly("yes");
        assertThat(texts(score, "//measure[last()]/barline/bar-style")).containsExactly("light-heavy");
    }

    /** MusicXML 4.0: the text of root-step is what is printed in place of its letter. */
    @Test
    void writesGermanNamesAsTextOverTheRealNotes() throws Exception {
        Document score = grand("names: german\n| Hm | B/D | G7/H | C |", AccompanimentPatterns.BLOCK);
        assertThat(texts(score, "//root-step")).containsExactly("B", "B", "G", "C");
        assertThat(texts(score, "//root-step/@text")).containsExactly("H", "B");
        assertThat(texts(score, "//root-alter")).containsExactly("-1");
        assertThat(texts(score, "//root-alter/@print-object")).containsExactly("no");
        assertThat(texts(score, "//bass-step/@text")).containsExactly("H");
    }

    @ParameterizedTest
    @MethodSource("com.zestythumb.core.chord.Quality#common")
    void writesTheSymbolOfEveryChord(Quality quality) throws Exception {
        Document score = grand("| F#" + quality.suffix() + "/E | C |", AccompanimentPatterns.BLOCK);
        assertThat(texts(score, "//harmony[1]/root").get(0).strip()).isEqualTo("F1");
        assertThat(texts(score, "//harmony[1]/kind/@text").get(0)).isEqualTo(quality.suffix());
        assertThat(texts(score, "//harmony[1]/kind").get(0)).isNotEqualTo("none");
        assertThat(texts(score, "//harmony[1]/bass").get(0)).isEqualTo("E");
    }

    @Test
    void writesThePageWithTheLeftHandAlone() throws Exception {
        String text =
                new MusicXmlWriter(Staves.PAGE).writeText(arrange("| C | G7 |\n| C |", AccompanimentPatterns.BLOCK));
        Document score = read(text.getBytes(StandardCharsets.UTF_8));
        assertThat(texts(score, "//staves")).isEmpty();
        assertThat(texts(score, "//clef/sign")).containsExactly("F");
        assertThat(texts(score, "//direction[@placement='below']//words")).hasSize(3);
        assertThat(texts(score, "//note[@id='n0-0']//fingering")).containsExactly("1", "3", "5");
        assertThat(texts(score, "//print")).isEmpty();
    }

    @Test
    void laysWordsOfASongWithoutTuneBelowItsChords() throws Exception {
        Arrangement song =
                arrange("| C | G7 F | N.C. |\nw: low the lamp | burns | and out", AccompanimentPatterns.BROKEN_UP);
        Document score = read(new MusicXmlWriter(Staves.PAGE).write(song));
        assertThat(texts(score, "//lyric/text")).containsExactly("low the lamp\u00a0", "burns\u00a0");
        assertThat(texts(score, "//measure[1]/note[1]/lyric")).hasSize(1);
        assertThat(texts(score, "//measure[3]/direction[@placement='above']//words"))
                .containsExactly("and out");
    }

    /** Rests are counted too; each hand has its own (common practice: 1 & 2 &, sixteenths 1 e & a). */
    @Test
    void writesTheCountUnderBothHands() throws Exception {
        Arrangement song = Arrangement.of(
                Chart.read("| C | F |\nm: c2 z2 d3 e | f8\nl: C,3 G, [E,G,]/2 C,/2 z3 | F,4 z4 & A,,8")
                        .sheet(),
                Choices.USUAL);
        Document score = read(new MusicXmlWriter(Staves.PAGE, Counts.BY_BAR, Set.of()).write(song));
        assertThat(texts(score, "//note[not(starts-with(@id, 'n'))][not(staff = '2')]/lyric[@number = '2']/text"))
                .containsExactly("1", "2", "3-4", "&", "1-2-3-4");
        assertThat(texts(score, "//note[staff = '2']/lyric[@number = '2']/text"))
                .containsExactly("1-2", "&", "3", "e", "&-4", "1-2", "3-4");
    }

    /** On wish alone, as words of directions below the staff (MusicXML 4.0). They are no words of the tune when it comes back. */
    @Test
    void writesNumeralsAndClosesOnWish() throws Exception {
        Arrangement tune = arrange("| C | F | C | G |\n| C | F | G7 | C |", AccompanimentPatterns.BLOCK);
        assertThat(texts(
                        grand("| C | F | G7 | C |", AccompanimentPatterns.BLOCK),
                        "//direction[@placement='below']//words"))
                .isEmpty();
        byte[] file = new MusicXmlWriter(Staves.GRAND, Counts.NONE, Set.of(EngravingOption.ANALYSIS)).write(tune);
        Document score = read(file);
        assertThat(texts(score, "//direction[@placement='below']//words"))
                .as("closes as the chart has them, although V7 lies in six-five under this hand")
                .containsExactly(
                        "I",
                        "IV6/4",
                        "I",
                        "V6",
                        "half cadence",
                        "I",
                        "IV6/4",
                        "V6/5",
                        "I",
                        "perfect authentic cadence");
        assertThat(texts(score, "//harmony[numeral]")).isEmpty();
        assertThat(texts(score, "//measure[4]//direction//words")).contains("half cadence");
        LeadSheet back = Importer.read("closes.musicxml", file).get(0).sheet();
        assertThat(back.bars()).allMatch(bar -> bar.text().notes().isEmpty());
    }

    /** MusicXML 4.0, degree: what the text of the kind says already is not printed once more; N.C. has no letter. */
    @Test
    void printsSymbolsOnce() throws Exception {
        Document score = grand("| C7b9 | Fadd9 | N.C. |", AccompanimentPatterns.BLOCK);
        assertThat(texts(score, "//kind/@text")).containsExactly("7b9", "add9", "N.C.");
        assertThat(texts(score, "//degree/@print-object")).hasSize(2).containsOnly("no");
        assertThat(texts(score, "//harmony[kind='none']/root/root-step/@text")).containsExactly("");
    }

    @Test
    void writesATuneWithoutBars() throws Exception {
        assertThat(texts(grand("", AccompanimentPatterns.BLOCK), "//measure/note/rest/@measure"))
                .containsExactly("yes", "yes");
    }

    @Test
    void escapesWhateverStandsInATitle() throws Exception {
        String title = "<b>\"Tom\" & 'Ann'</b> ]]>";
        Document score =
                grand("title: " + title + "\n[" + title.replace("]", "") + "]\n| C |", AccompanimentPatterns.BLOCK);
        assertThat(texts(score, "//work-title")).containsExactly(title);
        assertThat(Arrays.asList(title.replace("]", "")))
                .isEqualTo(
                        texts(score, "//rehearsal").stream().map(String::strip).collect(Collectors.toList()));
    }

    /** MusicXML 4.0: a second voice goes back in time, its silences are passed over, its stems point away. */
    @Test
    void writesAHeldThumbOverWalkingFingers() throws Exception {
        Document score =
                grand("| C6 | F |", AccompanimentPattern.of("own", "Own", 4, 5, "by bar 1/4 top*4 / bass. 2 rest 3"));
        String first = "//measure[1]/note[staff=2]";
        assertThat(texts(score, first + "[voice=5]/duration")).containsExactly("40320");
        assertThat(texts(score, first + "[voice=6]/duration")).containsExactly("10080", "10080", "10080", "10080");
        assertThat(texts(score, first + "[voice=6]/stem")).containsOnly("down");
        assertThat(texts(score, first + "[voice=6][rest]/duration")).containsExactly("10080");
        assertThat(texts(score, "//measure[1]/backup[2]/duration")).containsExactly("40320");
        assertThat(texts(score, first + "//articulations/staccato")).hasSize(1);
    }

    /** A triplet eighth: a third of 10,080 divisions, written as an eighth, three in the time of two. */
    @Test
    void writesTripletsOfAFigure() throws Exception {
        Document score = grand("| C | F |", AccompanimentPattern.of("own", "Own", 3, 5, "1/8t (next)"));
        String notes = "//measure[1]/note[staff=2]";
        assertThat(texts(score, notes + "/duration")).hasSize(12).containsOnly("3360");
        assertThat(texts(score, notes + "/type")).containsOnly("eighth");
        assertThat(texts(score, notes + "/time-modification/actual-notes")).containsOnly("3");
        assertThat(texts(score, notes + "//tuplet/@type")).hasSize(8).startsWith("start", "stop");
    }

    /** A left hand that somebody wrote goes the same way out. */
    @Test
    void writesALeftHandThatIsWritten() throws Exception {
        LeadSheet sheet = Chart.parse("| C | G7 |\nl: C,,2 [E,G,]2 z4 | G,,8");
        Arrangement tune = Arrangement.of(sheet, Choices.USUAL);
        Document score = read(new MusicXmlWriter(Staves.GRAND).write(tune));
        assertThat(texts(score, "//measure[1]/note[staff=2]/pitch/octave")).containsExactly("2", "3", "3");
        assertThat(texts(score, "//measure[1]/note[staff=2]/rest")).hasSize(1);
        assertThat(texts(score, "//measure[2]/note[staff=2]/pitch/step")).containsExactly("G");
        assertThat(new MusicXmlWriter(Staves.PAGE).writeText(tune)).contains("n0-0");
    }
}
