package com.zestythumb.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReadyMadeTest {

    private static String symbols(String set, int seed) {
        return String.join(
                " ",
                Chart.read(ReadyMade.named(set).chart(seed)).sheet().events().stream()
                        .map(ChordEvent::chord)
                        .map(Chord::toString)
                        .toList());
    }

    /** Any primer: the primary chords of C, G, F and of A minor, a triad turned over, ii–V–I. */
    @ParameterizedTest
    @CsvSource({
        "primary,0,C F C G7 C",
        "primary,1,G D7 G C D7 G",
        "primary,2,F Bb C7 F",
        "primary-minor,0,Am Dm Am E7 Am",
        "inversions,0,C C/E C/G C",
        "two-five-one,0,Dm7 G7 Cmaj7",
        "closes,1,G Am C D",
    })
    void hasTheChordsOfAnyPrimer(String set, int seed, String chords) {
        assertThat(symbols(set, seed)).isEqualTo(chords);
    }

    /** The key has full marks under its school; of fifty random answers none has. */
    @Test
    void theKeyHasFullMarksAndNoRandomAnswer() {
        Random random = new Random(4);
        for (ReadyMade set : ReadyMade.ALL) {
            for (int seed = 0; seed < 12; seed++) {
                assertThat(Chart.read(set.chart(seed)).problems()).isEmpty();
                School school = School.all().get(seed % School.all().size());
                Exercise exercise = set.exercise(seed, Hand.ofSpan(9 + seed % 5), school);
                Map<Integer, List<Integer>> key = new HashMap<>();
                exercise.places()
                        .forEach(place -> key.put(
                                place.chord(),
                                place.key().stream().map(Pitch::midi).toList()));
                Marking right = Marking.of(exercise, key);
                assertThat(right.points()).as(set.id() + seed + right.marks()).isEqualTo(right.of());
            }
            Exercise exercise = set.exercise(random.nextInt(48), Hand.OCTAVE, School.POPULAR);
            for (int round = 0; round < 50; round++) {
                Map<Integer, List<Integer>> answer = new HashMap<>();
                exercise.places()
                        .forEach(place -> answer.put(
                                place.chord(),
                                IntStream.range(0, place.key().size())
                                        .mapToObj(i -> 40 + random.nextInt(24))
                                        .toList()));
                Marking marked = Marking.of(exercise, answer);
                assertThat(marked.points()).as(set.id() + answer).isLessThan(marked.of());
            }
        }
    }

    @Test
    void tellsWhichSetsThereAre() {
        assertThatThrownBy(() -> ReadyMade.named("polkas")).hasMessageContaining("primary");
    }
}
