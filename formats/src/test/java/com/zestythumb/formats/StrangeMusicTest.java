package com.zestythumb.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.harmonising.HomeKey;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.formats.ImportReport.Fate;
import com.zestythumb.formats.importing.Importer;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.junit.jupiter.api.Test;

/** Music for which no key or chord can be told is said to be so, in a report; what can be told is told. */
class StrangeMusicTest {

    private static final int QUARTER = 480;
    private static final int PIANO = 0;
    private static final int DRUMS = 9;
    /** A. Schoenberg, Suite op. 25 (1923): its twelve-tone row, from memory. */
    private static final List<Integer> ROW = List.of(4, 5, 7, 1, 6, 3, 8, 2, 11, 0, 9, 10);

    /** A MIDI file: in each quarter note the keys that are struck together. */
    private static byte[] midi(int channel, List<List<Integer>> quarters) throws Exception {
        Sequence sequence = new Sequence(Sequence.PPQ, QUARTER);
        Track track = sequence.createTrack();
        for (int i = 0; i < quarters.size(); i++) {
            for (int key : quarters.get(i)) {
                track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, channel, key, 80), (long) QUARTER * i));
                track.add(new MidiEvent(
                        new ShortMessage(ShortMessage.NOTE_OFF, channel, key, 0), (long) QUARTER * (i + 1)));
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        MidiSystem.write(sequence, 1, out);
        return out.toByteArray();
    }

    private static List<List<Integer>> line(int octave, Stream<Integer> notes) {
        return notes.map(note -> List.of(12 * octave + note)).toList();
    }

    private static Imported read(byte[] file) {
        return Importer.read("strange", file).get(0);
    }

    private static List<String> told(Imported tune, Fate fate) {
        return tune.report().lines().stream()
                .filter(line -> line.fate() == fate)
                .map(ImportReport.Line::what)
                .toList();
    }

    private static void hasNoClearKey(Imported tune) {
        assertThat(HomeKey.of(tune.sheet())).isEmpty();
        assertThat(tune.sheet().key().signature()).isZero();
        assertThat(told(tune, Fate.GUESSED)).contains("no clear key, so it is written without a signature");
    }

    @Test
    void claimsNoKeyForATwelveToneRow() throws Exception {
        Stream<Integer> thrice = Stream.of(ROW, ROW, ROW).flatMap(List::stream);
        hasNoClearKey(read(midi(PIANO, line(5, thrice))));
    }

    @Test
    void claimsNoKeyForTwoRowsAtOnce() throws Exception {
        List<List<Integer>> both = IntStream.range(0, 36)
                .mapToObj(i -> List.of(60 + ROW.get(i % 12), 36 + ROW.get((i + 6) % 12)))
                .toList();
        hasNoClearKey(read(midi(PIANO, both)));
    }

    /** Common practice: eight neighbouring keys under a forearm are no chord. */
    @Test
    void namesNoChordForClusters() throws Exception {
        List<List<Integer>> clusters = IntStream.range(0, 32)
                .mapToObj(i -> IntStream.range(60 + i / 4, 68 + i / 4).boxed().toList())
                .toList();
        Imported tune = read(midi(PIANO, clusters));
        assertThat(tune.sheet().events()).allMatch(ChordEvent::isSilent);
        assertThat(tune.report().lines())
                .contains(new ImportReport.Line(
                        Fate.LEFT_OUT, "notes that make no chord with a name, marked N.C.", "1–8"));
        hasNoClearKey(tune);
    }

    /** C major and F sharp major together, as in the chord of Petrushka (I. Stravinsky 1911, from memory). */
    @Test
    void namesAllThatTwoKeysAtOnceHaveInCommon() throws Exception {
        Imported tune = read(midi(PIANO, List.of(List.of(42, 46, 49, 60, 64, 67), List.of(42, 46, 49, 60, 64, 67))));
        Chord chord = tune.sheet().events().get(0).chord();
        List<Integer> sounding = List.of(6, 10, 1, 0, 4, 7);
        assertThat(chord.tones()).allMatch(tone -> sounding.contains(tone.semitone()));
        assertThat(tune.sheet().events().get(0).isGuess()).isTrue();
    }

    @Test
    void readsATuneOfOneNote() throws Exception {
        Imported tune = read(midi(PIANO, List.of(List.of(60))));
        assertThat(tune.sheet().bars()).hasSize(1);
        assertThat(tune.sheet().events())
                .extracting(event -> event.chord().toString())
                .containsExactly("C");
        assertThat(told(tune, Fate.GUESSED)).contains("chords proposed for the tune, for it has none");
    }

    @Test
    void refusesDrumsAlone() throws Exception {
        byte[] drums = midi(DRUMS, line(3, Stream.of(0, 2, 0, 2)));
        assertThatThrownBy(() -> read(drums))
                .isInstanceOf(UnreadableFileException.class)
                .hasMessage("the MIDI file holds no notes that a piano has; choose another");
    }

    /** A clarinet in B flat (as most are, common practice) reads a tone higher than it sounds beside the piano. */
    @Test
    void hearsInstrumentsWrittenInDifferentKeysAsTheySound() {
        String clarinet = part("P1", -2, List.of("D5", "E5", "F#5", "D5"), 2);
        String piano = part("P2", 0, List.of("C3", "G3", "E4", "G3"), 0);
        String score = "<score-partwise version='4.0'><part-list><score-part id='P1'><part-name>Clarinet</part-name>"
                + "</score-part><score-part id='P2'><part-name>Piano</part-name></score-part></part-list>" + clarinet
                + piano + "</score-partwise>";
        Imported tune = read(score.getBytes(StandardCharsets.UTF_8));
        assertThat(tune.sheet().key()).hasToString("C major");
        assertThat(chords(tune.sheet().bars().get(0))).isEqualTo("C");
        assertThat(tune.sheet().bars().get(0).melody())
                .extracting(note -> note.pitch().toString())
                .containsExactly("C5", "D5", "E5", "C5");
    }

    private static String chords(Bar bar) {
        return bar.events().stream().map(event -> String.valueOf(event.chord())).collect(Collectors.joining(" "));
    }

    private static String part(String id, int transposed, List<String> pitches, int fifths) {
        StringBuilder notes = new StringBuilder();
        for (String pitch : pitches) {
            boolean sharp = pitch.contains("#");
            notes.append("<note><pitch><step>%s</step>%s<octave>%s</octave></pitch><duration>1</duration></note>"
                    .formatted(pitch.charAt(0), sharp ? "<alter>1</alter>" : "", pitch.charAt(pitch.length() - 1)));
        }
        return ("<part id='%s'><measure number='1'><attributes><divisions>1</divisions><key><fifths>%d</fifths></key>"
                        + "<time><beats>4</beats><beat-type>4</beat-type></time>"
                        + "<transpose><diatonic>%d</diatonic><chromatic>%d</chromatic></transpose></attributes>%s"
                        + "</measure></part>")
                .formatted(id, fifths, transposed / 2, transposed, notes);
    }

    /** Ten thousand bars of broken chords: a tune's worth is read, and the report says where it ends. */
    @Test
    void readsTheBeginningOfTenThousandBars() throws Exception {
        List<List<Integer>> quarters = new ArrayList<>();
        for (int bar = 0; bar < 10_000; bar++) {
            int root = List.of(48, 53, 55, 48).get(bar % 4);
            quarters.addAll(List.of(List.of(root), List.of(root + 4), List.of(root + 7), List.of(root + 4)));
        }
        Imported tune = read(midi(PIANO, quarters));
        List<Bar> bars = tune.sheet().bars();
        assertThat(bars).hasSize(SheetBuilder.MAX_BARS);
        assertThat(told(tune, Fate.LEFT_OUT)).contains("what comes after bar 1000, for a tune holds no more");
        assertThat(bars.subList(0, 8))
                .extracting(StrangeMusicTest::chords)
                .containsExactly("C", "F", "G", "C", "C", "F", "G", "C");
        assertThat(tune.sheet().key()).hasToString("C major");
    }
}
