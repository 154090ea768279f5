package com.zestythumb.core.stopping;

import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.harmonising.Harmoniser;
import com.zestythumb.core.harmonising.Level;
import com.zestythumb.core.hearing.ChordHearing;
import com.zestythumb.core.hearing.Sounding;
import com.zestythumb.core.hearing.SoundingBar;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.solving.LayeredPath;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Whatever is reckoned ends where its thread is interrupted. */
class StoppedExceptionTest {

    private static final String CHART = "| C | Am | F | G7 | C | Am | Dm G7 | C |";
    private static final LeadSheet PLAIN = Chart.parse(CHART);
    private static final LeadSheet WITH_A_WAY_BACK = Chart.parse("|: C | Am | F |1 G7 :|2 C |");
    private static final LeadSheet BARE = Chart.parse("key: C\nunit: 1/4\nm: c2 e2 | f2 d2 | c4");

    static Stream<Arguments> works() {
        return Stream.of(
                work("a chart that is read", () -> Chart.read(CHART)),
                work("a left hand", () -> Arrangement.of(PLAIN, Choices.USUAL)),
                work("a left hand with a way back", () -> Arrangement.of(WITH_A_WAY_BACK, Choices.USUAL)),
                work(
                        "a way through layers",
                        () -> LayeredPath.through(2, new LayeredPath.Costs() {
                            @Override
                            public int[] of(int layer) {
                                return new int[] {0, 1};
                            }

                            @Override
                            public int[][] toNext(int layer) {
                                return new int[][] {{0, 1}, {1, 0}};
                            }
                        })),
                work("chords for a tune", () -> Harmoniser.propose(BARE, Level.USUAL)),
                work(
                        "chords that are heard",
                        () -> ChordHearing.hear(List.of(new SoundingBar(
                                List.of(new Sounding(60, Fraction.ZERO, Fraction.of(4))),
                                Fraction.of(4),
                                Meter.FOUR_FOUR,
                                Key.parse("C"))))));
    }

    private static Arguments work(String name, Runnable work) {
        return Arguments.of(name, work);
    }

    @AfterEach
    void goOn() {
        Thread.interrupted();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("works")
    void ends(String name, Runnable work) {
        work.run();
        Thread.currentThread().interrupt();
        assertThatThrownBy(work::run).isInstanceOf(StoppedException.class);
    }
}
