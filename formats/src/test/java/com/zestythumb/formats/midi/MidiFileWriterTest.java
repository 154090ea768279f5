package com.zestythumb.formats.midi;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.KeptVoicing;
import com.zestythumb.core.arrangement.Manner;
import com.zestythumb.core.arrangement.Pedalling;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Byte by byte against Standard MIDI Files 1.0. */
class MidiFileWriterTest {

    private static byte[] write(String chart) {
        return new MidiFileWriter()
                .write(Arrangement.of(Chart.parse(chart), Choices.USUAL.with(AccompanimentPatterns.BLOCK)));
    }

    private static String hex(byte[] bytes) {
        return HexFormat.of().formatHex(bytes);
    }

    @Test
    void beginsWithTheHeaderChunk() {
        byte[] file = write("| C |");
        assertThat(new String(file, 0, 4, StandardCharsets.US_ASCII)).isEqualTo("MThd");
        // Length 6, format 1, two tracks, 480 ticks a quarter.
        assertThat(hex(Arrays.copyOfRange(file, 4, 14))).isEqualTo("00000006" + "0001" + "0002" + "01e0");
        assertThat(new String(file, 14, 4, StandardCharsets.US_ASCII)).isEqualTo("MTrk");
    }

    @Test
    void statesTempoMeterAndKey() {
        // 120 quarters a minute: 500,000 microseconds = 07 A1 20; two flats in minor: FE 01.
        assertThat(hex(write("key: G minor\nmeter: 3/4\ntempo: 120\n| Gm |")))
                .contains("ff5103" + "07a120")
                .contains("ff5804" + "03021808")
                .contains("ff5902" + "fe01");
        // Dotted quarters in 6/8: 60 of them are 90 quarters, 666,667 microseconds = 0A 2C 2B; 36 clocks a beat.
        assertThat(hex(write("meter: 6/8\ntempo: 60\n| C |")))
                .contains("ff5103" + "0a2c2b")
                .contains("ff5804" + "06032408");
    }

    @Test
    void soundsEachNoteForItsLength() {
        // C3 at 70, as the bass it is, E3 and G3 at 60, struck together and let go after 1,920 ticks, in variable
        // length 8F 00; a repeated
        // status byte may be left out (running status).
        assertThat(hex(write("| C |"))).contains("00903046" + "00343c" + "00373c" + "8f00803000" + "003400" + "003700");
    }

    /** Let go at half its length: 240 of 480 ticks (81 70) for a quarter. */
    @Test
    void letsShortNotesGoEarly() {
        AccompanimentPattern dry = AccompanimentPattern.of("own", "Own", 2, 5, "1/4 bass.");
        byte[] file = new MidiFileWriter().write(Arrangement.of(Chart.parse("| C | C |"), Choices.USUAL.with(dry)));
        assertThat(hex(file)).contains("00903046" + "8170803000" + "8170903046");
    }

    /** Softly at 42, over the others at 78. */
    @Test
    void hasSoftNotesBelowAndOthersBroughtOut() {
        KeptVoicing pin = new KeptVoicing(
                        0, Fraction.ZERO, List.of(Pitch.parse("C3"), Pitch.parse("E3"), Pitch.parse("G3")))
                .with(Pitch.parse("E3"), Manner.SOFT)
                .with(Pitch.parse("G3"), Manner.BROUGHT_OUT);
        byte[] file =
                new MidiFileWriter().write(Arrangement.of(Chart.parse("| C |"), Choices.USUAL.withPins(List.of(pin))));
        assertThat(hex(file)).contains("00903046" + "00342a" + "00374e");
    }

    /** Of two eighths, 240 ticks each as written, the first lasts 320 (82 40) and the second 160 (81 20). */
    @Test
    void swingsWhereTheTuneDoes() {
        AccompanimentPattern walk = AccompanimentPattern.of("own", "Own", 2, 5, "1/8 bass top");
        byte[] file = new MidiFileWriter()
                .write(Arrangement.of(Chart.parse("feel: swing\n| C | C |"), Choices.USUAL.with(walk)));
        assertThat(hex(file)).contains("00903046" + "8240803000" + "0090373c" + "8120803700");
    }

    /** The foot goes down and up with the swung eighths: the second of a beat begins at 320 ticks, not at 240. */
    @Test
    void thePedalSwingsWithTheHand() throws Exception {
        Choices joined = Choices.USUAL.with(AccompanimentPatterns.BLOCK).with(Pedalling.JOINED);
        String chart = "feel: swing\nmeter: 4/4\n| C | >F | C |\n";
        byte[] file = new MidiFileWriter().write(Arrangement.of(Chart.parse(chart), joined));
        byte[] even =
                new MidiFileWriter().write(Arrangement.of(Chart.parse(chart.replace("feel: swing\n", "")), joined));
        List<Long> swung = ups(file);
        List<Long> straight = ups(even);
        assertThat(swung).hasSameSizeAs(straight);
        for (int i = 0; i < swung.size(); i++) {
            boolean offBeat = straight.get(i) % 480 == 240;
            assertThat(swung.get(i)).isEqualTo(offBeat ? straight.get(i) + 80 : straight.get(i));
        }
        assertThat(straight).anyMatch(tick -> tick % 480 == 240);
    }

