package com.zestythumb.formats;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.formats.importing.Importer;
import com.zestythumb.formats.midi.MidiFileWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which staff, voice or track is the tune and which the left hand: as a piano page has them (common practice), or as asked. */
class HandsTest {

    /** A singer over a piano of two staves, with a second voice on the upper one; a note of the left hand stands on it too. */
    private static final String SONG = """
            <score-partwise><part-list><score-part id="V"><part-name>Voice</part-name></score-part>
            <score-part id="P"><part-name>Piano</part-name></score-part></part-list>
            <part id="V"><measure number="1"><attributes><divisions>1</divisions><key><fifths>0</fifths></key>
            <time><beats>4</beats><beat-type>4</beat-type></time></attributes>%s</measure></part>
            <part id="P"><measure number="1"><attributes><divisions>1</divisions><staves>2</staves></attributes>
            %s%s<backup><duration>4</duration></backup>%s<backup><duration>4</duration></backup>%s%s%s</measure></part>
            </score-partwise>
            """.formatted(
                    note("G", 5, 4, 1, 1, false),
                    note("E", 5, 4, 1, 1, false),
                    note("C", 5, 4, 1, 1, true),
                    note("G", 4, 4, 2, 1, false),
                    note("C", 3, 1, 5, 2, false),
                    note("G", 3, 2, 5, 2, false),
                    note("C", 4, 1, 5, 1, false));

    private static String note(String step, int octave, int lasts, int voice, int staff, boolean chord) {
        return "<note>" + (chord ? "<chord/>" : "") + "<pitch><step>" + step + "</step><octave>" + octave
                + "</octave></pitch><duration>" + lasts + "</duration><voice>" + voice + "</voice><staff>" + staff
                + "</staff></note>";
    }

    private static Imported song(String tune, String left) {
        return Importer.read("song.musicxml", SONG.getBytes(StandardCharsets.UTF_8), new Hands.Wanted(tune, left))
                .get(0);
    }

    private static String notes(List<SheetNote> voice) {
        return voice.stream()
                .map(note -> note.isRest() ? "z" : note.pitch().toString())
                .collect(Collectors.joining(" "));
    }

    private static String upper(LeadSheet sheet) {
        return sheet.bars().get(0).upper().stream().map(HandsTest::notes).collect(Collectors.joining(" & "));
    }

    private static String left(LeadSheet sheet) {
        return sheet.bars().get(0).left().stream().map(HandsTest::notes).collect(Collectors.joining(" & "));
    }

    @Test
    void tellsWhatPlaysInAScore() {
        assertThat(song(null, null).hands().lines())
                .containsExactly(
                        new Hands.Source("1/1", "Voice", 1, "G5", "G5"),
                        new Hands.Source("2/1", "Piano, upper staff", 2, "C5", "E5"),
                        new Hands.Source("2/1:2", "Piano, upper staff, voice 2", 1, "G4", "G4"),
                        new Hands.Source("2/2", "Piano, lower staff", 3, "C3", "C4"));
    }

    /** Usually the first part sings and the lower staff of the piano is the left hand, with what crosses to the upper one. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "-, -, 1/1, 2/2, G5, C3 G3 C4",
                "2/1, -, 2/1, 2/2, C5 E5 & G4, C3 G3 C4",
                "2/1:2, -, 2/1:2, 2/2, G4 & C5 E5, C3 G3 C4",
                "1/1, '', 1/1, '', G5, ''",
                "2/2, 2/1, 2/2, 2/1, C3 G3 C4, C5 E5 & G4"
            })
    void takesTheLinesThatAreWanted(String tune, String left, String taken, String hand, String upper, String lower) {
        Imported read = song(tune, left);
        assertThat(read.hands().tune()).isEqualTo(taken);
        assertThat(read.hands().left()).isEqualTo(hand);
        assertThat(upper(read.sheet())).isEqualTo(upper);
        assertThat(left(read.sheet())).isEqualTo(lower);
    }

    /** Three voices are three parts, the first the tune; another one can be, and any can be the left hand. */
    @Test
    void takesVoicesOfAnAbcTune() {
        String abc =
                "X:1\nT:Three\nL:1/4\nK:C\nV:S name=\"Soprano\"\nV:A\nV:B\n" + "[V:S] G4 |\n[V:A] E4 |\n[V:B] C,4 |\n";
        byte[] file = abc.getBytes(StandardCharsets.UTF_8);
        Imported usual = Importer.read("a.abc", file).get(0);
        assertThat(usual.hands().lines())
                .extracting(Hands.Source::name)
                .containsExactly("Soprano", "Voice 2", "Voice 3");
        // Parts that have a line each come in with all of them.
        assertThat(usual.hands().left()).isEqualTo("B");
        assertThat(upper(usual.sheet())).isEqualTo("G4 & E4");
        assertThat(left(usual.sheet())).isEqualTo("C3");
        Imported bass = Importer.read(
                        "a.abc", abc.replace("V:B\n", "V:B clef=bass\n").getBytes(StandardCharsets.UTF_8))
                .get(0);
        assertThat(bass.hands().left()).isEqualTo("B");
        LeadSheet asked =
                Importer.read("a.abc", file, new Hands.Wanted("A", "B")).get(0).sheet();
        assertThat(upper(asked)).isEqualTo("E4");
        assertThat(left(asked)).isEqualTo("C3");
    }

    /** A track each for two hands and a tune: as asked, the tune may be in the left one. */
    @Test
    void takesTracksOfAMidiFile() {
        LeadSheet sheet = Chart.read("| C | F |\nm: c2 e2 g4 | a4 f4 |\nl: C,4 G,4 | F,8 |")
                .sheet();
        byte[] file = new MidiFileWriter().write(Arrangement.of(sheet, Choices.USUAL));
        Imported usual = Importer.read("a.mid", file).get(0);
        assertThat(usual.hands().lines()).extracting(Hands.Source::name).containsExactly("Left hand", "Melody");
        String low = usual.hands().left();
        String high = usual.hands().tune();
        assertThat(upper(usual.sheet())).isEqualTo("C5 E5 G5");
        LeadSheet turned =
                Importer.read("a.mid", file, new Hands.Wanted(low, high)).get(0).sheet();
        assertThat(upper(turned)).isEqualTo("C3 G3");
        assertThat(left(turned)).isEqualTo("C5 E5 G5");
    }
}
