package com.zestythumb.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.WrittenOut;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.formats.abc.AbcWriter;
import com.zestythumb.formats.midi.MidiFileWriter;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What we write as ABC with both hands, read and played by Debian's abcmidi: the same keys at the same times as our own MIDI file. */
class AbcMidiTest {

    /** Sixteenths of a quarter note by which the other spreads the upper notes of a chord at most. */
    private static final int SPREAD = 2;

    private static final int DRUMS = 9;

    @TempDir
    private Path folder;

    @Test
    void everyPatternSoundsTheSame() throws Exception {
        for (AccompanimentPattern figure : AccompanimentPatterns.all()) {
            for (String meter : List.of("4/4", "3/4", "6/8", "7/8")) {
                Chart chart = Chart.read("key: G major\nmeter: " + meter + "\n| G | C D7 | Em | G |");
                soundsTheSame(figure.id() + " " + meter, Arrangement.of(chart.sheet(), Choices.USUAL.with(figure)));
            }
        }
    }

    @Test
    void everyDemoTuneSoundsTheSame() throws Exception {
        List<Path> charts;
        Path demo = Path.of(System.getProperty("zesty.root", ".."), "app/src/main/resources/demo");
        try (Stream<Path> files = Files.walk(demo)) {
            charts = files.filter(file -> file.toString().endsWith(".chart")).toList();
        }
        assertThat(charts).hasSizeGreaterThan(5);
        for (Path chart : charts) {
            Chart read = Chart.read(Files.readString(chart));
            soundsTheSame(chart.getFileName().toString(), Arrangement.of(read.sheet(), Choices.USUAL));
        }
    }

    private void soundsTheSame(String name, Arrangement tune) throws IOException, InterruptedException {
        Path abc = folder.resolve("tune.abc");
        Path midi = folder.resolve("tune.mid");
        Files.writeString(abc, new AbcWriter().write(WrittenOut.withBothHands(tune)));
        // Chord symbols and fermatas are played by it too, and are not asked here.
        Process reader = new ProcessBuilder("abc2midi", abc.toString(), "-NGUI", "-NFER", "-o", midi.toString())
                .redirectErrorStream(true)
                .start();
        String said = new String(reader.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(reader.waitFor()).as(said).isZero();
        assertThat(said.lines())
                .as(name)
                .filteredOn(line -> line.startsWith("Error"))
                // A dot before a chord with a finger is more than it knows (standard 2.1, 4.14 and 4.17).
                .allMatch(line -> line.endsWith("expecting a-g or A-G"));
        Map<Integer, List<Long>> theirs = struck(Files.newInputStream(midi));
        Map<Integer, List<Long>> ours = struck(new ByteArrayInputStream(new MidiFileWriter().write(tune)));
        assertThat(theirs.keySet()).as(name).isEqualTo(ours.keySet());
        ours.forEach((key, times) -> {
            assertThat(theirs.get(key)).as(name + ", key " + key).hasSameSizeAs(times);
            for (int i = 0; i < times.size(); i++) {
                assertThat(theirs.get(key).get(i) - times.get(i))
                        .as(name + ", key " + key)
                        .isBetween(0L, (long) SPREAD);
            }
        });
    }

    /** When each key is struck, in sixteenths of a quarter note. */
    private static Map<Integer, List<Long>> struck(InputStream file) throws IOException {
        Map<Integer, List<Long>> struck = new TreeMap<>();
        try (file) {
            Sequence sequence = MidiSystem.getSequence(file);
            for (Track track : sequence.getTracks()) {
                for (int i = 0; i < track.size(); i++) {
                    MidiEvent event = track.get(i);
                    if (event.getMessage() instanceof ShortMessage note
                            && note.getCommand() == ShortMessage.NOTE_ON
                            && note.getData2() > 0
                            && note.getChannel() != DRUMS) {
                        struck.computeIfAbsent(note.getData1(), key -> new ArrayList<>())
                                .add(Math.round(event.getTick() * 16.0 / sequence.getResolution()));
                    }
                }
            }
        } catch (InvalidMidiDataException e) {
            throw new IOException(e);
        }
        struck.values().forEach(times -> times.sort(Comparator.naturalOrder()));
        return struck;
    }
}
