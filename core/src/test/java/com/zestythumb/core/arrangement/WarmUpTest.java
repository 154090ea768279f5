package com.zestythumb.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.voicing.Hand;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What the manuals print for a key: their scales and arpeggios are held by {@code ScaleFingeringTest}. */
class WarmUpTest {

    private static String hand(Arrangement warmUp, Side side, int bar) {
        return warmUp.notes().stream()
                .filter(note -> note.side() == side && note.bar() == bar)
                .map(note -> note.pitch() + ":" + note.finger())
                .collect(Collectors.joining(" "));
    }

    /** Czerny's fingers for C major (common practice). */
    @Test
    void warmsUpInC() {
        Arrangement warmUp = WarmUp.of(Key.parse("C major"), Hand.OCTAVE);
        assertThat(hand(warmUp, Side.LEFT, 0)).isEqualTo("C3:5 D3:4 E3:3 F3:2 G3:1 A3:3 B3:2 C4:1");
        assertThat(hand(warmUp, Side.RIGHT, 0)).isEqualTo("C4:1 D4:2 E4:3 F4:1 G4:2 A4:3 B4:4 C5:5");
        assertThat(hand(warmUp, Side.RIGHT, 1)).startsWith("C5:5 B4:4 A4:3 G4:2 F4:1 E4:3");
        assertThat(hand(warmUp, Side.LEFT, 2)).startsWith("C3:5 E3:4 G3:2 C4:1");
        assertThat(hand(warmUp, Side.LEFT, 4)).startsWith("C3:5 E3:3 G3:1 E3:3 E3:5 G3:3 C4:1");
        // Tonic, subdominant in its second inversion, tonic, dominant seventh in its first: the textbook cadence.
        assertThat(warmUp.chords().stream()
                        .filter(chord -> chord.event().bar() >= 6)
                        .map(chord -> chord.numeral().toString()))
                .hasSize(5)
                .startsWith("I")
                .endsWith("I");
    }

    @Test
    void aMinorKeyHasItsLeadingTone() {
        Arrangement warmUp = WarmUp.of(Key.parse("D minor"), Hand.OCTAVE);
        assertThat(hand(warmUp, Side.RIGHT, 0)).contains("C#5").contains("Bb4");
        assertThat(hand(WarmUp.of(Key.parse("D dorian"), Hand.OCTAVE), Side.RIGHT, 0))
                .isEqualTo(hand(warmUp, Side.RIGHT, 0));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "C", "G", "D", "A", "E", "B", "F#", "Db", "Ab", "Eb", "Bb", "F", "Am", "Em", "Bm", "F#m", "C#m", "G#m",
                "Ebm", "Bbm", "Fm", "Cm", "Gm", "Dm"
            })
    void everyKeyHasAllOfIt(String tonic) {
        Key key = Key.parse(tonic.endsWith("m") ? tonic.replace("m", " minor") : tonic + " major");
        Arrangement warmUp = WarmUp.of(key, Hand.OCTAVE);
        assertThat(warmUp.sheet().bars()).hasSize(9);
        assertThat(warmUp.notes().stream().map(TimedNote::bar).collect(Collectors.toSet()))
                .isEqualTo(Set.of(0, 1, 2, 3, 4, 5, 6, 7, 8));
        assertThat(warmUp.notes()).allMatch(note -> note.finger() >= 1 && note.finger() <= 5);
        assertThat(warmUp.leftInTreble()).isFalse();
        // The right hand plays what the left does, an octave higher.
        for (int bar = 0; bar < 9; bar++) {
            int at = bar;
            List<Integer> left = keys(warmUp, Side.LEFT, at);
            assertThat(keys(warmUp, Side.RIGHT, at))
                    .isEqualTo(left.stream().map(one -> one + 12).toList());
        }
    }

    private static List<Integer> keys(Arrangement warmUp, Side side, int bar) {
        return warmUp.notes().stream()
                .filter(note -> note.side() == side && note.bar() == bar)
                .map(note -> note.pitch().midi())
                .toList();
    }
}
