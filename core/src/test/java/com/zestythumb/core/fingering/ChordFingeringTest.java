package com.zestythumb.core.fingering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.Tables;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.voicing.ChordTone;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Inversions;
import com.zestythumb.core.voicing.StyleChoice;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChordFingeringTest {

    private static String fingers(List<Pitch> notes) {
        return ChordFingering.left(notes).stream().map(String::valueOf).collect(Collectors.joining("-"));
    }

    private static List<Pitch> pitches(String text) {
        return Arrays.stream(text.split(" ")).map(Pitch::parse).toList();
    }

    /**
     * The usual close-chord fingerings of the left hand, on every root; 5-4-2-1 where the second note is
     * close to the lowest (common practice).
     */
    @ParameterizedTest
    @CsvSource({
        "ROOT_POSITION,'',5-3-1", "ROOT_POSITION,m,5-3-1", "ROOT_POSITION,dim,5-3-1", "ROOT_POSITION,aug,5-3-1",
        "FIRST_INVERSION,'',5-3-1", "FIRST_INVERSION,m,5-3-1", "SECOND_INVERSION,'',5-2-1", "SECOND_INVERSION,m,5-2-1",
        "ROOT_POSITION,7,5-3-2-1", "ROOT_POSITION,m7,5-4-2-1", "ROOT_POSITION,maj7,5-3-2-1"
    })
    void isThatOfTheMethodBooks(Inversions inversions, String quality, String expected) {
        for (String root : "C Db D Eb E F F# G Ab A Bb B".split(" ")) {
            StyleChoice.close(inversions).candidates(Chord.parse(root + quality), Hand.OCTAVE, 5).stream()
                    .filter(v -> v.has(ChordTone.FIFTH))
                    .forEach(v ->
                            assertThat(fingers(v.pitches())).as(v.toString()).isEqualTo(expected));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "F3 G3 B3 D4,5-4-2-1",
        "D3 F3 G3 B3,5-3-2-1",
        "B2 D3 F3 G3,5-3-2-1",
        "C3 G3,5-1",
        "C3 C4,5-1",
        "C3,5",
        "C3 D3 E3 F3 G3,5-4-3-2-1"
    })
    void suitsTheShape(String notes, String expected) {
        assertThat(fingers(pitches(notes))).isEqualTo(expected);
    }

    /** R. Parncutt et al., Music Perception 14(4), 1997, table 2; from memory: see the table. */
    @Test
    void strainsByThePublishedSpans() {
        List<String[]> rows = Tables.rows("finger-spans");
        assertThat(rows).hasSize(10);
        for (String[] row : rows) {
            FingerSpan span = FingerSpan.between(row[0].charAt(0) - '0', row[0].charAt(2) - '0');
            int[] zones = Arrays.stream(row).skip(1).mapToInt(Integer::parseInt).toArray();
            for (int semitones = zones[2]; semitones <= zones[3]; semitones++) {
                assertThat(span.strain(semitones)).as(row[0]).isZero();
            }
            assertThat(span.strain(zones[3] + 1)).isPositive();
            assertThat(span.strain(zones[2] - 1)).isPositive();
            assertThat(span.strain(zones[5])).isLessThan(span.strain(zones[5] + 1) - 10);
        }
    }

    @Test
    void hasNoSixthFinger() {
        assertThatThrownBy(() -> ChordFingering.left(pitches("C3 D3 E3 F3 G3 A3")))
                .hasMessageContaining("five fingers");
    }
}
