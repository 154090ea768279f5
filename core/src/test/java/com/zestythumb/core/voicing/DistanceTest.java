package com.zestythumb.core.voicing;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.Tables;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.PitchClass;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class DistanceTest {

    private static int smoothest(Chord from, Chord to) {
        List<Voicing> a = StyleChoice.close(Inversions.NEAREST).candidates(from, Hand.OCTAVE, 5);
        List<Voicing> b = StyleChoice.close(Inversions.NEAREST).candidates(to, Hand.OCTAVE, 5);
        return a.stream()
                .flatMapToInt(x -> b.stream()
                        .mapToInt(y ->
                                Distance.between(x.first().midiKeys(), y.first().midiKeys())))
                .min()
                .orElseThrow();
    }

    private static Chord triad(String name) {
        Key key = Key.parse(name);
        return Chord.parse(key.tonic() + (key.mode().toString().equals("minor") ? "m" : ""));
    }

    /** R. Cohn, Journal of Music Theory 42(2), 1998; from memory: see the table. On every starting triad. */
    @Test
    void isTheNeoRiemannianDistanceBetweenNeighbouringTriads() {
        List<String[]> rows = Tables.rows("triad-distances");
        assertThat(rows).hasSize(6);
        for (String[] row : rows) {
            Chord from = triad(row[1]);
            Chord to = triad(row[2]);
            for (String root : "C Db D Eb E F F# G Ab A Bb B".split(" ")) {
                int up = PitchClass.parse(root).semitone();
                assertThat(smoothest(moved(from, up), moved(to, up)))
                        .as(row[0] + " on " + root)
                        .isEqualTo(Integer.parseInt(row[3]));
            }
        }
    }

    private static Chord moved(Chord chord, int semitones) {
        String[] names = "C Db D Eb E F F# G Ab A Bb B".split(" ");
        return Chord.of(PitchClass.parse(names[(chord.root().semitone() + semitones) % 12]), chord.quality());
    }

    @Test
    void isNoMoreThanAnyOtherWayToPairTheNotes() {
        Random random = new Random(11);
        for (int round = 0; round < 2000; round++) {
            int[] a = chord(random, 1 + random.nextInt(5));
            int[] b = chord(random, 1 + random.nextInt(5));
            int least = a.length <= b.length ? leastPairing(a, b, 0, 0) : leastPairing(b, a, 0, 0);
            assertThat(Distance.between(a, b))
                    .as(Arrays.toString(a) + Arrays.toString(b))
                    .isEqualTo(least);
            assertThat(Distance.between(b, a)).isEqualTo(least);
            assertThat(sumOf(a, b, Distance.partners(a, b))).isEqualTo(least);
        }
    }

    private static int[] chord(Random random, int notes) {
        return random.ints(40, 70).distinct().limit(notes).sorted().toArray();
    }

    /** Every pairing at all, crossings included. */
    private static int leastPairing(int[] small, int[] large, int i, int used) {
        if (i == small.length) {
            return 0;
        }
        int least = Integer.MAX_VALUE;
        for (int j = 0; j < large.length; j++) {
            if ((used & 1 << j) == 0) {
                least = Math.min(
                        least, Math.abs(small[i] - large[j]) + leastPairing(small, large, i + 1, used | 1 << j));
            }
        }
        return least;
    }

    private static int sumOf(int[] a, int[] b, int[] partners) {
        int sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += partners[i] < 0 ? 0 : Math.abs(a[i] - b[partners[i]]);
        }
        return sum;
    }
}
