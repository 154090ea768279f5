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

    /** Twice the same four bars, with a long note in the third and the sixth (after a nursery song's pattern, ours). */
    @Test
    void aPhraseThatBeginsAsTheFirstDidIsOne() {
        assertThat(ends("| C | F | C | G | C | F | G | C |\n"
                        + "m: c2 d2 e2 c2 | f2 g2 a2 f2 | g8 | d2 e2 d2 B2 | c2 d2 e2 c2 | a8 | g2 f2 e2 d2 | c8 |"))
                .containsExactly(3, 7);
    }

    /** A note held over a bar line is as long as it sounds (hymn tune "New Britain", Virginia Harmony, 1831, from memory). */
    @Test
    void aTiedNoteIsAsLongAsItSounds() {
        String tune = "key: G major\nmeter: 3/4\npickup: 1\n"
                + "| N.C. | G | G7 | C | G | G | Em | D | D | G | G7 | C | G | Em | D | G | G |\n"
                + "m: D2 | G4 BG | B4 A2 | G4 E2 | D4 D2 | G4 BG | B4 A2 | d6- | d4 B2 | d3 B dB | G4 D2 | E3 G GE | D4 D2 | G4 BG | "
                + "B4 A2 | G6- | G4 z2 |";
        assertThat(ends(tune)).contains(8, 16).doesNotContain(7, 15);
    }

    @Test
    void everyBarLiesInAPhrase() {
        assertThat(ends("| C |")).containsExactly(0);
        assertThat(ends("| C | C | C | C | C |\nm: c8 | d8 | e8 | f8 | g8 |")).endsWith(4);
    }
}
