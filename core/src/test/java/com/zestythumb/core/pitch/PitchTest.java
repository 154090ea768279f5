package com.zestythumb.core.pitch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PitchTest {

    /** MIDI 1.0: middle C is key 60, a piano goes from 21 to 108. */
    @ParameterizedTest
    @CsvSource({
        "C4,60", "A4,69", "A0,21", "C8,108", "C-1,0", "G9,127", "Eb3,51", "D#3,51", "B#3,60", "Cb4,59", "F##3,55"
    })
    void hasTheMidiKeyNumberOfItsSound(String pitch, int midi) {
        assertThat(Pitch.parse(pitch).midi()).isEqualTo(midi);
    }

    @Test
    void keepsItsSpelling() {
        assertThat(Pitch.parse("Eb3")).isNotEqualTo(Pitch.parse("D#3"));
        assertThat(Pitch.parse("Eb3").plus(Interval.MAJOR_THIRD)).isEqualTo(Pitch.parse("G3"));
        assertThat(Pitch.parse("D#3").plus(Interval.MAJOR_THIRD)).isEqualTo(Pitch.parse("F##3"));
        assertThat(Pitch.parse("B3").plus(Interval.MINOR_SECOND)).isEqualTo(Pitch.parse("C4"));
    }

    @Test
    void risesByExactlyTheIntervalAddedFromEveryNote() {
        for (String name : List.of("C", "C#", "Db", "D", "Eb", "E", "F", "F#", "Gb", "G", "Ab", "A", "Bb", "B", "Cb")) {
            for (String text :
                    List.of("m2", "M2", "m3", "M3", "P4", "A4", "d5", "P5", "m6", "M6", "m7", "M7", "P8", "M9")) {
                Interval interval = Interval.parse(text);
                Pitch from = Pitch.parse(name + "3");
                Pitch to = from.plus(interval);
                assertThat(to.midi() - from.midi()).as(name + "+" + text).isEqualTo(interval.semitones());
                assertThat(Interval.between(from, to)).as(name + "+" + text).isEqualTo(interval);
            }
        }
    }

    @Test
    void isReadBackFromItsText() {
        for (int midi = 21; midi <= 108; midi++) {
            for (String name : List.of("C", "C#", "Db", "E", "Fb", "B#", "G", "A")) {
                Pitch pitch = Pitch.atOrAbove(PitchClass.parse(name), Math.min(midi, 100));
                assertThat(Pitch.parse(pitch.toString())).isEqualTo(pitch);
                assertThat(pitch.midi()).isBetween(Math.min(midi, 100), Math.min(midi, 100) + 11);
            }
        }
    }

    @Test
    void knowsTheBlackKeys() {
        assertThat(Pitch.parse("Eb3").isBlackKey()).isTrue();
        assertThat(Pitch.parse("Fb3").isBlackKey()).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"H3", "C", "c4", "C44", "", "Cb#2"})
    void refusesWhatIsNoPitch(String text) {
        assertThatThrownBy(() -> Pitch.parse(text)).isInstanceOf(IllegalArgumentException.class);
    }
}
