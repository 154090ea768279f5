package com.zestythumb.core.fingering;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.fingering.FingerSearch.Fingers;
import com.zestythumb.core.fingering.FingerSearch.Strike;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Reach;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HandFingeringTest {

    private static List<Pitch> pitches(String text) {
        return Arrays.stream(text.strip().split(" ")).map(Pitch::parse).toList();
    }

    /** Grips parted by commas, each struck once, with the fingers that are given in brackets. */
    private static String fingers(String grips) {
        List<Grip> all = new ArrayList<>();
        List<Strike> strikes = new ArrayList<>();
        for (String text : grips.split(",")) {
            Grip grip = Grip.of(Chord.parse("C"), pitches(text.replaceAll("\\(\\d\\)|!", "")));
            String[] notes = text.strip().split(" ");
            for (int i = 0; i < notes.length; i++) {
                int given = notes[i].contains("(") ? notes[i].charAt(notes[i].indexOf('(') + 1) - '0' : 0;
                strikes.add(new Strike(all.size(), i, Fraction.of(all.size()), given, notes[i].contains("!")));
            }
            all.add(grip);
        }
        return text(new HandFingering().search(all, strikes));
    }

    private static String text(Fingers fingers) {
        return fingers.held().stream()
                .map(grip -> grip.stream().map(String::valueOf).collect(Collectors.joining("-")))
                .collect(Collectors.joining(" "));
    }

    /** Common practice. */
    @ParameterizedTest
    @CsvSource({
        // Five steps down need one pass of the thumb; where the little finger is reached, 4 passes over it.
        "'G3,F3,E3,D3,C3,B2',3 1 2 3 4 5",
        "'D3(4),C3(5),B2',4 5 4",
        // Octaves are 5 and 1, and are joined so.
        "'C3,C4,D3,D4',5 1 5 1",
        // The note that stays keeps its finger: C with the little one from C to F, G with the thumb from C to G.
        "'C3 E3 G3,C3 F3 A3',5-3-1 5-2-1",
        "'C3 E3 G3,B2 D3 G3',5-3-1 5-3-1",
        // Under a held thumb the fingers walk, one to a key.
        "'C3 F3,B2 F3,C3 F3',2-1 3-1 2-1",
        // The same shape slides with the same fingers.
        "'D3 F3 A3,E3 G3 B3,F3 A3 C4',5-3-1 5-3-1 5-3-1",
        // One, four, five, one on the bass: a finger for each place.
        "'C3,F3,G3,C3',5 2 1 5",
        // A bass and the chord above it.
        "'C2,E3 G3 C4',5 5-3-1"
    })
    void isThatOfALesson(String grips, String expected) {
        assertThat(fingers(grips)).isEqualTo(expected);
    }

    /** The teacher's own finger stays, and the others lie around it. */
    @Test
    void goesRoundAWrittenFinger() {
        assertThat(fingers("C3 E3(2) G3")).isEqualTo("5-2-1");
        assertThat(fingers("C3(4),D3,E3")).isEqualTo("4 3 2");
        assertThat(fingers("C3(1),D3,E3").charAt(0)).isEqualTo('1');
    }

    /** A written run in one grip is fingered as a line, not as a chord. */
    @Test
    void walksWhereNotesFollowStepByStep() {
        List<Pitch> run = pitches("C3 D3 E3 F3 G3");
        List<Strike> strikes = IntStream.range(0, run.size())
                .mapToObj(i -> new Strike(0, i, Fraction.of(i), 0, false))
                .toList();
        Fingers found = new HandFingering().search(List.of(Grip.of(Chord.parse("C"), run)), strikes);
        assertThat(found.struck()).containsExactly(5, 4, 3, 2, 1);
    }

    private static List<Integer> repeated(int times, Fraction each, double secondsPerQuarter) {
        List<Strike> strikes = IntStream.range(0, times)
                .mapToObj(i -> new Strike(0, 0, each.times(i), 0, false))
                .toList();
        Grip lone = Grip.of(Chord.parse("C"), pitches("C3"));
        return new HandFingering()
                .at(secondsPerQuarter)
                .search(List.of(lone), strikes)
                .struck();
    }

    /** Quick repeated notes by fours and by threes (the pattern of Hanon's exercises 47 and 44, from memory). */
    @Test
    void changesFingersOnAKeyThatIsRepeatedQuickly() {
        assertThat(repeated(8, Fraction.of(1, 4), 0.6)).containsExactly(4, 3, 2, 1, 4, 3, 2, 1);
        assertThat(repeated(6, Fraction.of(1, 3), 0.5)).containsExactly(3, 2, 1, 3, 2, 1);
        // With time enough one finger does it.
        assertThat(repeated(8, Fraction.of(1, 2), 0.6)).containsOnly(5);
    }

    /** The same chord comes back with the same fingers, whatever led to it (common practice). */
    @Test
    void keepsAChordsFingersThroughATune() {
        String[] found = fingers("C3 E3,C3 F3,B2 F3,C3 E3,D3 F3,B2 F3,C3 E3,B2 E3,C3 F3,C3 E3")
                .split(" ");
        assertThat(List.of(found[0], found[3], found[6], found[9])).containsOnly("3-1");
    }

    /** What is to be heard has a strong finger where there is a choice (common practice). */
    @Test
    void bringsNotesOutWithStrongFingers() {
        assertThat(fingers("F3")).isEqualTo("5");
        assertThat(fingers("F3!")).isEqualTo("3");
        assertThat(fingers("C3 D3 F3 A3")).isEqualTo("5-4-2-1");
        assertThat(fingers("C3 D3! F3 A3")).isEqualTo("5-3-2-1");
        assertThat(fingers("C3! E3 G3")).isEqualTo("5-3-1");
    }

    @Test
    void knowsThatSixNotesAreTooManyForAHand() {
        assertThat(fingers("C3 D3 E3 F3 G3 A3")).isEqualTo("0-0-0-0-0-0");
    }

    /** Nothing cheaper exists: all rows of fingers of short lines, tried one by one. */
    @Test
    void isTheExactMinimumForLines() {
        Random random = new Random(11);
        for (int round = 0; round < 60; round++) {
            List<Pitch> line = new ArrayList<>();
            int at = 48;
            for (int i = 0; i < 6; i++) {
                at += random.nextInt(15) - 7;
                line.add(Pitch.atOrAbove(
                        com.zestythumb.core.pitch.PitchClass.parse("C D E F G A B Bb F#".split(" ")[random.nextInt(9)]),
                        at));
            }
            Side side = round % 2 == 0 ? Side.LEFT : Side.RIGHT;
            int found = cost(side, line, LineFingering.of(side, line));
            int least = IntStream.range(0, 15625)
                    .map(n -> cost(
                            side,
                            line,
                            IntStream.of(1, 5, 25, 125, 625, 3125)
                                    .mapToObj(d -> 1 + n / d % 5)
                                    .toList()))
                    .min()
                    .orElseThrow();
            assertThat(found).as(line.toString()).isEqualTo(least);
        }
    }

    private static int cost(Side side, List<Pitch> line, List<Integer> fingers) {
        int sum = 0;
        for (int i = 0; i < line.size(); i++) {
            sum += LineCosts.own(fingers.get(i), line.get(i));
            sum += i == 0 ? 0 : LineCosts.step(side, fingers.get(i - 1), line.get(i - 1), fingers.get(i), line.get(i));
        }
        return sum;
    }

    /** Right hand: root position 1-3-5, first inversion 1-2-5, second 1-3-5, sevenths 1-2-3-5 (common practice). */
    @ParameterizedTest
    @CsvSource({"C4 E4 G4,1-3-5", "E4 G4 C5,1-2-5", "G4 C5 E5,1-3-5", "G4 B4 D5 F5,1-2-3-5"})
    void fingersTheRightHandTheUsualWay(String notes, String expected) {
        assertThat(ChordFingering.of(Side.RIGHT, pitches(notes)).stream()
                        .map(String::valueOf)
                        .collect(Collectors.joining("-")))
                .isEqualTo(expected);
    }

    /** The books give a first inversion 5-3-1; a hand that is narrow between 5 and 3 takes 5-2-1 (common practice). */
    @Test
    void aSecondFingeringSuitsTheHand() {
        Reach narrow = Reach.ofSpan(9).with(Map.of("3-5", 4), Map.of());
        List<Grip> grips =
                List.of(Grip.of(Chord.parse("C"), pitches("C3 F3 A3")), Grip.of(Chord.parse("C"), pitches("C3 E3 G3")));
        List<Strike> none = List.of();
        assertThat(text(new HandFingering().search(grips, none))).isEqualTo("5-2-1 5-3-1");
        assertThat(text(HandFingering.suiting(narrow).search(grips, none))).isEqualTo("5-2-1 5-2-1");
        assertThat(text(HandFingering.suiting(Reach.ofSpan(16)).search(grips, none)))
                .startsWith("5-");
    }
}
