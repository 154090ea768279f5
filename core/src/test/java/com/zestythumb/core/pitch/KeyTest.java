package com.zestythumb.core.pitch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KeyTest {

    /** The circle of fifths as every primer prints it: all thirty keys (common practice). */
    @ParameterizedTest
    @CsvSource({
        "C major,0",
        "G major,1",
        "D major,2",
        "A major,3",
        "E major,4",
        "B major,5",
        "F# major,6",
        "C# major,7",
        "F major,-1",
        "Bb major,-2",
        "Eb major,-3",
        "Ab major,-4",
        "Db major,-5",
        "Gb major,-6",
        "Cb major,-7",
        "A minor,0",
        "E minor,1",
        "B minor,2",
        "F# minor,3",
        "C# minor,4",
        "G# minor,5",
        "D# minor,6",
        "A# minor,7",
        "D minor,-1",
        "G minor,-2",
        "C minor,-3",
        "F minor,-4",
        "Bb minor,-5",
        "Eb minor,-6",
        "Ab minor,-7"
    })
    void hasItsSignature(String name, int sharps) {
        Key key = Key.parse(name);
        assertThat(key.signature()).isEqualTo(sharps);
        assertThat(key).hasToString(name);
        assertThat(key.relative().signature()).isEqualTo(sharps);
        assertThat(key.relative().relative()).isEqualTo(key);
    }

    @ParameterizedTest
    @CsvSource({"Eb major,Eb F G Ab Bb C D", "F# minor,F# G# A B C# D E", "Cb major,Cb Db Eb Fb Gb Ab Bb"})
    void spellsItsScale(String name, String scale) {
        Key key = Key.parse(name);
        String spelled = IntStream.rangeClosed(1, 7)
                .mapToObj(degree -> key.degree(degree).toString())
                .collect(Collectors.joining(" "));
        assertThat(spelled).isEqualTo(scale);
    }

    @ParameterizedTest
    @CsvSource({"Am,A minor", "Bb,Bb major", "f#m,F# minor", "e minor,E minor", "D maj,D major", "CM,C major"})
    void isReadInTheUsualSpellings(String text, String key) {
        assertThat(Key.parse(text)).hasToString(key);
    }

    @Test
    void tellsDegreesAndAlterations() {
        Key c = Key.parse("C major");
        assertThat(c.degreeOf(PitchClass.parse("F#"))).isEqualTo(4);
        assertThat(c.alterationOf(PitchClass.parse("F#"))).isEqualTo(1);
        assertThat(Key.parse("A minor").alterationOf(PitchClass.parse("G#"))).isEqualTo(1);
        assertThat(Key.parse("Eb major").contains(PitchClass.parse("Ab"))).isTrue();
    }

    @Test
    void refusesKeysWithoutAPrintableSignature() {
        assertThatThrownBy(() -> Key.parse("G# major")).hasMessageContaining("8 accidentals");
        assertThatThrownBy(() -> Key.parse("X major")).hasMessageContaining("write C major");
    }
}
