package com.zestythumb.core.chord;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import com.zestythumb.core.LongRun;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Letter;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.pitch.PitchClass;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
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
        "E7b9,E G# B D F",
        "C13,C E G Bb D A",
        "F7#11,F A C Eb B",
        "'G7(b9,#11)',G B D F Ab C#",
        "Bb6/9,Bb D F G C",
        "A5,A E",
        "D7b9b13,D F# A C Eb Bb",
        "Cno5,C E",
        "Em9(maj7),E G B D# F#",
        "G7sus4b9,G C D F Ab",
        "C(b5),C E Gb",
        "Am7add11,A C E G D"
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
        "Em7♭5/B♭,Em7b5/Bb",
        "C7-9,C7b9",
        "C7+9,C7#9",
        "C7(+5),C7#5",
        "C7♯5♯9,C7alt",
        "Calt,C7alt",
        "C6/9,C6add9",
        "C7sus4add9,C9sus4",
        "Cm(maj7),CmM7",
        "Cm/maj7,CmM7",
        "C7(13),C7add13",
        "C9(#11),C9#11",
        "'C7(b9,b13)',C7b9b13",
        "C(omit3),C5",
        "Cm7−5,Cm7b5",
        "C△7,Cmaj7"
    })
    void readsTheUsualSpellingsAsOne(String spelling, String normal) {
        assertThat(Chord.parse(spelling)).hasToString(normal);
    }

    @ParameterizedTest
    @MethodSource("com.zestythumb.core.chord.Quality#common")
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
        for (QualityTable.Row row : QualityTable.ROWS) {
            String suffix = row.quality().suffix();
            assertThat(seen.add(suffix)).as(suffix).isTrue();
            row.aliases().forEach(alias -> assertThat(seen.add(alias)).as(alias).isTrue());
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
    void readsAPolychordOverABass() {
        Chord chord = Chord.parse("D/C7");
        assertThat(chord.root()).isEqualTo(PitchClass.parse("C"));
        assertThat(tones("D/C7")).isEqualTo("C E G Bb D F# A");
        assertThat(Chord.parse("D/C7/E").bass()).isEqualTo(PitchClass.parse("E"));
        assertThat(chord).hasToString("D/C7");
        // A bare letter is a bass, so the plain triad beneath is spelled out.
        assertThat(Chord.parse("D/Cmaj")).hasToString("D/Cmaj").isNotEqualTo(Chord.parse("D/C"));
        assertThatThrownBy(() -> Chord.parse("D/C7/E9")).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @CsvSource({
        "Cm7b5,Cm7♭5,Cmin7♭5,Cø7",
        "Bbmaj7,B♭maj7,B♭maj7,B♭Δ7",
        "F#dim7/A,F♯dim7/A,F♯dim7/A,F♯°7/A",
        "Am,Am,Amin,A−",
        "CmM7,CmM7,Cminmaj7,C−Δ7",
        "Caug,Caug,Caug,C+"
    })
    void isPrintedInSeveralStylesAndReadBackFromEach(String normal, String letters, String words, String signs) {
        Chord chord = Chord.parse(normal);
        assertThat(chord.print(SymbolStyle.LETTERS)).isEqualTo(letters);
        assertThat(chord.print(SymbolStyle.WORDS)).isEqualTo(words);
        assertThat(chord.print(SymbolStyle.SIGNS)).isEqualTo(signs);
    }

    @Test
    void everyStyleOfEveryKindIsReadBack() {
        for (Quality quality : Quality.common()) {
            Chord chord = Chord.of(PitchClass.parse("Eb"), quality);
            for (SymbolStyle style : SymbolStyle.values()) {
                assertThat(Chord.parse(chord.print(style)))
                        .as(chord.print(style))
                        .isEqualTo(chord);
            }
        }
    }

    /** Any stack of tones that has a name is read back from it with the same tones. */
    @Test
    void namesEveryStackOfTonesSoThatItIsReadBack() {
        List<List<String>> places = List.of(
                List.of("M3", "m3", "P4", "M2", ""),
                List.of("P5", "d5", "A5", ""),
                List.of("", "M6", "m7", "M7"),
                List.of("", "M9", "m9", "A9"),
                List.of("", "P11", "A11"),
                List.of("", "M13", "m13"));
        int named = 0;
        // A step without a divisor in common with the places comes through all of each.
        int step = LongRun.of(7, 1);
        for (int n = 0; n < 5 * 4 * 4 * 4 * 3 * 3; n += step) {
            Set<Interval> tones = new HashSet<>(Set.of(Interval.UNISON));
            int rest = n;
            for (List<String> place : places) {
                String tone = place.get(rest % place.size());
                rest /= place.size();
                if (!tone.isEmpty()) {
                    tones.add(Interval.parse(tone));
                }
            }
            try {
                Quality quality = Quality.of(tones);
                assertThat(Set.copyOf(quality.intervals())).isEqualTo(tones);
                assertThat(Quality.parse(quality.suffix())).as(quality.suffix()).isEqualTo(quality);
                named++;
            } catch (IllegalArgumentException e) {
                assertThat(e).hasMessageContaining("no symbol stands for");
            }
        }
        assertThat(named).isGreaterThan(2300 / step);
    }

    /** Common practice in German and Nordic lands: H is B natural, B is B flat. */
    @ParameterizedTest
    @CsvSource({
        "H7,B7",
        "Bm,Bbm",
        "C/H,C/B",
        "C/B,C/Bb",
        "Bb,Bb",
        "Am7,Am7",
        "Hm7b5/D,Bm7b5/D",
        "Fis7,F#7",
        "Des/As,Db/Ab",
        "Es,Eb",
        "Esus4,Esus4",
        "Asus2,Asus2",
        "Cism7b5,C#m7b5",
        "Gesmaj7,Gbmaj7"
    })
    void readsHWhereTheTeacherWritesIt(String german, String english) {
        assertThat(NoteNames.GERMAN.toEnglish(german)).isEqualTo(english);
        assertThat(NoteNames.GERMAN.toEnglish(NoteNames.GERMAN.fromEnglish(english)))
                .isEqualTo(english);
    }

    @Test
    void keepsWhatSaysMostWhenFingersRunOut() {
        assertThat(Chord.parse("C13").essentialTones(5).toString()).isEqualTo("[C, E, Bb, D, A]");
        assertThat(Chord.parse("C13").essentialTones(4).toString()).isEqualTo("[C, E, Bb, A]");
        assertThat(Chord.parse("G7b9/B").essentialTones(4).toString()).isEqualTo("[G, B, F, Ab]");
        assertThat(Chord.parse("Dm").essentialTones(4)).hasSize(3);
    }

    @Test
    void knowsItsInversionFromTheSlash() {
        assertThat(Chord.parse("C").bassMember()).isZero();
        assertThat(Chord.parse("C/E").bassMember()).isEqualTo(1);
        assertThat(Chord.parse("G7/F").bassMember()).isEqualTo(3);
        assertThat(Chord.parse("C/D").bassMember()).isEqualTo(-1);
    }

    /** Common practice: behind a plus the ninth is the ninth, as the seventh is in C+7; a sharp ninth needs its seventh. */
    @Test
    void readsAnAugmentedNinth() {
        assertThat(Chord.parse("C+9").tones())
                .extracting(PitchClass::toString)
                .containsExactly("C", "E", "G#", "Bb", "D");
        assertThat(Chord.parse("C7+9").toString()).isEqualTo("C7#9");
        assertThat(Chord.parse("Caug9")).isEqualTo(Chord.parse("C9#5"));
    }

    /** What is written is read again, double sharps and flats too, as transposing makes them. */
    @ParameterizedTest
    @ValueSource(strings = {"", "m", "7", "m7", "maj7", "dim7", "m7b5", "sus4", "6", "9", "7b9"})
    void readsRootsWithTwoSignsAgain(String suffix) {
        Quality quality = Chord.parse("C" + suffix).quality();
        for (Letter letter : Letter.values()) {
            for (int alteration = -2; alteration <= 2; alteration++) {
                Chord chord = Chord.of(new PitchClass(letter, alteration), quality);
                assertThat(Chord.parse(chord.toString())).isEqualTo(chord);
                assertThat(Chord.parse("C" + "/" + chord.root()).bass()).isEqualTo(chord.root());
            }
        }
    }

    /** A lowered fifth or ninth stays one: E flat with its ninth lowered is no E double flat. */
    @Test
    void aSignBeforeANumberIsTheNumbers() {
        assertThat(Chord.parse("Bbb5").root()).isEqualTo(PitchClass.parse("Bb"));
        assertThat(Chord.parse("Bbb7").root()).isEqualTo(PitchClass.parse("Bbb"));
    }
}
