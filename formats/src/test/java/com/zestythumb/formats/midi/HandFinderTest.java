package com.zestythumb.formats.midi;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import com.zestythumb.formats.ImportReport;
import com.zestythumb.formats.Imported;
import com.zestythumb.formats.midi.MidiEvents.Struck;
import com.zestythumb.formats.musicxml.MusicXmlReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Pages whose hands are known, merged into one track and parted again. */
class HandFinderTest {

    private static final int TICKS = 480;

    /** What is left of a merged page. */
    private record Merged(List<Struck> all, Set<Struck> left) {

        double right(int ticks) {
            List<Struck> sorted = all.stream()
                    .sorted(Comparator.comparingLong(Struck::on).thenComparingInt(Struck::midi))
                    .toList();
            Set<Struck> found = new HashSet<>(HandFinder.left(sorted, ticks));
            return all.stream()
                            .filter(note -> found.contains(note) == left.contains(note))
                            .count()
                    / (double) all.size();
        }
    }

    private static Merged merged(Arrangement tune) {
        List<Struck> all = new ArrayList<>();
        Set<Struck> left = new HashSet<>();
        tune.score().sounds().forEach(sound -> {
            Struck note = new Struck(
                    0,
                    0,
                    sound.key(),
                    Math.round(sound.from().toDouble() * TICKS),
                    Math.round(sound.to().toDouble() * TICKS));
            all.add(note);
            if (sound.part() == Part.LEFT) {
                left.add(note);
            }
        });
        return new Merged(all, left);
    }

    /** Our own pages with a tune, in the usual patterns, and the written ones as they stand. */
    @Test
    void partsOurOwnPages() throws IOException {
        List<Double> shares = new ArrayList<>();
        double notes = 0;
        double right = 0;
        try (Stream<Path> files = Files.list(Path.of("../app/src/main/resources/demo"))) {
            for (Path file : files.filter(path -> path.toString().endsWith(".chart"))
                    .sorted()
                    .toList()) {
                for (Choices choices : List.of(
                        Choices.USUAL,
                        Choices.USUAL.with(AccompanimentPatterns.ALBERTI),
                        Choices.USUAL.with(AccompanimentPatterns.WAVE),
                        Choices.USUAL
                                .with(new StyleChoice(VoicingStyles.BASS_THEN_CHORD, Map.of()))
                                .with(AccompanimentPatterns.BASS_AND_CHORDS),
                        Choices.USUAL.with(AccompanimentPatterns.OPEN_ARPEGGIO))) {
                    Arrangement tune = Arrangement.of(Chart.parse(Files.readString(file)), choices);
                    if (tune.sheet().hasMelody() && !tune.needsRightHand()) {
                        Merged merged = merged(tune);
                        shares.add(merged.right(TICKS));
                        notes += merged.all().size();
                        right += merged.right(TICKS) * merged.all().size();
                    }
                }
            }
        }
        System.out.println("hands of " + shares.size() + " own pages: " + 100 * right / notes + " % of " + notes);
        assertThat(right / notes).isGreaterThanOrEqualTo(0.97);
    }

    /** Held back from the search: pages of two staves, of which the tune and the whole lower staff are merged. */
    @Test
    void partsPagesItWasNotTriedOn() throws IOException {
        for (String name : List.of("maman.xml", "maman-2.xml", "invention-4.xml")) {
            Imported page = new MusicXmlReader()
                    .read(Files.readAllBytes(Path.of("src/test/resources/real/" + name)))
                    .get(0);
            Merged merged = merged(Arrangement.of(page.sheet(), Choices.USUAL));
            double share = merged.right(TICKS);
            System.out.println("hands of " + name + ": " + 100 * share + " % of "
                    + merged.all().size());
            assertThat(merged.left()).as(name).isNotEmpty();
            assertThat(share).as(name).isGreaterThanOrEqualTo(0.85);
        }
    }

    /** Two-part and three-part pages of the public domain (see real/README.md), each hand in a track of its own. */
    @Test
    void partsPagesOfThePublicDomain() throws IOException {
        for (String name : List.of("invention-1.mid", "goldberg-1.mid")) {
            MidiEvents events = new MidiEvents(
                            Files.readAllBytes(Path.of("src/test/resources/real/" + name)), new ImportReport.Builder())
                    .read();
            int upper = events.notes.stream().mapToInt(Struck::track).min().orElseThrow();
            Merged merged = new Merged(
                    events.notes,
                    events.notes.stream().filter(note -> note.track() > upper).collect(Collectors.toSet()));
            double share = merged.right(events.ticksPerQuarter);
            System.out.println("hands of " + name + ": " + 100 * share + " % of " + events.notes.size());
            assertThat(share).as(name).isGreaterThanOrEqualTo(0.9);
        }
    }
}
