package com.zestythumb.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.pattern.AccompanimentPattern.Step;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.sheet.Touch;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class AccompanimentPatternTest {

    private static final List<Meter> METERS =
            List.of(Meter.TWO_FOUR, Meter.THREE_FOUR, Meter.FOUR_FOUR, Meter.SIX_EIGHT);

    /** Places in the chord, 1 for the lowest note. */
    private static String order(
            AccompanimentPattern pattern, int notes, String meter, Fraction start, Fraction duration) {
        return pattern.over(Layout.of(notes), start, duration, Meter.parse(meter)).stream()
                .map(step ->
                        step.notes().stream().map(n -> String.valueOf(n + 1)).collect(Collectors.joining("+")))
                .collect(Collectors.joining(" "));
    }

    private static String wholeBar(AccompanimentPattern pattern, int notes, String meter) {
        return order(pattern, notes, meter, Fraction.ZERO, Meter.parse(meter).barLength());
    }

    /** Alberti: lowest, highest, middle, highest, 5-1-3-1 in root position (common practice). */
    @ParameterizedTest
    @CsvSource({
        "ALBERTI,3,4/4,1 3 2 3 1 3 2 3",
        "ALBERTI,3,2/4,1 3 2 3",
        "ALBERTI,3,3/4,1 3 2 3 2 3",
        "ALBERTI,3,6/8,1 3 2 1 3 2",
        "ALBERTI,3,9/8,1 3 2 1 3 2 1 3 2",
        "ALBERTI,3,6/4,1 3 2 1 3 2",
        "ALBERTI,3,3/8,1 3 2",
        "ALBERTI,4,4/4,1 4 2 4 1 4 3 4",
        "ALBERTI,2,2/4,1 2 1 2",
        "BROKEN_UP,3,3/4,1 2 3 2 3 2",
        "BROKEN_UP,3,4/4,1 2 3 2 1 2 3 2",
        "BROKEN_UP,4,4/4,1 2 3 4 1 2 3 4",
        "BROKEN_UP,3,6/8,1 2 3 1 2 3",
        "UP_AND_BACK,3,4/4,1 2 3 2 1 2 3 2",
        "UP_AND_BACK,3,6/8,1 2 3 1 2 3",
        "UP_AND_BACK,4,6/8,1 2 3 4 3 2",
        "UP_AND_BACK,3,3/4,1 2 3 2 3 2",
        "UP_AND_BACK,2,2/4,1 2 1 2",
        "BLOCK,3,4/4,1+2+3",
        "BLOCK,4,6/8,1+2+3+4",
        "BROKEN_DOWN,3,3/4,3 2 1 2 1 2",
        "BROKEN_DOWN,4,4/4,4 3 2 1 4 3 2 1",
        "ON_EACH_BEAT,3,3/4,1+2+3 1+2+3 1+2+3",
        "ON_EACH_BEAT,3,6/8,1+2+3 1+2+3",
        "BASS_AND_CHORDS,3,3/4,1 2+3 2+3",
        "BASS_AND_CHORDS,3,4/4,1 2+3 1 2+3",
        "BASS_AND_CHORDS,4,2/4,1 2+3+4",
        "BASS_AND_CHORDS,3,6/8,1 2+3 2+3 1 2+3 2+3",
        "BASS_AND_CHORDS,2,3/4,1 2 2",
        "REPEATED,2,2/4,1+2 1+2 1+2 1+2",
        "REPEATED,2,6/8,1+2 1+2 1+2 1+2 1+2 1+2",
        "ALBERTI,1,4/4,1",
        // Chords over a held bass, in two voices: waltz and march.
        "HELD_BASS,3,3/4,1 2+3 2+3",
        "WALKING,3,4/4,3 1 2 1 2",
        "OFF_BEATS,3,2/4,1 2+3 1 2+3",
        "OFF_BEATS,3,6/8,1 2+3 1 2+3",
        "ONLY_OFF,3,2/4,1+2+3 1+2+3",
        "RIFF,3,4/4,1 3 2 3 1 3 2 3",
        "WAVE,3,4/4,1 2 3 2 1 2 3 2",
        "WAVE,3,6/8,1 2 3 1 2 3",
        "WAVE,4,4/4,1 2 3 4 3 2 3 2",
        "WAVE,4,3/4,1 2 3 4 3 2",
        "FLOWING,4,4/4,1 2 3 4 3 2 3 2 1 2 3 4 3 2 3 2",
        "TRIPLETS,4,4/4,1 2 3 4 3 2 1 2 3 4 3 2",
        "OPEN_ARPEGGIO,4,6/8,1 2 3 4 3 2",
        "BOOGIE,4,4/4,1+2 1+2 1+3 1+3 1+4 1+4 1+3 1+3",
        "OCTAVE_RIFF,3,2/4,1 3 2 3",
        "FLOWING,3,2/4,1 2 3 2 1 2 3 2",
        "TRIPLETS,3,2/4,1 2 3 1 2 3",
        "TRIPLETS,3,6/8,1 2 3 1 2 3",
        "ANTICIPATED,3,4/4,1+2+3 1+2+3",
        "THREE_THREE_TWO,3,4/4,1+2+3 1+2+3 1+2+3",
        "THREE_THREE_TWO,3,7/8,1+2+3 1+2+3 1+2+3",
        "DETACHED,3,3/4,1+2+3 1+2+3 1+2+3",
        "BASS_AND_CHORDS,3,5/4,1 2+3 2+3 2+3 2+3",
        "UP_AND_BACK,3,12/8,1 2 3 1 2 3 1 2 3 1 2 3"
    })
    void runsInItsOrder(String pattern, int notes, String meter, String expected) {
        assertThat(wholeBar(AccompanimentPatterns.named(pattern), notes, meter)).isEqualTo(expected);
    }

    /** A bass and a chord above it: the second bass takes turns with the first (common practice). */
    @ParameterizedTest
    @CsvSource({
        "BASS_AND_CHORDS,1 3,4/4,1 2+3+4 1 2+3+4",
        "BASS_AND_CHORDS,1 3 1 3,4/4,1 2+3+4 5 6+7+8",
        "BASS_AND_CHORDS,2 3,4/4,1+2 3+4+5 1+2 3+4+5",
        "UP_AND_BACK,2 3,4/4,1+2 3 4 5 1+2 3 4 5",
        "BROKEN_UP,2 3,3/4,1+2 3 4 5 4 3",
        "WAVE,3 3,3/4,1 2 3 4 5 6",
        "BLOCK,1 3 1 3,4/4,1+2+3+4"
    })
    void knowsGrips(String pattern, String grips, String meter, String expected) {
        Layout layout = new Layout(
                java.util.Arrays.stream(grips.split(" ")).map(Integer::valueOf).toList());
        Meter in = Meter.parse(meter);
        assertThat(AccompanimentPatterns.named(pattern).over(layout, Fraction.ZERO, in.barLength(), in).stream()
                        .map(step -> step.notes().stream()
                                .map(n -> String.valueOf(n + 1))
                                .collect(Collectors.joining("+")))
                        .collect(Collectors.joining(" ")))
                .isEqualTo(expected);
    }

    @Test
    void startsAnewWithAChordInsideTheBar() {
        assertThat(order(AccompanimentPatterns.ALBERTI, 3, "4/4", Fraction.of(3), Fraction.of(1)))
                .as("what no stroke is left for sounds with the last")
                .isEqualTo("1 2+3");
        assertThat(order(AccompanimentPatterns.ALBERTI, 3, "3/4", Fraction.of(1), Fraction.of(2)))
                .isEqualTo("1 3 2 3");
        assertThat(order(AccompanimentPatterns.ALBERTI, 3, "4/4", Fraction.of(1), Fraction.of(3)))
                .isEqualTo("1 3 1 3 2 3");
    }

    @ParameterizedTest
    @MethodSource("com.zestythumb.core.pattern.AccompanimentPatterns#all")
    void fillsEveryLengthInEveryMeterWithoutGap(AccompanimentPattern pattern) {
        for (Meter meter : METERS) {
            int eighths = (int) meter.barLength().times(2).floor();
            for (int start = 0; start < eighths; start++) {
                for (int length = 1; length <= eighths - start; length++) {
                    for (int notes = 1; notes <= 5; notes++) {
                        assertFills(pattern, meter, Fraction.of(start, 2), Fraction.of(length, 2), notes);
                    }
                }
            }
        }
    }

    /** Each voice goes on without gap, but for rests that the text says, and not beyond its chord. */
    private static void assertFills(
            AccompanimentPattern pattern, Meter meter, Fraction start, Fraction length, int notes) {
        List<Step> steps = pattern.over(Layout.of(notes), start, length, meter);
        // Two notes in threes leave the third stroke out.
        boolean rests = pattern.text().contains("rest") || notes == 2;
        assertThat(steps).isNotEmpty();
        boolean shared = pattern == AccompanimentPatterns.OCTAVE_UNDER;
        for (int voice = 0; voice < 2; voice++) {
            Fraction at = Fraction.ZERO;
            for (Step step : steps) {
                boolean here = shared ? step.other() == (voice == 1) : step.voice() == voice;
                if (here) {
                    assertThat(step.onset().compareTo(at)).isBetween(0, rests ? 1 : 0);
                    assertThat(step.notes()).allMatch(n -> n >= 0 && n < notes);
                    at = step.onset().plus(step.duration());
                }
            }
            assertThat(at.compareTo(length)).isLessThanOrEqualTo(0);
            assertThat(rests || voice == 1 || at.equals(length)).isTrue();
        }
        Set<Integer> first = new HashSet<>();
        steps.stream().filter(step -> step.onset().equals(Fraction.ZERO)).forEach(step -> first.addAll(step.notes()));
        assertThat(rests || first.contains(pattern == AccompanimentPatterns.BROKEN_DOWN ? notes - 1 : 0))
                .isTrue();
    }

    @ParameterizedTest
    @MethodSource("com.zestythumb.core.pattern.AccompanimentPatterns#all")
    void soundsEveryNoteOfTheChordItWantsInABar(AccompanimentPattern pattern) {
        for (Meter meter : METERS) {
            Set<Integer> heard = new HashSet<>();
            pattern.over(Layout.of(Math.min(3, pattern.mostNotes())), Fraction.ZERO, meter.barLength(), meter)
                    .forEach(step -> heard.addAll(step.notes()));
            assertThat(heard).hasSize(Math.min(3, pattern.mostNotes()));
        }
    }

    /** None of the catalogue is in triplets; a pattern that is says so by its value. */
    @ParameterizedTest
    @MethodSource("com.zestythumb.core.pattern.AccompanimentPatterns#all")
    void isInTripletsOnlyWhereItsTextSaysSo(AccompanimentPattern pattern) {
        for (Meter meter : METERS) {
            assertThat(pattern.over(Layout.of(3), Fraction.ZERO, meter.barLength(), meter))
                    .allMatch(step -> step.tuplet() == null || pattern == AccompanimentPatterns.TRIPLETS);
        }
        assertThat(AccompanimentPattern.of("own", "Own", 1, 3, "1/8t (next)")
                        .over(Layout.of(3), Fraction.ZERO, Fraction.of(1), Meter.FOUR_FOUR))
                .hasSize(3)
                .allMatch(step -> step.tuplet() != null);
    }

    /** A length of a third of a quarter fits no eighth: what is over is cut, and nothing runs for ever. */
    @ParameterizedTest
    @MethodSource("com.zestythumb.core.pattern.AccompanimentPatterns#all")
    void endsWithItsChordWhateverItsLength(AccompanimentPattern pattern) {
        for (Fraction length : List.of(Fraction.of(1, 3), Fraction.of(5, 7), Fraction.of(1, 16), Fraction.of(7, 4))) {
            List<Step> steps = pattern.over(Layout.of(3), Fraction.of(1, 3), length, Meter.FOUR_FOUR);
            assertThat(steps)
                    .isNotEmpty()
                    .allMatch(step -> !step.onset().plus(step.duration()).isAfter(length));
        }
    }

    /** Stride, a waltz and a held thumb over walking fingers (common practice), as a teacher would type them. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "1/4 bass upper; 3; 4/4; 0: 1 | 1: 2+3 | 2: 1 | 3: 2+3",
                "1/4 bass (upper); 3; 3/4; 0: 1 | 1: 2+3 | 2: 2+3",
                "1/4 bass (upper); 3; 4/4; 0: 1 | 1: 2+3 | 2: 1 | 3: 2+3",
                "by bar 1/4 bass (upper); 3; 4/4; 0: 1 | 1: 2+3 | 2: 2+3 | 3: 2+3",
                "1/4 1+5 rest (upper.); 3; 3/4; 0: 1+3 | 2: 2+3",
                "by bar 1/4 top*4 / bass 2 3 2; 4; 4/4; 0: 4 | 0: 1 | 1: 2 | 2: 3 | 3: 2",
                "compound: 1/8 all*3 | 1/4 all; 3; 6/8; 0: 1+2+3 | 3/2: 1+2+3",
                "compound: 1/8 all*3 | 1/4 all; 3; 2/4; 0: 1+2+3 | 1: 1+2+3",
                "3/4,6/8: 1/4 bass | 1/2 all; 2; 2/4; 0: 1+2",
                "3/4: 1/4 bass; 2; 2/4; 0: 1+2"
            })
    void playsWhatItsTextSays(String text, int notes, String meter, String expected) {
        AccompanimentPattern pattern = AccompanimentPattern.of("own", "Own", 1, 5, text);
        Meter in = Meter.parse(meter);
        assertThat(pattern.over(Layout.of(notes), Fraction.ZERO, in.barLength(), in).stream()
                        .map(step -> step.onset() + ": "
                                + step.notes().stream()
                                        .map(n -> String.valueOf(n + 1))
                                        .collect(Collectors.joining("+")))
                        .collect(Collectors.joining(" | ")))
                .isEqualTo(expected);
    }

    @Test
    void knowsVoicesTouchesAndTriplets() {
        List<Step> walking = AccompanimentPattern.of("own", "Own", 3, 5, "by bar 1/4 top*4 / bass. 2 3 2")
                .over(Layout.of(4), Fraction.ZERO, Fraction.of(4), Meter.FOUR_FOUR);
        assertThat(walking).extracting(Step::voice).containsExactly(0, 1, 1, 1, 1);
        assertThat(walking).extracting(Step::touch).contains(Touch.SHORT);
        List<Step> triplets = AccompanimentPattern.of("own", "Own", 3, 5, "1/8t (next)")
                .over(Layout.of(3), Fraction.ZERO, Fraction.of(2), Meter.FOUR_FOUR);
        assertThat(triplets).hasSize(6).allMatch(step -> step.duration().equals(Fraction.of(1, 3)));
        assertThat(triplets).extracting(step -> step.tuplet().place()).containsExactly(0, 1, 2, 0, 1, 2);
        assertThat(triplets).allMatch(step -> step.tuplet().size() == 3);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "''; needs strokes",
                "bass top; write a note value",
                "1/8 bass tob; tob",
                "1/8 bass (top) inner; in brackets",
                "1/8 bass (top; in brackets",
                "1/3 bass; write a note value",
                "1/8 bass**; is no stroke",
                "13/5: 1/8 bass; meter"
            })
    void saysWhatIsWrongInAText(String text, String reason) {
        assertThatThrownBy(() -> AccompanimentPattern.of("own", "Own", 1, 5, text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(reason);
    }
}
