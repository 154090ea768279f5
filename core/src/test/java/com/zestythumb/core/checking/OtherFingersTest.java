package com.zestythumb.core.checking;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChartWriter;
import com.zestythumb.core.voicing.Hand;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A page's fingers and a hand that is smaller than the one they were written for (common practice). */
class OtherFingersTest {

    private static List<OtherFingers> of(String left, int span) {
        Arrangement tune =
                Arrangement.of(Chart.read("| C | G7 |\nl: " + left).sheet(), Choices.USUAL.with(Hand.ofSpan(span)));
        return OtherFingers.of(tune);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                // Little and middle finger over a fifth: the second finger lies there.
                "[!5!C,!3!G,!1!C]8 ! Z | 12 | 0 5 3",
                "[!5!C,!2!G,!1!C]8 ! Z | 12 | -",
                "[!5!C,!3!E,!1!G,]8 ! [!5!B,,!2!F,!1!G,]8 | 12 | -",
                "Z ! [!4!G,,!3!D,!1!G,]8 | 12 | 1 4 3",
                // What no fingers of this hand reach is not the fingers' fault.
                "[!5!C,!1!E]8 ! Z | 12 | -",
                "[C,G,C]8 ! Z | 12 | -",
            })
    void tellsWhereTheFingersStrain(String left, int span, String expected) {
        List<OtherFingers> others = of(left.replace("!  ", "| ").replace(" ! ", " | "), span);
        assertThat(
                        others.isEmpty()
                                ? null
                                : others.get(0).bar() + " " + others.get(0).outer() + " "
                                        + others.get(0).inner())
                .isEqualTo(expected);
    }

    @Test
    void offersFingersThatLieEasier() {
        OtherFingers other = of("[!5!C,!3!G,!1!C]8 | [!5!B,,!1!G,]8", 12).get(0);
        assertThat(other.words()).isEqualTo("5 and 3 lie a fifth apart, more than this hand spreads them");
        assertThat(ChartWriter.write(other.sheet())).contains("l: [!5!C,!2!G,!1!C]8 | [!5!B,,!1!G,]8 |");
        assertThat(OtherFingers.of(Arrangement.of(other.sheet(), Choices.USUAL)))
                .isEmpty();
    }
}
