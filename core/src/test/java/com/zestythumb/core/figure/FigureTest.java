package com.zestythumb.core.figure;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.figure.Figure.Step;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class FigureTest {

    private static final List<Meter> METERS =
            List.of(Meter.TWO_FOUR, Meter.THREE_FOUR, Meter.FOUR_FOUR, Meter.SIX_EIGHT);

    /** Places in the chord, 1 for the lowest note. */
    private static String order(Figure figure, int notes, String meter, Fraction start, Fraction duration) {
        return figure.over(notes, start, duration, Meter.parse(meter)).stream()
                .map(step ->
                        step.notes().stream().map(n -> String.valueOf(n + 1)).collect(Collectors.joining("+")))
                .collect(Collectors.joining(" "));
    }

    private static String wholeBar(Figure figure, int notes, String meter) {
        return order(figure, notes, meter, Fraction.ZERO, Meter.parse(meter).barLength());
    }

    /** Alberti: lowest, highest, middle, highest, 5-1-3-1 in root position (common practice). */
    @ParameterizedTest
    @CsvSource({
        "ALBERTI,3,4/4,1 3 2 3 1 3 2 3",
        "ALBERTI,3,2/4,1 3 2 3",
        "ALBERTI,3,3/4,1 3 2 3 2 3",
        "ALBERTI,3,6/8,1 3 2 3 2 3",
        "ALBERTI,4,4/4,1 4 2 4 1 4 3 4",
        "ALBERTI,2,2/4,1 2 1 2",
        "BROKEN_UP,3,3/4,1 2 3 1 2 3",
        "BROKEN_UP,3,4/4,1 2 3 1 1 2 3 1",
        "BROKEN_UP,4,4/4,1 2 3 4 1 2 3 4",
        "BROKEN_UP,3,6/8,1 2 3 1 2 3",
        "UP_AND_BACK,3,4/4,1 2 3 2 1 2 3 2",
        "UP_AND_BACK,3,6/8,1 2 3 2 3 2",
        "UP_AND_BACK,4,6/8,1 2 3 4 3 2",
        "UP_AND_BACK,3,3/4,1 2 3 2 3 2",
        "UP_AND_BACK,2,2/4,1 2 1 2",
        "BLOCK,3,4/4,1+2+3",
        "BLOCK,4,6/8,1+2+3+4",
        "ALBERTI,1,4/4,1"
    })
    void runsInItsOrder(Figure figure, int notes, String meter, String expected) {
        assertThat(wholeBar(figure, notes, meter)).isEqualTo(expected);
    }

    @Test
    void startsAnewWithAChordInsideTheBar() {
        assertThat(order(Figure.ALBERTI, 3, "4/4", Fraction.of(3), Fraction.of(1)))
                .isEqualTo("1 3");
        assertThat(order(Figure.ALBERTI, 3, "3/4", Fraction.of(1), Fraction.of(2)))
                .isEqualTo("1 3 2 3");
        assertThat(order(Figure.ALBERTI, 3, "4/4", Fraction.of(1), Fraction.of(3)))
                .isEqualTo("1 3 1 3 2 3");
    }

    @ParameterizedTest
    @EnumSource(Figure.class)
    void fillsEveryLengthInEveryMeterWithoutGap(Figure figure) {
        for (Meter meter : METERS) {
            int eighths = (int) meter.barLength().times(2).floor();
            for (int start = 0; start < eighths; start++) {
                for (int length = 1; length <= eighths - start; length++) {
                    for (int notes = 1; notes <= 5; notes++) {
                        List<Step> steps = figure.over(notes, Fraction.of(start, 2), Fraction.of(length, 2), meter);
                        Fraction at = Fraction.ZERO;
                        for (Step step : steps) {
                            assertThat(step.onset()).isEqualTo(at);
                            assertThat(step.notes()).allMatch(n -> n >= 0);
                            at = at.plus(step.duration());
                        }
                        assertThat(at).isEqualTo(Fraction.of(length, 2));
                        assertThat(steps.get(0).notes()).contains(0);
                    }
                }
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Figure.class)
    void soundsEveryNoteOfTheChordItWantsInABar(Figure figure) {
        for (Meter meter : METERS) {
            Set<Integer> heard = new HashSet<>();
            figure.over(3, Fraction.ZERO, meter.barLength(), meter).forEach(step -> heard.addAll(step.notes()));
            assertThat(heard).containsExactlyInAnyOrder(0, 1, 2);
        }
    }
}
