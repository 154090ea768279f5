package com.zestythumb.core.practising;

import static org.assertj.core.api.Assertions.assertThat;

import com.zestythumb.core.sheet.Chart;
import java.util.List;
import org.junit.jupiter.api.Test;

class BarMarksTest {

    private static List<String> marks(String chart) {
        return BarMarks.of(Chart.parse(chart));
    }

    /** What a bar holds it takes along: before others, in another line, with its section named. */
    @Test
    void aBarIsKnownAgainWhereItMoves() {
        List<String> before = marks("| C | F / G / |\nm: c4 e4 | f8 |\n| Am | G7 |");
        List<String> after = marks("| Dm |\n[Verse]\n| C | F / G / | Am |\nm: c4 e4 | f8 | z8 |\n| G7 |");
        assertThat(before).doesNotHaveDuplicates();
        assertThat(after.subList(1, 3)).isEqualTo(before.subList(0, 2));
        assertThat(after.get(4)).isEqualTo(before.get(3));
    }

    @Test
    void whatIsChangedIsAnother() {
        String mark = marks("| C |\nm: c4 e4 |").get(0);
        assertThat(marks("| C |\nm: c4 f4 |")).doesNotContain(mark);
        assertThat(marks("| C |\nm: c6 e2 |")).doesNotContain(mark);
        assertThat(marks("| Am |\nm: c4 e4 |")).doesNotContain(mark);
        assertThat(marks("| C |\nm: c4 e4 |\nl: C,8 |")).doesNotContain(mark);
    }
}
