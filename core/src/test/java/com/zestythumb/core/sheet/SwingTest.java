package com.zestythumb.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SwingTest {

    /** Two to one; triplets keep their places (common practice). */
    @ParameterizedTest
    @CsvSource({"0,0", "1/2,2/3", "1,1", "3/2,5/3", "1/3,1/3", "2/3,2/3", "1/4,1/3", "3/4,5/6", "7/2,11/3"})
    void theFirstOfTwoEighthsIsTwiceAsLong(String written, String played) {
        assertThat(new Swing(Fraction.of(1), Fraction.of(2, 3)).time(Fraction.parse(written), Set.of()))
                .isEqualTo(Fraction.parse(played));
    }

    @Test
    void theFeelSaysSo() {
        assertThat(played("feel: Medium swing\n| C |")).isEqualTo(Fraction.of(2, 3));
        assertThat(played("feel: swing\nmeter: 6/8\n| C |")).isEqualTo(Fraction.of(1, 2));
        // The eighth of a pickup is the second of its beat.
        LeadSheet early = Chart.read("feel: swing\npickup: 0.5\n| C |\n| C |").sheet();
        assertThat(Swing.of(early).played(early.bars().get(0), Set.of(), Fraction.ZERO))
                .isEqualTo(Fraction.of(1, 6));
        assertThat(Swing.of(Chart.read("feel: gently\n| C |").sheet()).isEven()).isTrue();
    }

    /** When the eighth behind the first beat of a bar is played. */
    private static Fraction played(String chart) {
        LeadSheet sheet = Chart.read(chart).sheet();
        return Swing.of(sheet).played(sheet.bars().get(0), Set.of(), Fraction.of(1, 2));
    }
}
