package com.zestythumb.core.chord;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import com.zestythumb.core.pitch.PitchClass;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class ChordTest {

    private static String tones(String symbol) {
        return Chord.parse(symbol).tones().stream().map(PitchClass::toString).collect(Collectors.joining(" "));
    }

    /** Common practice: the chord tables at the back of any song book. */
    @ParameterizedTest
    @CsvSource({
        "C,C E G",
        "Am,A C E",
        "Bdim,B D F",
        "Faug,F A C#",
        "Dsus2,D E A",
        "Gsus4,G C D",
        "Eb6,Eb G Bb C",
        "Dm6,D F A B",
        "G7,G B D F",
        "Abmaj7,Ab C Eb G",
        "F#m7,F# A C# E",
        "Bm7b5,B D F A",
        "C#dim7,C# E G Bb",
        "CmM7,C Eb G B",
        "A9,A C# E G B",
        "Fmaj9,F A C E G",
        "Dm9,D F A C E",
        "Gadd9,G B D A",
        "E7b9,E G# B D F"
    })
    void spellsItsTones(String symbol, String tones) {
        assertThat(tones(symbol)).isEqualTo(tones);
    }

    @ParameterizedTest
    @CsvSource({
        "B♭maj7,Bbmaj7",
        "CM7,Cmaj7",
        "CΔ,Cmaj7",
        "A-7,Am7",
        "F#ø,F#m7b5",
        "Bo7,Bdim7",
        "C+,Caug",
        "Dmin,Dm",
        "Gsus,Gsus4",
        "Em7♭5/B♭,Em7b5/Bb"
    })
    void readsTheUsualSpellingsAsOne(String spelling, String normal) {
        assertThat(Chord.parse(spelling)).hasToString(normal);
    }

    @ParameterizedTest
    @EnumSource(Quality.class)
    void isReadBackOnEveryRoot(Quality quality) {
        for (String root : "C C# Db D D# Eb E Fb E# F F# Gb G G# Ab A A# Bb B Cb B#".split(" ")) {
            Chord chord = Chord.of(PitchClass.parse(root), quality);
            assertThat(Chord.parse(chord.toString())).isEqualTo(chord);
            assertThat(Chord.parse(chord.pretty())).isEqualTo(chord);
            Chord slash = new Chord(chord.root(), quality, PitchClass.parse("D"));
            assertThat(Chord.parse(slash.toString())).isEqualTo(slash);
        }
    }

    @Test
    void hasNoSpellingThatMeansTwoChords() {
        Set<String> seen = new HashSet<>();
        for (Quality quality : Quality.values()) {
            assertThat(seen.add(quality.suffix())).as(quality.suffix()).isTrue();
            quality.aliases()
                    .forEach(alias -> assertThat(seen.add(alias)).as(alias).isTrue());
        }
    }

    @ParameterizedTest
    @CsvSource({
        "Cmaj#,Cmaj7",
        "am7,Am7",
        "Hm,Bm",
        "G77,G7",
        "Cmim7,Cm7",
        "Dsuss4,Dsus4",
        "F#mj7,F#maj7",
        "C/h,C",
        "Am7/g,Am7/G"
    })
    void namesTheNearestChordToAMistake(String mistake, String meant) {
        ChordSyntaxException e = catchThrowableOfType(ChordSyntaxException.class, () -> Chord.parse(mistake));
        assertThat(e.suggestions()).contains(meant);
        assertThat(e).hasMessageStartingWith("\"" + mistake + "\" is not a chord; did you mean ");
        e.suggestions().forEach(Chord::parse);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "x", "hello", "7", "/", "Cqwertyuiop"})
    void refusesWhatIsNoChord(String text) {
        assertThatThrownBy(() -> Chord.parse(text)).isInstanceOf(ChordSyntaxException.class);
    }

    @Test
    void knowsItsInversionFromTheSlash() {
        assertThat(Chord.parse("C").inversion()).isZero();
        assertThat(Chord.parse("C/E").inversion()).isEqualTo(1);
        assertThat(Chord.parse("G7/F").inversion()).isEqualTo(3);
        assertThat(Chord.parse("C/D").inversion()).isEqualTo(-1);
    }
}
