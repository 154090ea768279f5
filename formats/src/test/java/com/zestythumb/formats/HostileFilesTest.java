package com.zestythumb.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.stopping.StoppedException;
import com.zestythumb.formats.ImportReport.Fate;
import com.zestythumb.formats.abc.AbcWriter;
import com.zestythumb.formats.chordpro.ChordProWriter;
import com.zestythumb.formats.importing.Importer;
import com.zestythumb.formats.midi.MidiFileWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Files that are broken, or meant to break something: a clear word or a repaired tune, never a crash. */
@Execution(ExecutionMode.CONCURRENT)
class HostileFilesTest {

    private static final Duration PATIENCE = Duration.ofSeconds(30);

    /** In a usual run and, with {@code -Dwhole}, in a long one. */
    private static final int ROUNDS = System.getProperty("whole") == null ? 120 : 5000;

    private static final LeadSheet TUNE = Chart.parse("title: Target\nkey: G\nmeter: 3/4\n[Verse]\n"
            + "|: G / D7 | Em |1 C :|2 D7 | G |\nm: g2 f>e (3dcB | e6 | c6 | d6 | g6 |\nw: a-ny words | here");

    private static List<Imported> read(String text) {
        return read(text.getBytes(StandardCharsets.UTF_8));
    }

    private static List<Imported> read(byte[] file) {
        return Assertions.assertTimeoutPreemptively(PATIENCE, () -> Importer.read("", file));
    }

    private static void isRefused(byte[] file, String words) {
        assertThatThrownBy(() -> Importer.read("", file))
                .isInstanceOf(UnreadableFileException.class)
                .hasMessageContaining(words);
    }

    private static final String SCORE = "<score-partwise><part-list/><part id='P1'>%s</part></score-partwise>";

    private static final String WHOLE_NOTE =
            "<note><pitch><step>C</step><octave>4</octave></pitch><duration>4</duration></note>";

    @Test
    void followsNoEntityOfAScore() {
        String external = "<!DOCTYPE score-partwise [<!ENTITY x SYSTEM 'file:///etc/passwd'>]>"
                + SCORE.formatted(
                        "<measure><direction><direction-type><words>&x;</words></direction-type></direction></measure>");
        isRefused(external.getBytes(StandardCharsets.UTF_8), "damaged");
        StringBuilder bomb = new StringBuilder("<!DOCTYPE score-partwise [<!ENTITY a0 'ha'>");
        for (int i = 1; i < 30; i++) {
            bomb.append("<!ENTITY a")
                    .append(i)
                    .append(" '&a")
                    .append(i - 1)
                    .append(";&a")
                    .append(i - 1)
                    .append(";'>");
        }
        bomb.append("]>").append(SCORE.formatted("<measure><note>&a29;</note></measure>"));
        isRefused(bomb.toString().getBytes(StandardCharsets.UTF_8), "damaged");
        isRefused(("<score-partwise>" + "<a>".repeat(100_000)).getBytes(StandardCharsets.UTF_8), "damaged");
    }

