package com.zestythumb.core.pitch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class IntervalTest {

    /** Common practice: any primer of music theory. */
    @ParameterizedTest
    @CsvSource({
        "P1,0", "m2,1", "M2,2", "m3,3", "M3,4", "P4,5", "A4,6", "d5,6", "P5,7", "A5,8", "m6,8", "M6,9", "d7,9", "m7,10",
        "M7,11", "P8,12", "m9,13", "M9,14", "M10,16"
    })
    void hasItsSemitonesAndIsReadBack(String name, int semitones) {
        assertThat(Interval.parse(name).semitones()).isEqualTo(semitones);
        assertThat(Interval.parse(name)).hasToString(name);
    }

    @ParameterizedTest
    @CsvSource({"C3,E3,M3", "E3,C3,M3", "C3,Fb3,d4", "B2,F3,d5", "F3,B3,A4", "Ab2,G#3,A7"})
    void namesTheDistanceOfTwoPitchesByTheirSpelling(String a, String b, String interval) {
        assertThat(Interval.between(Pitch.parse(a), Pitch.parse(b))).hasToString(interval);
    }

    @ParameterizedTest
    @ValueSource(strings = {"M5", "P3", "m8", "X2", "P0", "3", ""})
    void refusesWhatDoesNotExist(String name) {
        assertThatThrownBy(() -> Interval.parse(name)).isInstanceOf(IllegalArgumentException.class);
    }
}
