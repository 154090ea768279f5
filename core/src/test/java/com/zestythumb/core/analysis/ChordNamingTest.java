package com.zestythumb.core.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.analysis.ChordNaming.Sounding;
import com.zestythumb.core.analysis.ChordNaming.Source;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class ChordNamingTest {

    /** A bar: the tune as pitches with their lengths, and a left hand in even notes. */
    private static Source bar(Key key, Meter meter, String tune, String leftHand) {
        List<Sounding> notes = new ArrayList<>();
        Fraction at = Fraction.ZERO;
        for (String note : tune.split(" ")) {
            String[] parts = note.split(":");
            Fraction length = Fraction.of(Math.round(Double.parseDouble(parts[1]) * 4), 4);
            if (!parts[0].equals("z")) {
                notes.add(new Sounding(Pitch.parse(parts[0]).midi(), at, length));
            }
            at = at.plus(length);
        }
        String[] struck = leftHand.split(" ");
        Fraction each = meter.barLength().dividedBy(Fraction.of(struck.length));
        for (int i = 0; i < struck.length; i++) {
            for (String pitch : struck[i].split("\\+")) {
                if (!pitch.equals("z")) {
                    notes.add(new Sounding(Pitch.parse(pitch).midi(), each.times(i), each));
                }
            }
        }
        return new Source(notes, meter.barLength(), meter, key);
    }

    private static String names(List<Source> bars) {
        return ChordNaming.name(bars).stream()
                .map(bar -> bar.stream()
                        .map(found -> found.names().isEmpty()
                                ? "-"
                                : found.names().get(0).toString())
                        .collect(Collectors.joining(" ")))
                .collect(Collectors.joining(" | "));
    }

    /**
     * W. A. Mozart, Sonata in C, K. 545 (1788, public domain), first movement, bars 1 to 4, from memory; the
     * textbook analysis is I | V4/3 I | IV6/4 I | V6 I.
     */
    @Test
    void namesTheChordsOfAnAlbertiBass() {
        Key key = Key.parse("C");
        assertThat(names(List.of(
                        bar(key, Meter.FOUR_FOUR, "C5:2 E5:1 G5:1", "C4 G4 E4 G4 C4 G4 E4 G4"),
                        bar(key, Meter.FOUR_FOUR, "B4:1.5 C5:0.25 D5:0.25 C5:1 z:1", "D4 G4 F4 G4 C4 G4 E4 G4"),
                        bar(key, Meter.FOUR_FOUR, "A5:2 G5:1 C6:1", "C4 A4 F4 A4 C4 G4 E4 G4"),
                        bar(key, Meter.FOUR_FOUR, "G5:1 F5:0.5 E5:0.25 F5:0.25 E5:1 z:1", "B3 G4 D4 G4 C4 G4 E4 G4"))))
                .isEqualTo("C | G7/D C | F/C C | G/B C");
    }

    /**
     * J. S. Bach, Prelude in C, BWV 846 (1722, public domain), bars 1 to 19, from memory; chords as any
     * textbook has them: I ii2 V6/5 I, vi6 V2/V V6 I2, vi7 V7/V V, vii°7/ii ii6, vii°7 I6, IV2 ii7 V7 I.
     */
    @Test
    void namesTheChordsOfAPreludeInBrokenChords() {
        List<String> bars = List.of(
                "C4 E4 G4 C5 E5",
                "C4 D4 A4 D5 F5",
                "B3 D4 G4 D5 F5",
                "C4 E4 G4 C5 E5",
                "C4 E4 A4 E5 A5",
                "C4 D4 F#4 A4 D5",
                "B3 D4 G4 D5 G5",
                "B3 C4 E4 G4 C5",
                "A3 C4 E4 G4 C5",
                "D3 A3 D4 F#4 C5",
                "G3 B3 D4 G4 B4",
                "G3 Bb3 E4 G4 C#5",
                "F3 A3 D4 A4 D5",
                "F3 Ab3 D4 F4 B4",
                "E3 G3 C4 G4 C5",
                "E3 F3 A3 C4 F4",
                "D3 F3 A3 C4 F4",
                "G2 D3 G3 B3 F4",
                "C3 E3 G3 C4 E4");
        Key key = Key.parse("C");
        List<Source> sources = bars.stream()
                .map(notes -> {
                    String[] n = notes.split(" ");
                    String half = String.join(" ", n[0], n[1], n[2], n[3], n[4], n[2], n[3], n[4]);
                    return bar(key, Meter.FOUR_FOUR, "z:4", half + " " + half);
                })
                .toList();
        assertThat(names(sources))
                .isEqualTo("C | Dm7/C | G7/B | C | Am/C | D7/C | G/B | Cmaj7/B | Am7 | D7 | G | C#dim7/G | Dm/F"
                        + " | Bdim7/F | C/E | Fmaj7/E | Dm7 | G7 | C");
    }

    /** Common practice: a dominant seventh broken from its third upwards, each note an eighth. */
    @Test
    void namesASeventhWhoseRootIsStruckOnce() {
        Key key = Key.parse("F");
        assertThat(names(List.of(
                        bar(key, Meter.THREE_FOUR, "C5:1 A4:1 F4:1", "F3 A3 C4 F3 A3 C4"),
                        bar(key, Meter.THREE_FOUR, "G4:1.5 A4:0.5 Bb4:1", "E3 G3 Bb3 C4 E3 G3"),
                        bar(key, Meter.THREE_FOUR, "D5:2 C5:1", "F3 Bb3 D4 F3 Bb3 D4"),
                        bar(key, Meter.THREE_FOUR, "A4:3", "F3 A3 C4 F3 A3 C4"))))
                .isEqualTo("F | C7/E | Bb/F | F");
    }

    /** Common practice: a waltz has its bass on one and the chord on two and three. */
    @Test
    void namesAWaltzByItsBassAndChord() {
        Key key = Key.parse("G");
        assertThat(names(List.of(
                        bar(key, Meter.THREE_FOUR, "B5:2 D6:1", "G2 B3+D4 B3+D4"),
                        bar(key, Meter.THREE_FOUR, "C6:1 A5:1 F#5:1", "D3 A3+C4 A3+C4"),
                        bar(key, Meter.THREE_FOUR, "G5:3", "G2 B3+D4 z"))))
                .isEqualTo("G | D7 | G");
    }

    /** Common practice: a passing note and a suspension do not change the chord beneath. */
    @Test
    void leavesNonChordTonesOut() {
        Key key = Key.parse("F");
        assertThat(names(List.of(
                        bar(key, Meter.FOUR_FOUR, "A4:1 Bb4:1 C5:1 D5:1", "F3+A3+C4 F3+A3+C4"),
                        bar(key, Meter.FOUR_FOUR, "F5:1 E5:3", "C3+E3+G3 C3+E3+G3"),
                        bar(key, Meter.FOUR_FOUR, "z:4", "z z"))))
                .isEqualTo("F | C | -");
    }
}