    private static List<Long> ups(byte[] file) throws Exception {
        Track left = MidiSystem.getSequence(new ByteArrayInputStream(file)).getTracks()[1];
        return IntStream.range(0, left.size())
                .mapToObj(left::get)
                .filter(event -> event.getMessage() instanceof ShortMessage message
                        && message.getCommand() == ShortMessage.CONTROL_CHANGE
                        && message.getData2() == 0)
                .map(event -> event.getTick())
                .toList();
    }

    /** The second bass of a bar is as loud as the first. */
    @Test
    void strikesTheSecondBassLikeTheFirst() throws Exception {
        Choices bass = Choices.USUAL
                .with(new StyleChoice(VoicingStyles.named("bass-then-chord"), Map.of()))
                .with(AccompanimentPatterns.BASS_AND_CHORDS);
        byte[] file = new MidiFileWriter().write(Arrangement.of(Chart.parse("meter: 4/4\n| C | C | F |"), bass));
        Track left = MidiSystem.getSequence(new ByteArrayInputStream(file)).getTracks()[1];
        Map<Integer, Integer> loudness = new TreeMap<>();
        for (int i = 0; i < left.size(); i++) {
            if (left.get(i).getMessage() instanceof ShortMessage message
                    && message.getCommand() == ShortMessage.NOTE_ON
                    && left.get(i).getTick() < 480 * 4) {
                loudness.put(message.getData1(), message.getData2());
            }
        }
        // By turns C3 and G2 below the chord.
        assertThat(loudness).containsEntry(48, 70).containsEntry(43, 70);
        assertThat(loudness.values()).contains(60);
    }

    @Test
    void playsRepeatsOut() throws Exception {
        assertThat(notesOn(write("| C | F | C |"))).isEqualTo(9);
        assertThat(notesOn(write("|: C | F :| C |"))).isEqualTo(15);
    }

    private static long notesOn(byte[] file) throws Exception {
        Track leftHand = MidiSystem.getSequence(new ByteArrayInputStream(file)).getTracks()[1];
        return IntStream.range(0, leftHand.size())
                .filter(i -> leftHand.get(i).getMessage().getStatus() == ShortMessage.NOTE_ON)
                .count();
    }

    /** Names that sequencers give to tracks; "Bright Acoustic Piano" is General MIDI's second sound. */
    @ParameterizedTest
    @CsvSource({
        "Melody, true",
        "Lead Vocal, true",
        "RIGHT HAND, true",
        "Voice 1, true",
        "The tune, true",
        "Bright Acoustic Piano, false",
        "Tuned percussion, false",
        "Leader of the band, false",
        "Bass, false"
    })
    void tellsTheTunesTrackByItsName(String name, boolean tune) {
        assertThat(MidiFileReader.namesTheTune(name)).isEqualTo(tune);
    }

    /** A key under two voices is struck once, comes up before it is struck again, and stays down for whoever holds it longest. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "l: C,8 & C,4 E,4; 48:0-1920 52:960-1920",
                "l: C,4 E,4 & C,8; 48:0-1920 52:960-1920",
                "l: C,8 & E,4 C,4; 48:0-960 52:0-960 48:960-1920",
                "l: C,8 & E,2 C,2 E,4; 48:0-480 52:0-480 48:480-1920 52:960-1920",
                "l: C,8 & E,4 E,4; 48:0-1920 52:0-960 52:960-1920",
                "l: C,8- | C,8; 48:0-3840",
                "l: C,8- | C,4 E,4 & C,2 E,2 C,4; 48:0-2880 52:2400-2880 48:2880-3840 52:2880-3840",
                "l: C,4- C,4; 48:0-1920",
                "l: C,4 C,4; 48:0-960 48:960-1920",
                "l: C,8- | E,8; 48:0-1920 52:1920-3840"
            })
    void aKeyUnderTwoVoicesStaysDown(String left, String wanted) throws Exception {
        String bars = "| C ".repeat(left.split("\\|").length) + "|\n";
        Track track = MidiSystem.getSequence(new ByteArrayInputStream(write("key: C\n" + bars + left)))
                .getTracks()[1];
        Map<Integer, Long> down = new TreeMap<>();
        Map<Long, StringBuilder> strokes = new TreeMap<>();
        for (int i = 0; i < track.size(); i++) {
            if (track.get(i).getMessage() instanceof ShortMessage message) {
                if (message.getCommand() == ShortMessage.NOTE_ON) {
                    assertThat(down).doesNotContainKey(message.getData1());
                    down.put(message.getData1(), track.get(i).getTick());
                } else if (message.getCommand() == ShortMessage.NOTE_OFF) {
                    long from = down.remove(message.getData1());
                    strokes.computeIfAbsent(from * 128 + message.getData1(), order -> new StringBuilder())
                            .append(message.getData1() + ":" + from + "-"
                                    + track.get(i).getTick());
                }
            }
        }
        assertThat(String.join(" ", strokes.values())).isEqualTo(wanted);
    }

    /** General MIDI 1: program 0 is a grand piano; where one hand rests at the end its track lasts as long as the others. */
    @Test
    void everyTrackIsAPianoAndEndsWithTheLastBar() throws Exception {
        byte[] file = write("key: C\n| C | N.C. |\nm: c8 | z8\n| N.C. |\nm: c4 z4");
        for (Track track :
                MidiSystem.getSequence(new ByteArrayInputStream(file)).getTracks()) {
            assertThat(track.ticks()).isEqualTo(3 * 1920);
        }
        assertThat(hex(file)).contains("00c000").contains("00c100");
    }
}
