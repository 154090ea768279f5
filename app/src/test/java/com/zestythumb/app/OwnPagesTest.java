package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.analysis.ChordKind;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.Fraction;
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
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** The app's own pages, written out in notes without chord symbols and brought in again, have their chords. */
@Execution(ExecutionMode.CONCURRENT)
class OwnPagesTest {

    private static final double WANTED = 0.97;

    /** An octave that is let go and a diminished triad that keeps clear of the tune may be heard as two chords. */
    private static final Map<String, Double> LESS =
            Map.of("octave-then-chord as MIDI", 0.94, "octave-then-chord as MusicXML", 0.94);

    /** With {@code -Dwhole} every tune is tried with every pattern and voicing. */
    private static final boolean WHOLE = System.getProperty("whole") != null;

    /** In a usual run with one of so many patterns, which are counted together, and its neighbours with the others. */
    private static final int PATTERNS = WHOLE ? 1 : 12;

    /** Voicings are counted each by itself and need more. */
    private static final int VOICINGS = WHOLE ? 1 : 2;

    private static final Path DEMO = Path.of(System.getProperty("demo", "src/main/resources/demo"));

    private static List<LeadSheet> tunes() throws IOException {
        try (var files = Files.list(DEMO)) {
            List<LeadSheet> tunes = new ArrayList<>();
            for (Path file : files.sorted().toList()) {
                tunes.add(Chart.parse(Files.readString(file)));
            }
            return tunes.stream()
                    .filter(tune -> tune.events().stream().anyMatch(event -> !event.isSilent()))
                    // A left hand that is written is the same in every pattern and voicing.
                    .filter(tune ->
                            tune.bars().stream().allMatch(bar -> bar.left().isEmpty()))
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

    /** How many bars are right, and how many of them have the chart's own names. */
    private record Count(int named, int all, List<String> wrong) {

        int right() {
            return all - wrong.size();
        }

        Count plus(Count other) {
            List<String> both = new ArrayList<>(wrong);
            both.addAll(other.wrong);
            return new Count(named + other.named, all + other.all, both);
        }
    }

    private static Count compare(Arrangement page, List<Integer> order, LeadSheet back, String what) {
        LeadSheet tune = page.sheet();
        List<String> wrong = new ArrayList<>();
        int named = 0;
        for (int i = 0; i < order.size(); i++) {
            int bar = order.get(i);
            Bar read = i < back.bars().size() ? back.bars().get(i) : null;
            boolean same = read != null
                    && (isSame(written(page, bar, true), heard(read, true))
                            || isSame(written(page, bar, false), heard(read, false)));
            named += same ? 1 : 0;
            if (read == null || !same && !saysNoLess(page, bar, read)) {
                wrong.add(what + " bar " + (i + 1) + ": " + symbols(back, i) + " and not " + symbols(tune, bar));
            }
        }
        return new Count(named, order.size(), wrong);
    }

    /** A note of the page, in quarter notes of its bar, and its key from 0 (C) to 11 (B). */
    private record Sound(Fraction from, Fraction to, int key) {}

    private static List<Sound> sounds(Arrangement page, int bar) {
        Stream<Sound> hands = page.notes().stream()
                .filter(note -> note.bar() == bar)
                .map(note -> new Sound(
                        note.onset(),
                        note.onset().plus(note.duration()),
                        note.pitch().midi() % 12));
        Stream<Sound> tune = page.sheet().bars().get(bar).melody().stream()
                .filter(note -> !note.isRest())
                .map(note -> new Sound(note.onset(), note.end(), note.pitch().midi() % 12));
        return Stream.concat(hands, tune).toList();
    }

    /**
     * Whether the chords heard are as good a name for what sounds as those of the chart, so that nobody could tell
     * from the page: they leave out no more quarter notes of what sounds, and add no more tones that do not sound.
     */
    private static boolean saysNoLess(Arrangement page, int bar, Bar read) {
        List<Sound> sounds = sounds(page, bar);
        Bar written = page.sheet().bars().get(bar);
        return leftOut(sounds, read) <= leftOut(sounds, written) + 1e-9
                && added(sounds, read) <= added(sounds, written);
    }

    private static double leftOut(List<Sound> sounds, Bar bar) {
        return sounding(bar)
                .mapToDouble(chord -> sounds.stream()
                        .filter(sound -> !keys(chord.chord()).contains(sound.key()))
                        .mapToDouble(sound -> within(sound, chord))
                        .sum())
                .sum();
    }

    private static long added(List<Sound> sounds, Bar bar) {
        return sounding(bar)
                .mapToLong(chord -> keys(chord.chord()).stream()
                        .filter(key ->
                                sounds.stream().noneMatch(sound -> sound.key() == key && within(sound, chord) > 0))
                        .count())
                .sum();
    }

    private static Stream<ChordEvent> sounding(Bar bar) {
        return bar.events().stream().filter(event -> !event.isSilent());
    }

    private static double within(Sound sound, ChordEvent chord) {
        Fraction from = sound.from().isAfter(chord.start()) ? sound.from() : chord.start();
        return Math.max(0, sound.to().min(chord.end()).minus(from).toDouble());
    }

    private static String symbols(LeadSheet sheet, int bar) {
        return bar >= sheet.bars().size()
                ? "nothing"
                : sheet.bars().get(bar).events().stream()
                        .map(event -> String.valueOf(event.chord()))
                        .collect(Collectors.joining(" "));
    }

    private static <T> List<T> oneOf(int number, List<T> all, int first) {
        return IntStream.range(0, all.size())
                .filter(i -> (i + first) % number == 0)
                .mapToObj(all::get)
                .toList();
    }

    @Test
    void haveTheirChordsWhenTheyAreReadBack() throws IOException {
        for (boolean midi : new boolean[] {false, true}) {
            Count counted = new Count(0, 0, List.of());
            List<LeadSheet> tunes = tunes();
            for (int i = 0; i < tunes.size(); i++) {
                LeadSheet tune = tunes.get(i);
                for (AccompanimentPattern figure : oneOf(PATTERNS, AccompanimentPatterns.all(), i)) {
                    Arrangement page = Arrangement.of(tune, Choices.USUAL.with(figure));
                    List<Integer> written =
                            IntStream.range(0, tune.bars().size()).boxed().toList();
                    Count count = compare(
                            page,
                            midi ? tune.playingOrder() : written,
                            midi ? asMidi(page) : asMusicXml(page),
                            tune.title() + ", " + figure);
                    counted = counted.plus(count);
                }
            }
            System.out.println("own pages as " + (midi ? "MIDI" : "MusicXML") + " right: " + counted.right() + " of "
                    + counted.all() + ", as the chart names them " + counted.named());
            assertThat(counted.wrong()).hasSizeLessThanOrEqualTo((int) (counted.all() * (1 - WANTED)));
        }
    }

    @Test
    void haveTheirChordsInEveryStyle() throws IOException {
        Map<String, Count> counts = new TreeMap<>();
        List<LeadSheet> tunes = tunes();
        for (int i = 0; i < tunes.size(); i++) {
            LeadSheet tune = tunes.get(i);
            for (VoicingStyle style : oneOf(VOICINGS, VoicingStyles.all(), i)) {
                Choices choices =
                        Choices.USUAL.with(new StyleChoice(style, Map.of())).with(Hand.ofSpan(16));
                Arrangement page = Arrangement.of(tune, choices);
                List<Integer> written =
                        IntStream.range(0, tune.bars().size()).boxed().toList();
                for (boolean midi : new boolean[] {false, true}) {
                    Count count = compare(
                            page,
                            midi ? tune.playingOrder() : written,
                            midi ? asMidi(page) : asMusicXml(page),
                            tune.title() + ", " + style.id());
                    counts.merge(style.id() + (midi ? " as MIDI" : " as MusicXML"), count, Count::plus);
                }
            }
        }
        counts.forEach((style, count) -> {
            System.out.println("own pages, " + style + " right: " + count.right() + " of " + count.all()
                    + ", as the chart names them " + count.named());
            double wanted = LESS.getOrDefault(style, WANTED);
            assertThat(count.wrong()).as(style).hasSizeLessThanOrEqualTo((int) (count.all() * (1 - wanted)));
        });
    }
}
