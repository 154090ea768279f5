package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.analysis.ChordKind;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.figure.Figure;
import com.zestythumb.core.figure.Figures;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import com.zestythumb.formats.importing.Importer;
import com.zestythumb.formats.midi.MidiFileWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
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

    /** A chord of the chart with the keys that the left hand strikes for it. */
    private record Written(Chord chord, Set<Integer> struck) {}

    /**
     * Whether the chords are the same. Which note lies lowest is the left hand's choice; of two names for the same
     * notes (Dm6, Bm7b5) either is right; a suspension that resolves in its bar may be explained rather than named.
     */
    private static boolean isSame(List<Written> wanted, List<Chord> heard) {
        return wanted.size() == heard.size()
                && IntStream.range(0, wanted.size()).allMatch(i -> isSame(wanted.get(i), heard.get(i)));
    }

    /** Where the page leaves tones of the chord out, another name on its root for what sounds is right as well. */
    private static boolean isSame(Written want, Chord have) {
        boolean sounds = common(keys(want.chord()), want.struck()).equals(common(keys(have), want.struck()));
        boolean sameRoot = want.chord().root().soundsLike(have.root());
        return isNamed(want.chord(), have) || sameRoot && sounds;
    }

    private static boolean isNamed(Chord want, Chord have) {
        boolean named = want.root().soundsLike(have.root()) && ChordKind.of(want) == ChordKind.of(have);
        return named || keys(want).equals(keys(have));
    }

    private static Set<Integer> common(Set<Integer> one, Set<Integer> other) {
        return one.stream().filter(other::contains).collect(Collectors.toSet());
    }

    private static Set<Integer> keys(Chord chord) {
        return chord.tones().stream().map(PitchClass::semitone).collect(Collectors.toSet());
    }

    private static List<Written> written(Arrangement page, int bar, boolean explain) {
        List<Written> written = new ArrayList<>();
        page.chords().stream().filter(chord -> chord.event().bar() == bar).forEach(chord -> {
            Set<Integer> struck = page.notesOf(chord.index()).stream()
                    .map(note -> note.pitch().midi() % 12)
                    .collect(Collectors.toSet());
            Chord last =
                    written.isEmpty() ? null : written.get(written.size() - 1).chord();
            if (last != null && isNamed(last, chord.chord())) {
                return;
            }
            boolean resolves = explain
                    && last != null
                    && ChordKind.of(last) == ChordKind.SUSPENDED
                    && last.root().soundsLike(chord.chord().root());
            if (resolves) {
                written.remove(written.size() - 1);
            }
            written.add(new Written(chord.chord(), struck));
        });
        return written;
    }

    private static List<Chord> heard(Bar bar, boolean explain) {
        List<Chord> chords = new ArrayList<>();
        for (ChordEvent event : bar.events()) {
            Chord last = chords.isEmpty() ? null : chords.get(chords.size() - 1);
            boolean resolves = explain
                    && last != null
                    && !event.isSilent()
                    && last.root().soundsLike(event.chord().root())
                    && ChordKind.of(last) == ChordKind.SUSPENDED;
            if (resolves) {
                chords.remove(last);
            }
            if (!event.isSilent() && (last == null || !isNamed(last, event.chord()))) {
                chords.add(event.chord());
            }
        }
        return chords;
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

    private static Count compare(Arrangement page, List<Integer> order, LeadSheet back, String what) {
        LeadSheet tune = page.sheet();
        List<String> wrong = new ArrayList<>();
        for (int i = 0; i < order.size(); i++) {
            int bar = order.get(i);
            Bar read = i < back.bars().size() ? back.bars().get(i) : null;
            boolean same = read != null
                    && (isSame(written(page, bar, true), heard(read, true))
                            || isSame(written(page, bar, false), heard(read, false)));
            if (!same) {
                wrong.add(
                        what + " bar " + (i + 1) + ": " + symbols(back, i) + " and not " + symbols(tune, order.get(i)));
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
                for (Figure figure : Figures.all()) {
                    Arrangement page = Arrangement.of(tune, Choices.USUAL.with(figure));
                    List<Integer> written =
                            IntStream.range(0, tune.bars().size()).boxed().toList();
                    Count count = compare(
                            page,
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

    /** Styles that lay whole chords; of two notes, or without the bass that somebody else plays, several can be told. */
    private static final Set<VoicingStyle> WHOLE = Set.of(
            VoicingStyles.CLOSE,
            VoicingStyles.TRIADS,
            VoicingStyles.SPREAD,
            VoicingStyles.ROOT_FIFTH_TENTH,
            VoicingStyles.BASS_THEN_CHORD,
            VoicingStyles.OCTAVE_THEN_CHORD,
            VoicingStyles.TWO_OCTAVES,
            VoicingStyles.CHORD_OVER_BASS,
            VoicingStyles.PASSED);

    @Test
    void haveTheirChordsInEveryStyle() throws IOException {
        Map<String, Count> counts = new TreeMap<>();
        for (VoicingStyle style : VoicingStyles.all()) {
            for (LeadSheet tune : tunes()) {
                Arrangement page = Arrangement.of(
                        tune,
                        Choices.USUAL.with(new StyleChoice(style, Map.of())).with(Hand.ofSpan(16)));
                List<Integer> written =
                        IntStream.range(0, tune.bars().size()).boxed().toList();
                for (boolean midi : new boolean[] {false, true}) {
                    Count count = compare(
                            page,
                            midi ? tune.playingOrder() : written,
                            midi ? asMidi(page) : asMusicXml(page),
                            tune.title() + ", " + style.id());
                    counts.merge(
                            style.id() + (midi ? " as MIDI" : " as MusicXML"),
                            count,
                            (a, b) -> new Count(a.right() + b.right(), a.all() + b.all(), List.of()));
                }
            }
        }
        counts.forEach((style, count) ->
                System.out.println("own pages, " + style + " right: " + count.right() + " of " + count.all()));
        int right = 0;
        int all = 0;
        for (VoicingStyle style : WHOLE) {
            for (String as : List.of(" as MIDI", " as MusicXML")) {
                right += counts.get(style.id() + as).right();
                all += counts.get(style.id() + as).all();
            }
        }
        System.out.println("own pages in styles of whole chords right: " + right + " of " + all);
        assertThat(right).isGreaterThanOrEqualTo((int) (all * WANTED));
    }
}
