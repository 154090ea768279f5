package com.zestythumb.core.checking;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.sheet.Chart;
import java.util.List;
import org.junit.jupiter.api.Test;

class HandPositionTest {

    private static List<String> told(String chart) {
        return HandPosition.of(Arrangement.of(Chart.parse(chart), Choices.USUAL)).stream()
                .map(one -> one.thumb() + " x" + one.bars() + (one.way().isEmpty() ? "" : " " + one.way()))
                .toList();
    }

    /** As a teacher says it: thumb on A for two bars, down a step to G, up a fourth to C (common practice). */
    @Test
    void followsTheThumb() {
        assertThat(
                        told(
                                "| Dm | F | C | Am |\nl: [!5!D,!1!A,]8 | [!5!F,!3!A,]4 [!1!A,]4 | [!5!C,!1!G,]8 | [!5!E,!1!C]8 |"))
                .containsExactly("A3 x2", "G3 x1 down a step", "C4 x1 up a fourth");
    }

    /** A broken chord is one position; the little finger struck before the thumb moves with it. */
    @Test
    void aBrokenChordIsOnePosition() {
        String left = "!5!C,!1!G,!3!E,!1!G, !5!C,!1!G,!3!E,!1!G, | !5!F,!1!C!3!A,!1!C !5!F,!1!C!3!A,!1!C";
        assertThat(told("| C | F |\nl: " + left)).containsExactly("G3 x1", "C4 x1 up a fourth");
        assertThat(HandPosition.of(Arrangement.of(Chart.parse("| C | F |\nl: " + left), Choices.USUAL)))
                .extracting(one -> String.valueOf(one.little()))
                .startsWith("C3");
    }

    @Test
    void thereIsNoneWithoutAThumb() {
        assertThat(told("| C | F |\nl: !5!C,8 | !4!D,8")).isEmpty();
        assertThat(told("")).isEmpty();
    }
}
