package com.zestythumb.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.figure.Figure;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.formats.midi.MidiFileWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter;
import com.zestythumb.formats.musicxml.MusicXmlWriter.Staves;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the core and the writers say, held against general-purpose libraries from npm. */
class OutsideReferencesTest {

    private static final List<String> ROOTS =
            List.of("C C# Db D D# Eb E E# Fb F F# Gb G G# Ab A A# Bb B B# Cb".split(" "));

    private static final String TUNE = """
            title: Test & Trial
            key: D minor
            meter: 6/8
            tempo: 60
            [First]
            |: Dm | Gm/Bb A7 | Bb | Asus4 A7b9 :|
            | F#dim7 | Gadd9 / / / / C | N.C. | Dm |
            """;

    /** Spellings that the other library knows by another name. */
    private static final Map<Quality, String> OTHER_NAME = Map.of(
            Quality.MAJOR,
            "M",
            Quality.MINOR_MAJOR_SEVENTH,
            "mMaj7",
            Quality.ADDED_NINTH,
            "Madd9",
            Quality.MINOR_ADDED_NINTH,
            "madd9");

    /** tonal 6.4.3: every kind of chord on twenty-one roots. */
    @Test
    void everyChordHasTheTonesThatTonalGivesIt() {
        Map<String, Chord> chords = new LinkedHashMap<>();
        for (String root : ROOTS) {
            for (Quality quality : Quality.values()) {
                String name = root + OTHER_NAME.getOrDefault(quality, quality.suffix());
                chords.put(name, Chord.of(PitchClass.parse(root), quality));
            }
        }
        List<String> answers = Node.run("chord-tones.mjs", List.copyOf(chords.keySet()));
        assertThat(answers).hasSize(ROOTS.size() * Quality.values().length);
        for (String answer : answers) {
            String[] parts = answer.split("\t", -1);
            String ours = chords.get(parts[0]).tones().stream()
                    .map(PitchClass::toString)
                    .collect(Collectors.joining(" "));
            assertThat(ours).as(parts[0]).isEqualTo(parts[1]);
        }
    }

    /** tonal 6.4.3: signatures of thirty keys, and the interval between any two notes of two octaves. */
    @Test
    void signaturesAndIntervalsAreThoseOfTonal() {
        Map<String, String> ours = new LinkedHashMap<>();
        for (String tonic : ROOTS) {
            for (String mode : List.of("major", "minor")) {
                try {
                    ours.put(
                            tonic + " " + mode,
                            "" + Key.parse(tonic + " " + mode).signature());
                } catch (IllegalArgumentException e) {
                    assertThat(e).hasMessageContaining("accidentals in its signature");
                }
            }
        }
        assertThat(ours).hasSize(30);
        for (String low : ROOTS) {
            for (String high : ROOTS) {
                Pitch from = Pitch.parse(low + "3");
                Pitch to = Pitch.parse(high + "4");
                if (to.midi() <= from.midi()) {
                    continue;
                }
                try {
                    Interval interval = Interval.between(from, to);
                    ours.put(from + " " + to, reversed(interval.toString()));
                } catch (IllegalArgumentException e) {
                    // Four times augmented: no name for it here.
                    assertThat(e).hasMessageContaining("no kind of");
                }
            }
        }
        for (String answer : Node.run("scale-facts.mjs", List.copyOf(ours.keySet()))) {
            String[] parts = answer.split("\t", -1);
            assertThat(ours.get(parts[0])).as(parts[0]).isEqualTo(parts[1]);
        }
    }

    /** That library puts the number first: 3M for M3. */
    private static String reversed(String interval) {
        String kind = interval.replaceAll("\\d", "");
        return interval.substring(kind.length()) + kind;
    }

    @ParameterizedTest
    @EnumSource(Figure.class)
    void aSecondReaderHearsInTheMidiFileWhatWasArranged(Figure figure) {
        Arrangement tune = Arrangement.of(Chart.parse(TUNE), Choices.USUAL.with(figure));
        List<String> heard = Node.run("read-midi.mjs", new MidiFileWriter().write(tune));
        assertThat(heard).contains("tempo 666667", "meter 6/8", "key -1 1");
        List<String> expected = new ArrayList<>();
        int start = 0;
        for (int bar : tune.sheet().playingOrder()) {
            for (TimedNote note : tune.notes()) {
                if (note.bar() == bar) {
                    long on = start + note.onset().times(480).floor();
                    expected.add("on " + on + " " + note.pitch().midi());
                    expected.add("off " + (on + note.duration().times(480).floor()) + " "
                            + note.pitch().midi());
                }
            }
            start += 3 * 480;
        }
        assertThat(heard.stream().filter(line -> line.startsWith("o"))).containsExactlyInAnyOrderElementsOf(expected);
    }

    @ParameterizedTest
    @EnumSource(Figure.class)
    void theEngraverReadsTheMusicXmlWithoutAComplaint(Figure figure) {
        Arrangement tune = Arrangement.of(Chart.parse(TUNE), Choices.USUAL.with(figure));
        for (Staves staves : Staves.values()) {
            List<String> drawn = Node.run("engrave.mjs", new MusicXmlWriter(staves).write(tune));
            assertThat(drawn)
                    .contains(
                            "loaded true",
                            "log \"\"",
                            "measures 8",
                            "symbols " + tune.chords().size());
            String notes = drawn.get(drawn.size() - 1);
            assertThat(List.of(notes.substring("notes ".length()).split(" ")))
                    .containsAll(tune.notes().stream().map(TimedNote::id).toList());
        }
    }

    /** So that the silence above means something. */
    @Test
    void theEngraverDoesComplainOfABrokenScore() {
        Arrangement tune = Arrangement.of(Chart.parse("| C |"), Choices.USUAL);
        String score = new MusicXmlWriter(Staves.GRAND).writeText(tune).replace("<step>E<", "<step>Q<");
        assertThat(Node.run("engrave.mjs", score.getBytes(StandardCharsets.UTF_8)))
                .anyMatch(line -> line.startsWith("log ") && line.contains("Unsupported step value 'Q'"));
    }
}