    private static byte[] zip(String... namesAndTexts) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (int i = 0; i < namesAndTexts.length; i += 2) {
                zip.putNextEntry(new ZipEntry(namesAndTexts[i]));
                zip.write(namesAndTexts[i + 1].getBytes(StandardCharsets.UTF_8));
            }
        }
        return out.toByteArray();
    }

    @Test
    void unpacksNoBombAndFollowsNoPath() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("score.xml"));
            byte[] blank = new byte[1 << 20];
            for (int i = 0; i < 400; i++) {
                zip.write(blank);
            }
        }
        isRefused(out.toByteArray(), "larger than 48 MB");
        String container = "<container><rootfiles><rootfile full-path='../../etc/passwd'/></rootfiles></container>";
        isRefused(zip("META-INF/container.xml", container), "holds no MusicXML");
        byte[] strange = zip(
                "META-INF/container.xml",
                container,
                "../../score.xml",
                SCORE.formatted("<measure>" + WHOLE_NOTE + "</measure>"));
        assertThat(read(strange)).hasSize(1);
        byte[] good = zip("score.xml", SCORE.formatted("<measure>" + WHOLE_NOTE + "</measure>"));
        isRefused(Arrays.copyOf(good, good.length / 2), "");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"<?xml version='1.0'?>", "<score-partwise></score-partwise>", "<score-partwise><part id='P1'>"})
    void saysWhatIsWrongWithXmlThatIsNoScore(String text) {
        isRefused(text.getBytes(StandardCharsets.UTF_8), "export");
    }

    @Test
    void saysWhatIsWrongWithOtherFiles() {
        isRefused(new byte[0], "empty");
        isRefused(new byte[] {(byte) 0x89, 'P', 'N', 'G', 0, 1, 2, 3}, "no music file");
        isRefused("just some words\nand more".getBytes(StandardCharsets.UTF_8), "no chords were found");
        isRefused("MThd".getBytes(StandardCharsets.UTF_8), "breaks off");
        isRefused("X:1\nK:C\n".getBytes(StandardCharsets.UTF_8), "no tune");
        isRefused("{title: Nothing}".getBytes(StandardCharsets.UTF_8), "no chords were found");
        assertThatThrownBy(() -> Importer.read("", new byte[Importer.MAX_BYTES + 1]))
                .hasMessageContaining("16 MB");
    }

    /** Fifty thousand bars: the first thousand are kept, the rest is told of, and memory stays bounded. */
    @Test
    void keepsTheBeginningOfAHugeScore() {
        String measure = "<measure>" + WHOLE_NOTE + "</measure>";
        byte[] huge = SCORE.formatted("<measure><attributes><divisions>1</divisions></attributes>" + WHOLE_NOTE
                        + "</measure>" + measure.repeat(50_000))
                .getBytes(StandardCharsets.UTF_8);
        Imported tune = read(huge).get(0);
        assertThat(tune.sheet().bars()).hasSize(SheetBuilder.MAX_BARS);
        assertThat(tune.report().lines())
                .anyMatch(line -> line.fate() == Fate.LEFT_OUT && line.what().startsWith("what comes after bar 1000"));
        assertThat(read("X:1\nL:1/4\nK:C\n" + "cdef|".repeat(50_000))
                        .get(0)
                        .sheet()
                        .bars())
                .hasSize(SheetBuilder.MAX_BARS);
        assertThat(read("{t: Long}\n" + "[C]la [G]la\n".repeat(25_000))
                        .get(0)
                        .sheet()
                        .bars())
                .hasSize(SheetBuilder.MAX_BARS);
        assertThat(read("C  G\nla la\n".repeat(25_000)).get(0).sheet().bars()).hasSize(SheetBuilder.MAX_BARS);
        String row = "| C | F ".repeat(25_000) + "|";
        assertThat(read(row).get(0).sheet().bars()).hasSize(SheetBuilder.MAX_BARS);
    }

    @Test
    void readsABrokenMidiFileAsFarAsItGoes() {
        byte[] whole = new MidiFileWriter().write(Arrangement.of(TUNE, Choices.USUAL));
        for (int length = 14; length < whole.length; length += 7) {
            try {
                List<Imported> tunes = read(Arrays.copyOf(whole, length));
                assertThat(tunes.get(0).report().lines()).anyMatch(line -> line.fate() == Fate.REPAIRED);
            } catch (UnreadableFileException e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }

    /** Two hundred thousand keys struck within a beat, and as many held through a thousand bars. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void isNotDrownedInNotes(boolean held) {
        ByteArrayOutputStream track = new ByteArrayOutputStream();
        for (int i = 0; i < 200_000; i++) {
            track.writeBytes(new byte[] {(byte) (i % 100 == 7 ? 1 : 0), (byte) 0x90, (byte) (30 + i % 70), 64});
        }
        track.writeBytes(new byte[] {(byte) (held ? 0xE0 : 0x81), (byte) (held ? 0x80 : 0), 0, (byte) 0xB0, 1, 1});
        byte[] head = {'M', 'T', 'h', 'd', 0, 0, 0, 6, 0, 0, 0, 1, 8, 0, 'M', 'T', 'r', 'k'};
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        file.writeBytes(head);
        file.writeBytes(ByteBuffer.allocate(4).putInt(track.size()).array());
        file.writeBytes(track.toByteArray());
        assertThat(read(file.toByteArray())).hasSize(1);
    }

    /** MIDI 1.0: a length in the file may lie; nothing is set aside for it. */
    @Test
    void believesNoLengthInAMidiFile() {
        byte[] lying = {
            'M',
            'T',
            'h',
            'd',
            0,
            0,
            0,
            6,
            0,
            1,
            0,
            1,
            1,
            (byte) 0xE0,
            'M',
            'T',
            'r',
            'k',
            0x7F,
            (byte) 0xFF,
            (byte) 0xFF,
            (byte) 0xFF,
            0,
            (byte) 0x90,
            60,
            64,
            (byte) 0x83,
            0x60,
            (byte) 0x80,
            60,
            0,
            0,
            (byte) 0xFF,
            1,
            (byte) 0xFF,
            (byte) 0xFF,
            (byte) 0xFF,
            0x7F
        };
        Imported tune = read(lying).get(0);
        assertThat(tune.sheet().bars()).hasSize(1);
        lying[12] = (byte) 0xE7;
        isRefused(lying, "film frames");
    }

    @ParameterizedTest
    @CsvSource({"UTF-8,true", "UTF-16LE,true", "UTF-16BE,true", "windows-1252,false"})
    void readsTextInTheUsualEncodings(String encoding, boolean mark) {
        String text = (mark ? "\uFEFF" : "") + "title: Grüße am Fluß\n| C | F |";
        LeadSheet sheet = read(text.getBytes(Charset.forName(encoding))).get(0).sheet();
        assertThat(sheet.title()).isEqualTo("Grüße am Fluß");
        assertThat(sheet.bars()).hasSize(2);
    }

    @Test
    void repairsBarsThatDoNotAddUpAndLeavesOutNotesOffTheKeyboard() {
        String first = "<attributes><divisions>1</divisions></attributes>";
        String note = "<note><pitch><step>C</step><octave>%d</octave></pitch><duration>%d</duration></note>";
        Imported tune = read(SCORE.formatted("<measure>" + first + note.formatted(5, 4) + "</measure><measure>"
                        + note.formatted(5, 3) + "</measure><measure>" + note.formatted(5, 4) + note.formatted(5, 2)
                        + "</measure><measure>" + note.formatted(9, 4) + "</measure>"))
                .get(0);
        assertThat(tune.report().lines())
                .contains(
                        new ImportReport.Line(Fate.REPAIRED, "bars that are too short, filled up with a rest", "2, 4"),
                        new ImportReport.Line(Fate.REPAIRED, "bars that are longer than their meter, parted", "3"),
                        new ImportReport.Line(Fate.LEFT_OUT, "notes that no piano has", "4"));
        assertThat(Chart.read(tune.chart()).problems()).isEmpty();
    }

    private static List<byte[]> models() {
        Arrangement arrangement = Arrangement.of(TUNE, Choices.USUAL);
        return List.of(
                new MusicXmlWriter(Staves.GRAND).write(arrangement),
                new MidiFileWriter().write(arrangement),
                new AbcWriter().write(TUNE).getBytes(StandardCharsets.UTF_8),
                new ChordProWriter().write(TUNE).getBytes(StandardCharsets.UTF_8),
                "Song\nC  G7\nla la\n| Am | F  G |\n".getBytes(StandardCharsets.UTF_8),
                ChartWriter.write(TUNE).getBytes(StandardCharsets.UTF_8));
    }

    /** Whose deadline is over stops reading, whatever the kind. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5})
    void stopsWhereItIsInterrupted(int kind) {
        byte[] file = models().get(kind);
        Thread.currentThread().interrupt();
        try {
            assertThatThrownBy(() -> Importer.read("", file)).isInstanceOf(StoppedException.class);
        } finally {
            Thread.interrupted();
        }
    }

    /** Each reader, given its own kind of file with bytes changed, doubled, dropped, pieces again and again: a tune whose bars add up, or a clear word. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5})
    void survivesFilesWithRandomDamage(int kind) {
        byte[] model = models().get(kind);
        Random random = new Random(kind);
        for (int round = 0; round < ROUNDS; round++) {
            byte[] file = damaged(model, random);
            try {
                for (Imported tune : Importer.read("", file)) {
                    assertAddsUp(tune.sheet());
                    assertAddsUp(Chart.read(tune.chart()).sheet());
                    if (tune.text() == null) {
                        // A misspelt chord stays, marked, to be fixed; nothing else may be wrong.
                        assertThat(Chart.read(tune.chart()).problems())
                                .filteredOn(problem -> !problem.message().contains("is not a chord"))
                                .as(tune.chart())
                                .isEmpty();
                    }
                }
            } catch (UnreadableFileException e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }

    private static byte[] damaged(byte[] model, Random random) {
        byte[] file = model.clone();
        for (int i = random.nextInt(6); i >= 0; i--) {
            int at = random.nextInt(file.length);
            switch (random.nextInt(5)) {
                case 0 -> file[at] = (byte) random.nextInt(256);
                case 1 -> file[at] = file[random.nextInt(file.length)];
                case 2 -> {
                    int from = random.nextInt(file.length);
                    int length = Math.min(random.nextInt(40), file.length - Math.max(at, from));
                    System.arraycopy(file, from, file, at, length);
                }
                case 3 -> file = Arrays.copyOf(file, Math.max(16, file.length - random.nextInt(30)));
                default -> file = swollen(file, at, random);
            }
        }
        return file;
    }

    /** With a piece of it up to some hundred times more, which makes it up to some thousand bytes longer. */
    private static byte[] swollen(byte[] file, int at, Random random) {
        byte[] piece = Arrays.copyOfRange(file, at, Math.min(file.length, at + 1 + random.nextInt(60)));
        int times = 1 + random.nextInt(random.nextBoolean() ? 8 : 300);
        ByteBuffer out = ByteBuffer.allocate(file.length + piece.length * times);
        out.put(file, 0, at);
        for (int i = 0; i < times; i++) {
            out.put(piece);
        }
        return out.put(file, at, file.length - at).array();
    }

    private static void assertAddsUp(LeadSheet sheet) {
        for (Bar bar : sheet.bars()) {
            Fraction sum = bar.events().stream().map(ChordEvent::duration).reduce(Fraction.ZERO, Fraction::plus);
            assertThat(sum).isEqualTo(bar.length());
            if (!bar.melody().isEmpty()) {
                assertThat(bar.melody().get(bar.melody().size() - 1).end()).isEqualTo(bar.length());
            }
        }
    }
}
