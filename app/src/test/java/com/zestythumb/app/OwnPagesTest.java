package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.analysis.Kind;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.figure.Figure;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.formats.Importer;
import com.zestythumb.formats.midi.MidiFileWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** The app's own pages, written out in notes without chord symbols and brought in again, have their chords. */
class OwnPagesTest {

    private static final double WANTED = 0.97;
    private static final Path DEMO = Path.of(System.getProperty("demo", "src/main/resources/demo"));

    private static List<LeadSheet> tunes() throws IOException {
        try (var files = Files.list(DEMO)) {
            List<LeadSheet> tunes = new ArrayList<>();
            for (Path file : files.sorted().toList()) {
                tunes.add(Chart.parse(Files.readString(file)));
            }
            return tunes.stream()
                    .filter(tune -> tune.events().stream().anyMatch(event -> !event.isSilent()))
                    .toList();
        }
    }

    /** Root and kind of each chord: which note lies lowest is the left hand's choice. */
    private static String said(Bar bar) {
        List<String> said = new ArrayList<>();
        for (var event : bar.events()) {
            String name = event.isSilent() ? "-" : said(event.chord());
            if (said.isEmpty() || !said.get(said.size() - 1).equals(name)) {
                said.add(name);
            }
        }
        return String.join(" ", said);
    }

    private static String said(Chord chord) {
        return chord.root().semitone() + Kind.of(chord).name();
    }

    private static LeadSheet read(String name, byte[] file) {
        return Importer.read(name, file).get(0).sheet();
    }

    private static LeadSheet asMusicXml(Arrangement arrangement) {
        String score = new String(new MusicXmlWriter(Staves.GRAND).write(arrangement), StandardCharsets.UTF_8);
        String bare = score.replaceAll("(?s)<harmony\\b.*?</harmony>", "");
        return read("own.musicxml", bare.getBytes(StandardCharsets.UTF_8));
    }

    private static LeadSheet asMidi(Arrangement arrangement) {
        return read("own.mid", new MidiFileWriter().write(arrangement));
    }

    private record Count(int right, int all, List<String> wrong) {}

    private static Count compare(LeadSheet tune, List<Integer> order, LeadSheet back, String what) {
        List<String> wrong = new ArrayList<>();
        for (int i = 0; i < order.size(); i++) {
            Bar bar = tune.bars().get(order.get(i));
            String want = said(bar);
            String have = i < back.bars().size() ? said(back.bars().get(i)) : "nothing";
            if (!want.equals(have)) {
                wrong.add(what + " bar " + (i + 1) + ": " + symbols(back, i) + " and not " + symbols(tune, order.get(i)));
            }
        }
        return new Count(order.size() - wrong.size(), order.size(), wrong);
    }

    private static String symbols(LeadSheet sheet, int bar) {
        return bar >= sheet.bars().size()
                ? "nothing"
                : sheet.bars().get(bar).events().stream()
                        .map(event -> String.valueOf(event.chord()))
                        .collect(Collectors.joining(" "));
    }

    @Test
    void haveTheirChordsWhenTheyAreReadBack() throws IOException {
        for (boolean midi : new boolean[] {false, true}) {
            int right = 0;
            int all = 0;
            List<String> wrong = new ArrayList<>();
            for (LeadSheet tune : tunes()) {
                for (Figure figure : Figure.values()) {
                    Arrangement page = Arrangement.of(tune, Choices.USUAL.with(figure));
                    List<Integer> written =
                            IntStream.range(0, tune.bars().size()).boxed().toList();
                    Count count = compare(
                            tune,
                            midi ? tune.playingOrder() : written,
                            midi ? asMidi(page) : asMusicXml(page),
                            tune.title() + ", " + figure);
                    right += count.right();
                    all += count.all();
                    wrong.addAll(count.wrong());
                }
            }
            System.out.println("own pages as " + (midi ? "MIDI" : "MusicXML") + " right: " + right + " of " + all);
            assertThat(wrong).hasSizeLessThanOrEqualTo((int) (all * (1 - WANTED)));
        }
    }
}
