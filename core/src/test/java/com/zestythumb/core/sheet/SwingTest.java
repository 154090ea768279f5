package com.zestythumb.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SwingTest {

    /** Two to one; triplets keep their places (common practice). */
    @ParameterizedTest
    @CsvSource({"0,0", "1/2,2/3", "1,1", "3/2,5/3", "1/3,1/3", "2/3,2/3", "1/4,1/3", "3/4,5/6", "7/2,11/3"})
    void theFirstOfTwoEighthsIsTwiceAsLong(String written, String played) {
        assertThat(Swing.time(Fraction.parse(written))).isEqualTo(Fraction.parse(played));
    }

    @Test
    void theFeelSaysSo() {
        LeadSheet swung = Chart.read("feel: Medium swing\n| C |").sheet();
        assertThat(Swing.isIn(swung.heading(), swung.bars().get(0))).isTrue();
        LeadSheet six = Chart.read("feel: swing\nmeter: 6/8\n| C |").sheet();
        assertThat(Swing.isIn(six.heading(), six.bars().get(0))).isFalse();
        assertThat(Swing.isIn(Chart.read("feel: gently\n| C |").sheet().heading()))
                .isFalse();
    }
}
