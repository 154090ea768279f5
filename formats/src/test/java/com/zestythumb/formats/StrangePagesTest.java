package com.zestythumb.formats;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.Loudness;
import com.zestythumb.core.arrangement.PedalSpan;
import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartProblem;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.formats.ImportReport.Fate;
import com.zestythumb.formats.importing.Importer;
import com.zestythumb.formats.midi.MidiFileWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pages with two staves that no piano has: kept as far as sense goes, and what is not is told. */
class StrangePagesTest {

    private static String note(String step, int octave, String voice, int staff) {
        return "<note><pitch><step>" + step + "</step><octave>" + octave + "</octave></pitch><duration>4</duration>"
                + (voice == null ? "" : "<voice>" + voice + "</voice>") + "<staff>" + staff + "</staff></note>";
    }

    private static String part(String id, String notes) {
        return "<part id='" + id + "'><measure number='1'><attributes><divisions>1</divisions><time><beats>4</beats>"
                + "<beat-type>4</beat-type></time><staves>2</staves></attributes>" + notes + "</measure></part>";
    }

    private static Imported read(String... parts) {
        String score = "<score-partwise><part-list/>" + String.join("", parts) + "</score-partwise>";
        return Importer.read("page.musicxml", score.getBytes(StandardCharsets.UTF_8))
                .get(0);
    }

    private static final String BACK = "<backup><duration>4</duration></backup>";

    private static List<String> leftOut(Imported read) {
        return read.report().lines().stream()
                .filter(line -> line.fate() == Fate.LEFT_OUT)
                .map(ImportReport.Line::what)
                .toList();
    }

    @Test
    void keepsThreeOfFortyVoicesAndTellsOfTheOthers() {
        String lower = IntStream.range(0, 40)
                .mapToObj(i -> BACK + note("CDEFGAB".substring(i % 7, i % 7 + 1), 2 + i % 2, "v" + i, 2))
                .collect(Collectors.joining());
        Imported read = read(part("P1", note("C", 5, "1", 1) + lower));
        assertThat(read.sheet().bars().get(0).left()).hasSize(3);
        assertThat(leftOut(read)).anyMatch(what -> what.contains("voices of a hand beyond the third"));
    }

    @Test
    void takesTheFirstOfTwoPianos() {
        String one = note("C", 5, "1", 1) + BACK + note("C", 3, "5", 2);
        String other = note("E", 5, "1", 1) + BACK + note("E", 3, "5", 2);
        Imported read = read(part("P1", one), part("P2", other));
        assertThat(read.sheet().bars().get(0).allOfLeft()).hasSize(1);
        assertThat(leftOut(read)).anyMatch(what -> what.contains("neither tune nor left hand"));
        assertThat(read.hands().lines()).hasSize(4);
    }

    /** One name for voices of both staves, and no name at all: the staff tells the hand. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {"1", "-", "''"})
    void readsWrongVoiceNumbersByTheirStaff(String voice) {
        Imported read = read(part("P1", note("C", 5, voice, 1) + BACK + note("C", 3, voice, 2)));
        Bar bar = read.sheet().bars().get(0);
        assertThat(bar.melody()).extracting(note -> note.pitch().toString()).containsExactly("C5");
        assertThat(bar.allOfLeft()).extracting(note -> note.pitch().toString()).containsExactly("C3");
    }

    /** Whatever is left open is open until the end, and goes through every writer. */
    @Test
    void livesWithSignsThatNeverEnd() {
        Chart chart = Chart.read("| C | F |\nm: (!<(!c4 d4 | e8 |\nl: !ped!(C,4 !>(!G,4 | [K:clef=treble]C8 |");
        assertThat(chart.problems()).isEmpty();
        LeadSheet sheet = chart.sheet();
        Arrangement tune = Arrangement.of(sheet, Choices.USUAL);
        assertThat(PedalSpan.of(tune)).hasSize(2);
        assertThat(new Loudness(sheet, Side.LEFT)
                        .of(1, sheet.bars().get(1).allOfLeft().get(0)))
                .isPositive();
        String written = ChartWriter.write(sheet);
        assertThat(written).contains("m: !<(!(c4 d4 | e8 |", "l: !ped!(C,4 !>(!G,4 | [K:clef=treble]C8 |");
        assertThat(ChartWriter.write(Chart.read(written).sheet())).isEqualTo(written);
        assertThat(new MusicXmlWriter(Staves.GRAND).write(tune)).isNotEmpty();
        assertThat(new MidiFileWriter().write(tune)).isNotEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "l: [C,E,G, | F,8 |; [ wants a ]",
                "l: C,8 F,4 | F,8 |; shorten a note",
                "l: C,8 & D,8 & E,8 & F,8 | F,8 |; 3 voices at most",
                "l: [K:clef=alto]C,8 | F,8 |; changes the clef",
                "l: [K:G]C,8 | F,8 |; {key G}",
                "m: c8 & d8 & e8 & f8 | f8 |; 3 voices at most",
                "l: C,8 | F,8 | G,8 |; more bars of the left hand",
            })
    void tellsPlaceAndRemedyInAChart(String line, String remedy) {
        List<ChartProblem> problems = Chart.read("| C | F |\n" + line).problems();
        assertThat(problems).anySatisfy(problem -> {
            assertThat(problem.toString()).contains(remedy);
            assertThat(problem.line()).isEqualTo(2);
        });
    }

    /** Nobody's hands cross for a whole page, but what is written is kept. */
    @Test
    void keepsALeftHandAboveTheTune() {
        LeadSheet sheet = Chart.read("| C | F |\nm: C8 | C8 |\nl: c'8 | a8 |").sheet();
        Imported back = Importer.read(
                        "a.musicxml", new MusicXmlWriter(Staves.GRAND).write(Arrangement.of(sheet, Choices.USUAL)))
                .get(0);
        assertThat(back.sheet().bars().get(0).allOfLeft())
                .extracting(note -> note.pitch().toString())
                .containsExactly("C6");
    }

    /** A chord that sounds for eight bars is a chord, in whichever hand. */
    @Test
    void readsOneLongChord() {
        LeadSheet sheet = Chart.read("| C | C |\nl: [C,E,G,-]8 | [C,E,G,]8 |").sheet();
        Imported back = Importer.read("a.mid", new MidiFileWriter().write(Arrangement.of(sheet, Choices.USUAL)))
                .get(0);
        assertThat(back.sheet().events())
                .allMatch(event -> event.chord().toString().equals("C"));
    }
}
