package com.zestythumb.formats.musicxml;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NoteValueTest {

    private static final List<Meter> METERS =
            List.of(Meter.TWO_FOUR, Meter.THREE_FOUR, Meter.FOUR_FOUR, Meter.SIX_EIGHT);

    private static String written(Meter meter, Fraction onset, Fraction length) {
        return NoteValue.split(onset, length, meter).stream()
                .map(value -> value.type() + ".".repeat(value.dots()))
                .collect(Collectors.joining(" "));
    }

    /** Eighths into the bar, eighths long; the beat and the half bar stay visible (common practice). */
    @ParameterizedTest
    @CsvSource({
        "4/4,0,8,whole",
        "4/4,0,6,half.",
        "4/4,2,6,half.",
        "4/4,0,3,quarter.",
        "4/4,1,2,eighth eighth",
        "4/4,1,7,eighth half.",
        "3/4,0,5,half eighth",
        "6/8,0,6,half.",
        "6/8,0,3,quarter.",
        "6/8,0,5,quarter. quarter",
        "6/8,2,4,eighth quarter.",
        "6/8,1,1,eighth"
    })
    void showsTheBeat(String meter, int onset, int length, String expected) {
        assertThat(written(Meter.parse(meter), Fraction.of(onset, 2), Fraction.of(length, 2)))
                .isEqualTo(expected);
    }

    @Test
    void addsUpWhereverItStands() {
        for (Meter meter : METERS) {
            int eighths = (int) meter.barLength().times(2).floor();
            for (int onset = 0; onset < eighths; onset++) {
                for (int length = 1; length <= eighths - onset; length++) {
                    List<NoteValue> values = NoteValue.split(Fraction.of(onset, 2), Fraction.of(length, 2), meter);
                    assertThat(values.stream().map(NoteValue::length).reduce(Fraction.ZERO, Fraction::plus))
                            .isEqualTo(Fraction.of(length, 2));
                }
            }
        }
    }
}
