package com.zestythumb.core.practising;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.Corpus;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** The order in which a teacher would have tunes practised, written down before the code was tried on them (common practice). */
class PracticePathTest {

    private static String of(PracticeStep step) {
        return step.hands().name().toLowerCase(Locale.ROOT) + " " + (step.from() + 1) + "-" + (step.to() + 1);
    }

    private static List<String> order(String chart) {
        return order(chart, Choices.USUAL);
    }

    private static List<String> order(String chart, Choices choices) {
        return PracticePath.of(Arrangement.of(Chart.parse(chart), choices)).stream()
                .map(PracticePathTest::of)
                .toList();
    }

    @Test
    void goesInTheOrderOfATeacher() {
        int right = 0;
        int all = 0;
        List<String> wrong = new ArrayList<>();
        for (String tune :
                String.join("\n", Corpus.lines("practice-orders.txt")).split("(?=title:)")) {
            int at = tune.indexOf("order: ");
            List<String> wanted =
                    Arrays.stream(tune.substring(at + 7).strip().split(" \\| ")).toList();
            Matcher hand = Pattern.compile("hand: (\\S+) (\\S+)\n").matcher(tune);
            Choices choices = hand.find()
                    ? Choices.USUAL
                            .with(new StyleChoice(VoicingStyles.named(hand.group(1)), Map.of()))
                            .with(AccompanimentPatterns.named(hand.group(2)))
                    : Choices.USUAL;
            List<String> found = order(tune.substring(0, at).replaceFirst("hand: .*\n", ""), choices);
            all += Math.max(wanted.size(), found.size());
            right += wanted.stream().filter(found::contains).count();
            if (!found.equals(wanted)) {
                wrong.add(tune.lines().findFirst().orElse("") + ": " + found + " and not " + wanted);
            }
        }
        System.out.println("steps of practising right: " + right + " of " + all);
        assertThat(wrong).isEmpty();
    }

    @Test
    void aHandThatHasTheBassAloneHasItOnce() {
        Choices bass = Choices.USUAL.with(new StyleChoice(VoicingStyles.BASS, Map.of()));
        assertThat(PracticePath.of(Arrangement.of(Chart.parse("| C | F | G | C |"), bass)))
                .extracting(PracticeStep::hands)
                .containsOnly(PracticeStep.Hands.LEFT);
    }

    /** Octaves and what is as wide as the hand are played in small doses (common caution); three keys in a fifth are not. */
    @Test
    void tellsWhereTheHandIsWideOpen() {
        Choices octaves = Choices.USUAL.with(new StyleChoice(VoicingStyles.named("octaves"), Map.of()));
        for (Choices choices : List.of(Choices.USUAL, octaves)) {
            assertThat(PracticePath.of(Arrangement.of(Chart.parse("| C | F | G | C |\n| Am | F | G | C |"), choices)))
                    .filteredOn(step -> step.hands() == PracticeStep.Hands.LEFT)
                    .isNotEmpty()
                    .allMatch(step -> step.isWide() == (choices == octaves));
        }
    }

    /** Broken chords are held first, whoever wrote them; what is struck at once is held already. */
    @Test
    void writtenBrokenChordsAreHeldFirst() {
        assertThat(order("| C | F | C |\nl: C,G,E,G, C,G,E,G, | C,A,F,A, C,A,F,A, | [C,E,G,]8 |"))
                .anyMatch(one -> one.startsWith("held"));
        assertThat(order("| C | F | C |\nl: [C,E,G,]8 | [C,F,A,]8 | [C,E,G,]8 |"))
                .noneMatch(one -> one.startsWith("held"));
    }

    @Test
    void aTuneWithoutASoundHasNothingToPractise() {
        assertThat(order("| N.C. | N.C. |")).isEmpty();
    }

    private static double nine() {
        double round = 5 * 4 * 60.0 / 96;
        return IntStream.rangeClosed(12, 20)
                        .mapToDouble(i -> 3 * round * 20 / i)
                        .sum()
                / 60;
    }

    /** Three rounds of four bars and a bar to count in at each of nine tempos, from 60 to 100 per cent of 96 in a minute, are 6 minutes. */
    @Test
    void tellsHowLongItTakes() {
        List<PracticeStep> steps = PracticePath.of(Arrangement.of(
                Chart.parse("tempo: 96\nmeter: 4/4\n| C | F | G | C |\nm: c8 | c8 | d8 | c8 |"), Choices.USUAL));
        assertThat(steps.get(0).hands()).isEqualTo(PracticeStep.Hands.RIGHT);
        assertThat(steps.get(0).start()).isEqualTo(60);
        assertThat(steps.get(0).minutes()).isEqualTo(Math.ceil(nine() * 2) / 2);
        assertThat(steps).allSatisfy(step -> {
            assertThat(step.start()).isLessThan(step.goal());
            assertThat(step.why()).isNotBlank();
        });
    }
}
