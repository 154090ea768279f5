package com.zestythumb.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TickTest {

    private static final Swing EVEN = new Swing(Fraction.of(1), Fraction.of(1, 2));
    private static final Swing SWUNG = new Swing(Fraction.of(1), Fraction.of(2, 3));

    /** Syllables, and heavy and light beats: > first, - heavy, . light, blank parted (any primer of music, from memory). */
    @ParameterizedTest
    @CsvSource({
        "4/4, 1> & 2. & 3- & 4. &",
        "3/4, 1> & 2. & 3. &",
        "2/4, 1> & 2. &",
        "2/2, 1> & 2. &",
        "6/8, 1> 2 3 4- 5 6",
        "9/8, 1> 2 3 4. 5 6 7. 8 9",
        "12/8, 1> 2 3 4. 5 6 7- 8 9 10. 11 12",
        "3/8, 1> & 2. & 3. &",
        "5/8, 1> 2 3 4. 5",
        "2+2+3/8, 1> 2 3. 4 5. 6 7",
        "3+3+2/8, 1> 2 3 4. 5 6 7. 8",
        "7/4, 1> & 2. & 3. & 4. & 5- & 6. & 7. &",
        "5/4, 1> & 2. & 3. & 4- & 5. &",
        "7/8, 1> 2 3. 4 5. 6 7"
    })
    void aBarIsCountedAsAPrimerHasIt(String meter, String counted) {
        assertThat(Tick.of(Meter.parse(meter), EVEN).stream()
                        .filter(tick -> tick.weight() != Tick.Weight.THIRD)
                        .map(tick -> tick.syllable()
                                + switch (tick.weight()) {
                                    case FIRST -> ">";
                                    case STRONG -> "-";
                                    case BEAT -> ".";
                                    case PART, THIRD -> "";
                                })
                        .collect(Collectors.joining(" ")))
                .isEqualTo(counted);
    }

    /** Three to a beat; where it has three already they are those (common practice). */
    @ParameterizedTest
    @CsvSource({
        "2/4, 1/3 trip 2/3 let 4/3 trip 5/3 let",
        "3/8, 1/6 trip 1/3 let 2/3 trip 5/6 let 7/6 trip 4/3 let",
        "6/8, 1/2 2 1 3 2 5 5/2 6"
    })
    void aBeatIsPartedInThreeToo(String meter, String thirds) {
        assertThat(Tick.of(Meter.parse(meter), SWUNG).stream()
                        .filter(tick -> tick.weight() == Tick.Weight.THIRD)
                        .map(tick -> tick.at() + " " + tick.syllable())
                        .collect(Collectors.joining(" ")))
                .isEqualTo(thirds);
    }

    /** Two to one; where a beat has three parts there is nothing to swing (common practice). */
    @ParameterizedTest
    @CsvSource({"4/4, 0 2/3 1 5/3 2 8/3 3 11/3", "6/8, 0 1/2 1 3/2 2 5/2", "2/2, 0 1 2 3"})
    void theSecondEighthSwingsInTheCountToo(String meter, String times) {
        assertThat(Tick.of(Meter.parse(meter), SWUNG).stream()
                        .filter(tick -> tick.weight() != Tick.Weight.THIRD)
                        .map(tick -> tick.at().toString())
                        .collect(Collectors.joining(" ")))
                .isEqualTo(times);
    }
}
