package com.zestythumb.core.voiceleading;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voicing.Voicing;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Strict part-writing, chord to chord: what textbooks of harmony forbid and what they write themselves (W. Piston, Harmony;
 * E. Aldwell and C. Schachter, Harmony and Voice Leading; S. Kostka and D. Payne, Tonal Harmony; all from memory). The list
 * was written before the rules.
 */
class PartWritingTest {

    private static List<Pitch> pitches(String notes) {
        return Arrays.stream(notes.strip().split(" ")).map(Pitch::parse).toList();
    }

    private static Voicing voicing(String chord, List<Pitch> pitches) {
        return Voicing.inOneGrip(Chord.parse(chord.strip()), pitches);
    }

    private static Set<String> codes(Voicing from, Voicing to, Key key) {
        Set<String> codes = new TreeSet<>();
        Sonority left = Sonority.ofHands(from, null, key);
        Sonority met = Sonority.ofHands(to, null, key);
        Step step = new Step(left, met);
        for (School.Entry entry : School.STRICT.entries()) {
            entry.rule()
                    .look(step, entry.limits(), fault -> codes.add(fault.kind().code()));
            entry.rule()
                    .look(met, entry.limits(), fault -> codes.add(fault.kind().code()));
            entry.rule()
                    .look(left, entry.limits(), fault -> codes.add(fault.kind().code()));
        }
        return codes;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // Written so in any textbook.
                "C | C3 E4 G4 C5 | F | F3 F4 A4 C5 | ''",
                "C | C3 E4 G4 C5 | G | G2 D4 G4 B4 | ''",
                "G7 | G2 D4 F4 B4 | C | C3 C4 E4 C5 | ''",
                "C | G2 E4 G4 C5 | G | G2 D4 G4 B4 | ''",
                "G | G2 D4 G4 B4 | Am | A2 C4 E4 C5 | ''",
                "G | G2 B3 D4 G4 | C | C3 G3 E4 G4 | ''",
                "G7 | G2 B3 D4 F4 | Dm7 | D3 A3 C4 F4 | five-two",
                "C | C3 G3 E4 | F | F3 A3 F4 | ''",
                "D | D3 F#4 A4 D5 | G | G3 G4 B4 D5 | ''",
                "D | D3 F#4 A4 D5 | G7 | G3 F4 B4 D5 | ''",
                "Fm | F3 C4 Ab4 | C | E3 C4 G4 | ''",
                "Db/F | F3 F4 Ab4 Db5 | C/G | G3 E4 G4 C5 | ''",
                "C#dim7 | C#3 E4 G4 Bb4 | Dm | D3 D4 F4 A4 | ''",
                // And faults.
                "D | D3 F#4 A4 F#5 | G | G3 G4 B4 G5 | altered-doubled parallel-octaves",
                "Db/F | F3 Db4 F4 Db5 | C/G | G3 C4 G4 C5 | altered-doubled parallel-octaves",
                "Fm | F3 Ab3 C4 Ab4 | C | E3 G3 C4 C5 | altered-doubled altered-unresolved",
                "D | D3 A3 D4 F#4 | G | G2 B3 D4 | altered-unresolved direct-fifths",
                "Fm | F3 C4 Ab4 | C | E3 C4 C5 | altered-unresolved",
                "C | C3 G3 C4 E4 | Dm | D3 A3 D4 F4 | parallel-fifths",
                "C | C3 E4 G4 C5 | Dm | D3 F4 A4 D5 | parallel-octaves",
                "G | G3 B3 D4 G4 | C | C3 C4 E4 C5 | contrary-octaves",
                "C | C3 E4 G4 | G | G3 B3 D4 | contrary-fifths",
                "C | C3 G3 E4 | F | F3 A3 C5 | direct-fifths",
                "Dm/F | F2 A3 D4 | G | G2 B3 G4 | direct-octaves",
                "G | G2 D4 G4 B4 | C | C3 C4 E4 G4 | leading-unresolved",
                "G7 | G2 B3 D4 F4 | C | C3 C4 E4 G4 | seventh-unresolved",
                "Dm | F3 D4 F4 | E | E3 B3 G#4 | augmented-step",
                "F | F2 A3 C4 | Bdim | B2 D4 F4 | all-one-way tritone-leap",
                "C | C3 G3 C4 | G | G2 D4 B4 | seventh-leap",
                "C | C3 E3 C4 G4 | F | F3 A3 C4 A4 | overlap",
                "F | F3 A3 C4 A4 | C | C3 E3 G3 G4 | overlap parallel-fifths",
                "C/E | E3 G3 C4 | A/C# | C#3 A3 E4 | false-relation",
                "C | C3 G3 C4 E4 | C | C3 E3 G4 C5 | spacing",
                "Bdim | B2 D4 F4 | C | C3 E4 G4 | unequal-fifths",
                "G | G2 B3 D4 B4 | C | C3 C4 E4 C5 | leading-doubled parallel-octaves",
            })
    void findsWhatATextbookForbidsAndNothingElse(
            String first, String notes, String second, String others, String expected) {
        Set<String> wanted = Arrays.stream(expected.split(" "))
                .filter(code -> !code.isBlank())
                .collect(Collectors.toCollection(TreeSet::new));
        // In every key: the rules know intervals and no names.
        for (String interval : List.of("P1", "m2", "M2", "m3", "M3", "P4", "A4", "P5")) {
            Interval up = Interval.parse(interval);
            Voicing from = moved(first, notes, up);
            Voicing to = moved(second, others, up);
            assertThat(codes(from, to, Key.parse(PitchClass.parse("C").plus(up) + " major")))
                    .as(from + " to " + to)
                    .isEqualTo(wanted);
        }
    }

    private static Voicing moved(String chord, String notes, Interval up) {
        return voicing(
                Chord.parse(chord.strip()).with(note -> note.plus(up)).toString(),
                pitches(notes).stream().map(pitch -> pitch.plus(up)).toList());
    }

    /** A hand that keeps a chord and changes its place breaks no rule of motion (common practice). */
    @Test
    void aChordThatStaysMayTakeAnyPlace() {
        List<Voicing> places = Stream.of("C3 E3 G3", "E3 G3 C4", "G3 C4 E4")
                .map(notes -> voicing("C", pitches(notes)))
                .toList();
        for (Voicing from : places) {
            for (Voicing to : places) {
                assertThat(codes(from, to, null)).as(from + " to " + to).isEmpty();
            }
        }
    }
}
