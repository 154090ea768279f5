package com.zestythumb.core.hearing;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ChordHearingTest {

    /** A bar: the tune as pitches with their lengths, and a left hand in even notes. */
    private static SoundingBar bar(String key, Meter meter, String tune, String leftHand) {
        List<Sounding> notes = new ArrayList<>();
        Fraction at = Fraction.ZERO;
        for (String note : tune.split(" ")) {
            String[] parts = note.split(":");
            Fraction length = Fraction.of(Math.round(Double.parseDouble(parts[1]) * 4), 4);
            if (!parts[0].equals("z")) {
                notes.add(sounding(parts[0], at, length));
            }
            at = at.plus(length);
        }
        String[] struck = leftHand.split(" ");
        Fraction each = meter.barLength().dividedBy(Fraction.of(struck.length));
        for (int i = 0; i < struck.length; i++) {
            for (String pitch : struck[i].split("\\+")) {
                if (!pitch.equals("z")) {
                    notes.add(sounding(pitch, each.times(i), each));
                }
            }
        }
        return new SoundingBar(notes, meter.barLength(), meter, key == null ? null : Key.parse(key));
    }

    private static Sounding sounding(String pitch, Fraction at, Fraction length) {
        Pitch named = Pitch.parse(pitch);
        return new Sounding(named.midi(), named.pitchClass(), at, length);
    }

    private static String names(List<SoundingBar> bars) {
        return ChordHearing.hear(bars).stream()
                .map(bar -> bar.stream()
                        .map(chord -> chord.isNamed() ? chord.name().toString() : "-")
                        .collect(Collectors.joining(" ")))
                .collect(Collectors.joining(" | "));
    }

    /** Common practice: a dominant seventh broken from its third upwards, each note an eighth. */
    @Test
    void namesASeventhWhoseRootIsStruckOnce() {
        assertThat(names(List.of(
                        bar("F", Meter.THREE_FOUR, "C5:1 A4:1 F4:1", "F3 A3 C4 F3 A3 C4"),
                        bar("F", Meter.THREE_FOUR, "G4:1.5 A4:0.5 Bb4:1", "E3 G3 Bb3 C4 E3 G3"),
                        bar("F", Meter.THREE_FOUR, "D5:2 C5:1", "F3 Bb3 D4 F3 Bb3 D4"),
                        bar("F", Meter.THREE_FOUR, "A4:3", "F3 A3 C4 F3 A3 C4"))))
                .isEqualTo("F | C7/E | Bb/F | F");
    }

    /** Common practice: a waltz has its bass on one and the chord on two and three. */
    @Test
    void namesAWaltzByItsBassAndChord() {
        assertThat(names(List.of(
                        bar("G", Meter.THREE_FOUR, "B5:2 D6:1", "G2 B3+D4 B3+D4"),
                        bar("G", Meter.THREE_FOUR, "C6:1 A5:1 F#5:1", "D3 A3+C4 A3+C4"),
                        bar("G", Meter.THREE_FOUR, "G5:3", "G2 B3+D4 z"))))
                .isEqualTo("G | D7 | G");
    }

    /** Common practice: a passing note and a suspension do not change the chord beneath; silence is silence. */
    @Test
    void leavesNonChordTonesOut() {
        assertThat(names(List.of(
                        bar("F", Meter.FOUR_FOUR, "A4:1 Bb4:1 C5:1 D5:1", "F3+A3+C4 F3+A3+C4"),
                        bar("F", Meter.FOUR_FOUR, "F5:1 E5:3", "C3+E3+G3 C3+E3+G3"),
                        bar("F", Meter.FOUR_FOUR, "z:4", "z z"))))
                .isEqualTo("F | C | -");
    }

    /** The spelling of the file names the root, and the diminished seventh's, whatever the key (common practice). */
    @Test
    void believesTheSpellingOfTheFile() {
        assertThat(names(List.of(bar("C", Meter.FOUR_FOUR, "z:4", "F#3+A#3+C#4 F#3+A#3+C#4"))))
                .isEqualTo("F#");
        assertThat(names(List.of(bar("C", Meter.FOUR_FOUR, "z:4", "F#3+A3+C4+Eb4 F#3+A3+C4+Eb4"))))
                .isEqualTo("F#dim7");
        assertThat(names(List.of(bar("C", Meter.FOUR_FOUR, "z:4", "D#3+F#3+A3+C4 D#3+F#3+A3+C4"))))
                .isEqualTo("D#dim7");
    }

    /** Two-note shells, root with seventh and root with third by turns: a two, a five and a one (common practice). */
    @Test
    void tellsShellsByTheirRoots() {
        assertThat(names(List.of(
                        bar("Bb", Meter.FOUR_FOUR, "z:4", "C3+Bb3 F3+A3"),
                        bar("Bb", Meter.FOUR_FOUR, "z:4", "Bb2+A3"),
                        bar("Bb", Meter.FOUR_FOUR, "z:4", "G3+F4"),
                        bar("Bb", Meter.FOUR_FOUR, "z:4", "C3+Bb3 F3+A3"),
                        bar("Bb", Meter.FOUR_FOUR, "z:4", "Bb2+D3 Bb2+D3"))))
                .isEqualTo("Cm7 F | Bbmaj7 | Gm7 | Cm7 F | Bb");
    }

    /** Two chords in a bar stay two, also where one might hold the notes of both. */
    @Test
    void keepsTwoChordsOfABarApart() {
        assertThat(names(List.of(
                        bar("Eb", Meter.FOUR_FOUR, "z:4", "Ab3+C4+Eb4 Bb3+D4+F4+Ab4"),
                        bar("Eb", Meter.FOUR_FOUR, "z:4", "Eb3+G3+Bb3 Eb3+G3+Bb3"))))
                .isEqualTo("Ab Bb7 | Eb");
    }

    /** Common practice: chords that are broken in eighths change by halves of the bar as block chords do. */
    @Test
    void keepsTwoBrokenChordsOfABarApart() {
        String home = "C3 E3 G3 E3 C3 E3 G3 E3";
        assertThat(names(List.of(
                        bar("C", Meter.FOUR_FOUR, "z:4", home),
                        bar("C", Meter.FOUR_FOUR, "z:4", "D3 F3 A3 F3 G3 B3 D4 B3"),
                        bar("C", Meter.FOUR_FOUR, "z:4", home))))
                .isEqualTo("C | Dm G | C");
        assertThat(names(List.of(
                        bar("C", Meter.FOUR_FOUR, "E5:4", home),
                        bar("C", Meter.FOUR_FOUR, "F5:2 D5:2", "D3 A3 F3 A3 G2 D3 B2 D3"),
                        bar("C", Meter.FOUR_FOUR, "C5:4", home))))
                .isEqualTo("C | Dm G | C");
        assertThat(names(List.of(
                        bar("C", Meter.FOUR_FOUR, "E5:4", home),
                        bar("C", Meter.FOUR_FOUR, "F5:2 D5:2", "D3 F3 A3 F3 G3 B3 F4 B3"),
                        bar("C", Meter.FOUR_FOUR, "C5:4", home))))
                .isEqualTo("C | Dm G7 | C");
        // The second may lie in the inversion nearest to the first.
        for (String twice : List.of(
                "D3 A3 F3 A3 D3 B3 G3 B3",
                "D3 F3 A3 F3 D3 G3 B3 G3",
                "F3 D4 A3 D4 G3 D4 B3 D4",
                "A2 F3 D3 F3 B2 G3 D3 G3")) {
            String heard = names(List.of(
                    bar("C", Meter.FOUR_FOUR, "E5:4", home),
                    bar("C", Meter.FOUR_FOUR, "A5:2 B5:2", twice),
                    bar("C", Meter.FOUR_FOUR, "C6:4", home)));
            assertThat(heard.replaceAll("/[A-G]", "")).as(twice + " " + heard).isEqualTo("C | Dm G | C");
        }
        // One chord over its bar stays one.
        assertThat(names(List.of(
                        bar("C", Meter.FOUR_FOUR, "E5:4", home),
                        bar("C", Meter.FOUR_FOUR, "F5:2 D5:2", "G3 D4 B3 D4 G3 F4 B3 F4"),
                        bar("C", Meter.FOUR_FOUR, "C5:4", home))))
                .isEqualTo("C | G7 | C");
    }

    /** Common practice: over a pedal point the chords go on above the bass that is held. */
    @Test
    void hearsChordsOverAPedalPoint() {
        List<SoundingBar> bars = new ArrayList<>();
        for (String chord : List.of("C4+E4+G4", "C4+F4+A4", "B3+D4+G4", "C4+E4+G4")) {
            bars.add(bar("C", Meter.FOUR_FOUR, "C2:4", chord + " " + chord));
        }
        assertThat(names(bars)).isEqualTo("C | F/C | G/C | C");
    }

    /** At most three others, each less likely than the first, and odds that are no more than all there are. */
    @Test
    void givesOddsThatAddUp() {
        for (Pages.Page page : Pages.read("pages.txt")) {
            ChordHearing.hear(page.bars().stream().map(Pages.Bar::bar).toList()).stream()
                    .flatMap(List::stream)
                    .forEach(chord -> {
                        assertThat(chord.others()).hasSizeLessThanOrEqualTo(3);
                        double sum = chord.confidence()
                                + chord.others().stream()
                                        .mapToDouble(HeardChord.Other::odds)
                                        .sum();
                        assertThat(sum).isBetween(0.0, 1.0 + 1e-9);
                        assertThat(chord.others())
                                .noneMatch(other -> other.chord().equals(chord.name()));
                    });
        }
    }

    /** A thousand bars of notes drawn by lot, up to sixty in a bar: each is filled all the same. */
    @Test
    void answersWhateverSounds() {
        Random random = new Random(3);
        List<SoundingBar> bars = new ArrayList<>();
        for (int i = 0; i < 1000; i++) {
            List<Sounding> notes = new ArrayList<>();
            int count = random.nextInt(i % 10 == 0 ? 60 : 8);
            for (int n = 0; n < count; n++) {
                Fraction on = Fraction.of(random.nextInt(16), 4);
                Fraction length =
                        Fraction.of(1 + random.nextInt(4), 4).min(Fraction.of(4).minus(on));
                notes.add(new Sounding(21 + random.nextInt(88), on, length));
            }
            bars.add(new SoundingBar(notes, Fraction.of(4), Meter.FOUR_FOUR, null));
        }
        List<List<HeardChord>> heard = ChordHearing.hear(bars);
        assertThat(heard).hasSize(1000);
        assertThat(heard).allSatisfy(bar -> {
            assertThat(bar.get(0).start()).isEqualTo(Fraction.ZERO);
            assertThat(bar.stream().map(HeardChord::duration).reduce(Fraction.ZERO, Fraction::plus))
                    .isEqualTo(Fraction.of(4));
            assertThat(bar).allMatch(chord -> chord.confidence() >= 0 && chord.confidence() <= 1 + 1e-9);
        });
        assertThat(ChordHearing.hear(List.of())).isEmpty();
    }

    /** Any textbook of harmony: ii of minor and vii of major are half-diminished, told by the key where their fifth is left out. */
    @Test
    void aHalfDiminishedSeventhIsHeardWithoutItsFifth() {
        String[] minor = {"A2+C3+E3", "B2+D3+A3", "E3+G#3+B3", "A2+C3+E3"};
        assertThat(names(held("Am", minor))).isEqualTo("Am | Bm7b5 | E | Am");
        String[] major = {"C3+E3+G3", "B2+D3+A3", "C3+E3+G3"};
        assertThat(names(held("C", major))).isEqualTo("C | Bm7b5 | C");
    }

    /** Any textbook of harmony: a flat sixth with F sharp above it, on the way to the dominant of C, is an augmented sixth. */
    @Test
    void anAugmentedSixthIsHeard() {
        for (String sixth : List.of("Ab2+C3+F#3", "Ab2+C3+Eb3+F#3")) {
            List<SoundingBar> bars = held("Cm", "C3+Eb3+G3", sixth, "G2+B2+D3+G3");
            assertThat(names(bars)).isEqualTo("Cm | Ab7 | G");
        }
    }

    private static List<SoundingBar> held(String key, String... chords) {
        String told = key.endsWith("m") ? key.replace("m", " minor") : key;
        return Stream.of(chords)
                .map(chord -> bar(told, Meter.FOUR_FOUR, "z:4", chord))
                .toList();
    }
}
