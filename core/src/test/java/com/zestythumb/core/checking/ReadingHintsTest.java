package com.zestythumb.core.checking;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.sheet.Chart;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a teacher points at before a page is played (common practice of reading and counting). */
class ReadingHintsTest {

    private static String hints(String chart) {
        return ReadingHints.of(Arrangement.of(Chart.read(chart).sheet(), Choices.USUAL)).stream()
                .map(hint -> hint.bar() + "." + hint.count() + " " + hint.words())
                .collect(Collectors.joining("; "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                // An accidental lasts the bar in its octave, and no longer.
                "G | | C,2 ^C,2 C,2 D,2 | 0.2 C♯ is outside the signature; 0.3 still C♯: the sign on count 2 lasts the bar",
                "C | | ^F,2 G,2 =F,2 E,2 | 0.1 F♯ is outside the signature: it leads up a step to G",
                "C | | ^F,,4 F,4 | 0.1 F♯ is outside the signature",
                "F | | B,,2 A,,2 =B,,2 C,2 | 0.3 B is outside the signature: it leads up a step to C",
                "D | | F,2 G,2 A,2 D,2 | -",
                // The raised seventh of minor is of its key, and no sign of its signature.
                "Dm | | A,2 G,2 ^C,2 D,2 | 0.3 C♯ is outside the signature: it leads up a step to D",
                "A | | G,2 =G,2 F,2 E,2 | 0.2 G is outside the signature: it leads down a step to F♯",
                // A tie is counted through the bar line, where the count begins again.
                "C | | C,4 G,4- ! G,4 C,4 | 0.3 hold G through 3, 4 and, new bar, 1, 2",
                "C | | C,2- C,4 E,2 | 0.1 hold C through 1, 2, 3",
                "C | | C,6 E,2 | -",
                // What is silent is counted on.
                "C | | C,2 z2 E,2 z2 | 0.2 silent on 2 and 4: count on",
                "C | | z4 C,4 | 0.1 silent on 1 and 2: count on",
                "C | | C,z E,z G,z E,z | -",
                // Chords are compared by their lowest notes.
                "C | | [C,E,G,]4 [K:clef=treble][D,F,A,]4 | 0.3 the clef changes: it looks like a leap down, and the hand goes up a step",
                // A new clef moves the page, not the hand: middle C is below the one and above the other.
                "C | | [K:clef=treble]E2 D2 C2 [K:clef=bass]B,2 | 0.4 the clef changes: it looks like a leap up, "
                        + "and the hand goes down a step",
                "C | | C,2 G,2 [K:clef=treble]C2 E2 | 0.3 the clef changes: it looks like a leap down, "
                        + "and the hand goes up a fourth",
                "C | | C,8 ! Z | -",
            })
    void tellsWhatIsPassedOver(String key, String unused, String left, String expected) {
        String bars = left.contains("!") ? "| C | C |" : "| C |";
        assertThat(hints("key: " + key + "\n" + bars + "\nl: " + left.replace("!", "|")))
                .isEqualTo(expected == null ? "" : expected);
    }

    /** What the app finds is looked at in the same way; names are those of the chart. */
    @Test
    void looksAtAnyLeftHandInTheNamesOfItsChart() {
        assertThat(hints("key: F\nnames: german\n| G |")).isEqualTo("0.1 H is outside the signature");
    }
}
