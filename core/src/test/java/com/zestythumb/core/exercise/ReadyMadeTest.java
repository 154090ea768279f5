package com.zestythumb.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import java.util.List;
import java.util.Random;
import java.util.regex.Pattern;
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
        "closes,1,G Em C D",
    })
    void hasTheChordsOfAnyPrimer(String set, int seed, String chords) {
        assertThat(symbols(set, seed)).isEqualTo(chords);
    }

    /** The key has full marks under its school; of fifty random answers none has, and none is told what is right. */
    @Test
    void theKeyHasFullMarksAndNoRandomAnswer() {
        Random random = new Random(4);
        for (ReadyMade set : ReadyMade.ALL) {
            for (int seed = 0; seed < 12; seed++) {
                assertThat(Chart.read(set.chart(seed)).problems()).isEmpty();
                School school = School.all().get(seed % School.all().size());
                Task task = set.exercise(seed, Hand.ofSpan(9 + seed % 5), school);
                assertThat(task.marked(Answers.NONE).points()).isZero();
                Marking right = task.marked(task.solution());
                assertThat(right.points()).as(set.id() + seed + right.marks()).isEqualTo(right.of());
            }
            Task task = set.exercise(random.nextInt(48), Hand.OCTAVE, School.POPULAR);
            for (int round = 0; round < 50; round++) {
                Answers answers = Answers.NONE;
                for (Task.Question question : task.questions()) {
                    answers = wrong(task, question, answers, random);
                }
                Marking marked = task.marked(answers);
                assertThat(marked.points()).as(set.id() + answers).isLessThan(marked.of());
                // Of two ways to call a key the other one needs no telling; a note of the tune may be called like its
                // chord.
                if (set.asked().how() != ExerciseKind.How.PLAYED
                        && set.asked() != ExerciseKind.SPELLING
                        && set.asked() != ExerciseKind.HARMONY) {
                    marked.marks().stream()
                            .filter(mark -> mark.verdict() != Marking.Verdict.RIGHT)
                            // Examples of what a symbol is are no answer.
                            .filter(mark -> !mark.faults().contains("no-chord"))
                            .forEach(mark -> assertThat(mark.words())
                                    .noneMatch(words -> words.matches(".*\\b"
                                            + Pattern.quote(
                                                    task.solution().words().get(mark.chord())) + "(\\W.*|$)")));
                }
            }
        }
    }

    /** Something at random that is not what the key has. */
    private static Answers wrong(Task task, Task.Question question, Answers answers, Random random) {
        int chord = question.chord();
        if (task.asked().how() == ExerciseKind.How.PLAYED) {
            // Of four parts one is given.
            int keys = task.solution().keys().get(chord).size() - (task.asked() == ExerciseKind.FOUR_PARTS ? 1 : 0);
            List<Integer> any = IntStream.range(0, keys)
                    .mapToObj(i -> 40 + random.nextInt(24))
                    .toList();
            return answers.with(chord, any, "");
        }
        String right = task.solution().words().get(chord);
        List<String> words = question.choices().isEmpty()
                ? List.of("C", "Dm", "F#7", "vi", "V6/5", "bVII", "5 4 3 2 1", "1 2")
                : question.choices();
        List<String> others = words.stream().filter(word -> !word.equals(right)).toList();
        return answers.with(chord, List.of(), others.get(random.nextInt(others.size())));
    }

    @Test
    void tellsWhichSetsThereAre() {
        assertThatThrownBy(() -> ReadyMade.named("polkas")).hasMessageContaining("primary");
    }
}
