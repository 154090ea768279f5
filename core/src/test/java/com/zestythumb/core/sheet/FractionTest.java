package com.zestythumb.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.MathContext;
import org.junit.jupiter.api.Test;

class FractionTest {

    @Test
    void staysInLowestTerms() {
        assertThat(Fraction.of(6, -4)).isEqualTo(Fraction.of(-3, 2)).hasToString("-3/2");
        assertThat(Fraction.of(8, 4)).hasToString("2");
        assertThatThrownBy(() -> Fraction.of(1, 0)).isInstanceOf(ArithmeticException.class);
    }

    /** Against the JDK's own decimal arithmetic. */
    @Test
    void computesLikeTheJdk() {
        for (int a = -9; a < 10; a++) {
            for (int b = 1; b < 9; b++) {
                Fraction x = Fraction.of(a, b);
                Fraction y = Fraction.of(b, 7);
                assertThat(x.plus(y).minus(y)).isEqualTo(x);
                assertThat(x.times(y).dividedBy(y)).isEqualTo(x);
                BigDecimal exact = BigDecimal.valueOf(a).divide(BigDecimal.valueOf(b), MathContext.DECIMAL128);
                assertThat(x.toDouble()).isEqualTo(exact.doubleValue());
                assertThat(x.floor()).isEqualTo(Math.floorDiv(a, b));
                assertThat(x.compareTo(y)).isEqualTo(Integer.signum(7 * a - b * b));
            }
        }
    }
}
