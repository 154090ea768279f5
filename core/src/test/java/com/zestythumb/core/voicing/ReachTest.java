package com.zestythumb.core.voicing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.Tables;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReachTest {

    private static int beyond(Reach reach, String notes) {
        return reach.beyond(Arrays.stream(notes.split(" "))
                .map(Pitch::parse)
                .mapToInt(Pitch::midi)
                .toArray());
    }

    /** R. Parncutt et al., Music Perception 14(4), 1997, table 2; from memory: see the table. */
    @Test
    void aLargeHandHasThePublishedSpans() {
        Reach large = Reach.ofSpan(15);
        List<String[]> rows = Tables.rows("finger-spans");
        for (int i = 0; i < rows.size(); i++) {
            assertThat(Reach.PAIRS.get(i)).isEqualTo(rows.get(i)[0]);
            assertThat(large.white().get(i)).isEqualTo(Integer.parseInt(rows.get(i)[6]));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "12,C3 E3 G3 C4,0",
        "12,C3 E4,4",
        "9,C3 E3 G3,0",
        "9,C3 E3 G3 Bb3,1",
        "8,C3 G3 Ab3,1",
        // The six-four of the fourth degree, and its outer notes.
        "8,C3 F3 A3,0",
        "8,C3 A3,0",
        // The three-note dominant, its tritone under 5 and 2.
        "8,B2 F3 G3,0",
        "12,C3 D3 E3 F3 G3 A3,0",
        "7,C3 G3 C4,5"
    })
    void measuresWhatLiesBeyond(int span, String notes, int expected) {
        assertThat(beyond(Reach.ofSpan(span), notes)).isEqualTo(expected);
    }

    /** Thumb and little finger may reach what two fingers between them do not. */
    @Test
    void looksAtEveryPair() {
        Reach stiff = Reach.ofSpan(12).with(Map.of("2-5", 4, "3-5", 3, "4-5", 2, "1-2", 5, "1-3", 6), Map.of());
        assertThat(beyond(stiff, "C3 G3 C4")).isPositive();
        assertThat(beyond(stiff, "C3 C4")).isZero();
    }

    @Test
    void knowsBlackKeys() {
        Reach reach = Reach.ofSpan(12).with(Map.of(), Map.of("1-5", 10, "1-4", 9));
        assertThat(beyond(reach, "Eb3 Eb4")).isEqualTo(2);
        assertThat(beyond(reach, "E3 E4")).isZero();
        assertThat(reach.measured(true)).containsEntry("1-5", 10).hasSize(2);
        assertThat(reach.measured(false)).isEmpty();
    }

    @Test
    void refusesWhatIsNoHand() {
        assertThatThrownBy(() -> Reach.ofSpan(12).with(Map.of("1-6", 8), Map.of()))
                .hasMessageContaining("1-6");
        assertThatThrownBy(() -> Reach.ofSpan(12).with(Map.of("1-5", 30), Map.of()))
                .hasMessageContaining("measure");
        assertThatThrownBy(() -> Hand.ofSpan(3)).hasMessageContaining("5 semitones");
        assertThatThrownBy(() -> Hand.ofSpan(24)).hasMessageContaining("not 24");
    }

    @Test
    void rollsNoFartherThanATenth() {
        Hand hand = Hand.ofSpan(12).rolling(true);
        Grip tenth = Grip.of(Chord.parse("C"), List.of(Pitch.parse("C3"), Pitch.parse("E4")));
        Grip twelfth = Grip.of(Chord.parse("C"), List.of(Pitch.parse("C3"), Pitch.parse("G4")));
        assertThat(hand.beyond(tenth)).isZero();
        assertThat(hand.beyond(twelfth)).isEqualTo(7);
        assertThat(Hand.OCTAVE.beyond(tenth)).isEqualTo(4);
    }
}
