package com.zestythumb.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.arrangement.BarMap.Entry;
import com.zestythumb.core.arrangement.BarMap.Kind;
import com.zestythumb.core.figure.Figure;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.voicing.Way;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Looking before playing, as in a first lesson on a tune (common practice). */
class BarMapTest {

    private static BarMap map(String bars, Figure figure) {
        return BarMap.of(Arrangement.of(
                Chart.parse(bars), Choices.USUAL.with(Way.ROOT_POSITION).with(figure)));
    }

    @Test
    void tellsWhatComesAgain() {
        BarMap map = map("| C | F | C | Cm | F | N.C. | C |", Figure.BROKEN_UP);
        assertThat(map.bars().subList(0, 6))
                .containsExactly(
                        new Entry(Kind.NEW, 0, List.of()),
                        new Entry(Kind.MOVED, 0, List.of()),
                        new Entry(Kind.SAME, 0, List.of()),
                        new Entry(Kind.NEARLY, 0, List.of(1, 3)),
                        new Entry(Kind.SAME, 1, List.of()),
                        new Entry(Kind.SILENT, 5, List.of()));
    }

    @Test
    void putsFirstWhatComesMostOften() {
        BarMap map = map("| G7 | C | Am7 | C | C | G7 | C |", Figure.ALBERTI);
        assertThat(map.inOrderOfUse()).startsWith(1).hasSize(map.toLearn());
    }

    /** 32 bars and a few shapes: the complaint that students see the whole page and give up. */
    @Test
    void saysHowLittleThereIsToLearn() {
        String eight = "| C | F | C | G |\n| C | F | G | C |\n";
        BarMap map = map(eight.repeat(4), Figure.ALBERTI);
        assertThat(map.bars()).hasSize(32);
        assertThat(map.toLearn()).isLessThanOrEqualTo(2);
    }
}
