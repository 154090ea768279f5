package com.zestythumb.core.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.sheet.Chart;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Phrases are told by form, by where a singer breathes, and in fours where nothing else tells (common practice). */
class PhrasesTest {

    private static List<Integer> ends(String chart) {
        return Phrases.ends(Chart.parse(chart));
    }

    @Test
    void countsInFoursWhereNothingTells() {
        assertThat(ends("| C | F | G | C | C | F | G | C |")).containsExactly(3, 7);
        assertThat(ends("| C | F | G | C | G | C |")).containsExactly(5);
    }

    @Test
    void endsWithTheSection() {
        assertThat(ends("[Verse]\n| C | F |\n[Refrain]\n| G | C | G | C |")).containsExactly(1, 5);
    }

    @Test
    void endsWhereTheTuneBreathes() {
        String long_ = "| C | F | C | G | Am | F |";
        assertThat(ends(long_ + "\nm: c2 d2 e2 f2 | g2 a2 g2 f2 | e4 z4 | d2 e2 f2 g2 | a2 g2 f2 e2 | d4 z4 |"))
                .as("three and three, by rests")
                .containsExactly(2, 5);
        assertThat(ends(long_ + "\nm: c2 d2 e2 f2 | g2 a2 g2 f2 | e8 | d2 e2 f2 g2 | a2 g2 f2 e2 | d8 |"))
                .as("by long notes")
                .containsExactly(2, 5);
    }

    @Test
    void aPickupBelongsToThePhraseBehind() {
        assertThat(ends("meter: 3/4\n| C | F | C | G | Am | F |\n"
                        + "m: c2 d2 e2 | f2 g2 a2 | g4 c2 | d2 e2 f2 | g2 f2 e2 | d6 |"))
                .containsExactly(2, 5);
    }

    @Test
    void aLongNoteInTheMiddleOfFourIsSungThrough() {
        assertThat(ends("| C | F | G | C | C | F | G | C |\n"
                        + "m: c2 d2 e2 f2 | g8 | a2 g2 f2 e2 | d8 | c2 d2 e2 f2 | g8 | f2 e2 d2 c2 | c8 |"))
                .containsExactly(3, 7);
    }

    @Test
    void everyBarLiesInAPhrase() {
        assertThat(ends("| C |")).containsExactly(0);
        assertThat(ends("| C | C | C | C | C |\nm: c8 | d8 | e8 | f8 | g8 |")).endsWith(4);
    }
}
