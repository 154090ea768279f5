package com.zestythumb.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.BarMap.Again;
import com.zestythumb.core.arrangement.BarMap.Entry;
import com.zestythumb.core.arrangement.BarMap.Likeness;
import com.zestythumb.core.pattern.AccompanimentPattern;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.voicing.Inversions;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Looking before playing, as in a first lesson on a tune (common practice). */
class BarMapTest {

    private static BarMap map(String bars, AccompanimentPattern pattern) {
        return BarMap.of(Arrangement.of(
                Chart.parse(bars), Choices.USUAL.with(Inversions.ROOT_POSITION).with(pattern)));
    }

    /** Three notes in three places, so that one of them comes twice in a bar. */
    private static final AccompanimentPattern EVENLY =
            AccompanimentPattern.of("evenly", "Evenly", 2, 3, "by bar 1/4 bass top top second");

    @Test
    void tellsWhatComesAgain() {
        BarMap map = map("| C | F | C | Cm | F | N.C. | C |", EVENLY);
        assertThat(map.bars().subList(0, 6))
                .containsExactly(
                        new Entry(Likeness.NEW, 0, List.of()),
                        new Entry(Likeness.MOVED, 0, List.of()),
                        new Entry(Likeness.SAME, 0, List.of()),
                        new Entry(Likeness.NEARLY, 0, List.of(4)),
                        new Entry(Likeness.SAME, 1, List.of()),
                        new Entry(Likeness.SILENT, 5, List.of()));
    }

    @Test
    void putsFirstWhatComesMostOften() {
        BarMap map = map("| G7 | C | Am7 | C | C | G7 | C |", AccompanimentPatterns.ALBERTI);
        assertThat(map.inOrderOfUse()).startsWith(1).hasSize(map.toLearn());
    }

    /** 32 bars and a few shapes: the complaint that students see the whole page and give up. */
    @Test
    void saysHowLittleThereIsToLearn() {
        String eight = "| C | F | C | G |\n| C | F | G | C |\n";
        BarMap map = map(eight.repeat(4), AccompanimentPatterns.ALBERTI);
        assertThat(map.bars()).hasSize(32);
        assertThat(map.toLearn()).isLessThanOrEqualTo(2);
    }

    @Test
    void tellsWhichStretchesComeAgain() {
        String eight = "| C | F | C | G |\n| Am | F | Dm | G |\n";
        assertThat(map(eight + "| Em | Am | Em | Am |\n" + eight + "| C |", AccompanimentPatterns.ALBERTI)
                        .again())
                .containsExactly(new Again(12, 20, 0, List.of()));
        assertThat(map("| C | F | C | G |\n| C | F | Cm | G |\n| C |", EVENLY).again())
                .containsExactly(new Again(4, 8, 0, List.of(6)));
        assertThat(map("| C | F | G | C |\n| Dm | G | Am | C |", AccompanimentPatterns.BLOCK)
                        .again())
                .isEmpty();
    }

    @Test
    void silenceAloneIsNoSectionAgain() {
        assertThat(map("| N.C. |".repeat(12), AccompanimentPatterns.BLOCK).again())
                .isEmpty();
        assertThat(map("| C | N.C. | N.C. | N.C. | C | N.C. | N.C. | N.C. |", AccompanimentPatterns.BLOCK)
                        .again())
                .isEmpty();
    }

    /** Property: a stretch lies behind the one it repeats, and what is not named differs in nothing. */
    @Test
    void stretchesHoldBarForBar() {
        Random random = new Random(7);
        String[] chords = {"C", "F", "G7", "Am"};
        for (int tune = 0; tune < 60; tune++) {
            String bars = random.ints(24, 0, chords.length)
                    .mapToObj(i -> "| " + chords[i] + " ")
                    .collect(Collectors.joining("", "", "|"));
            BarMap map = map(bars, AccompanimentPatterns.BROKEN_UP);
            for (Again again : map.again()) {
                assertThat(again.like() + again.to() - again.from()).isLessThanOrEqualTo(again.from());
                for (int bar = again.from(); bar < again.to(); bar++) {
                    if (!again.but().contains(bar)) {
                        assertThat(first(map, bar)).isEqualTo(first(map, again.like() + bar - again.from()));
                    }
                }
            }
        }
    }

    private static int first(BarMap map, int bar) {
        Entry entry = map.bars().get(bar);
        return entry.kind() == Likeness.SAME ? entry.like() : bar;
    }

    @Test
    void theSameNotesInAnotherRhythmAreNearlyTheSame() {
        BarMap map = map("meter: 4/4\n| C / F / | C / / F |", AccompanimentPatterns.BLOCK);
        assertThat(map.bars().get(1).kind()).isEqualTo(Likeness.NEARLY);
        assertThat(map.bars().get(1).like()).isZero();
    }
}
