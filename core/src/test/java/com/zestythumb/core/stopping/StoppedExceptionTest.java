package com.zestythumb.core.stopping;

import static org.assertj.core.api.Assertions.assertThat;
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
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Whatever is computed ends where its thread is interrupted. */
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

    /** Parts that others do for a thread end with it, and none works on for nobody. */
    @Test
    void partsEndWithTheOneWhoAsked() throws InterruptedException {
        AtomicInteger working = new AtomicInteger();
        CountDownLatch begun = new CountDownLatch(2);
        Thread asker = new Thread(() -> {
            Thread me = Thread.currentThread();
            IntStream.range(0, 8)
                    .parallel()
                    .forEach(part -> StoppedException.askedBy(me, () -> {
                        working.incrementAndGet();
                        begun.countDown();
                        try {
                            while (true) {
                                StoppedException.ifInterrupted();
                                Thread.onSpinWait();
                            }
                        } finally {
                            working.decrementAndGet();
                        }
                    }));
        });
        asker.setUncaughtExceptionHandler((thread, stopped) -> {});
        asker.start();
        begun.await();
        asker.interrupt();
        asker.join();
        while (working.get() > 0) {
            Thread.onSpinWait();
        }
        assertThat(asker.isAlive()).isFalse();
    }

    /** No parallel stream of the product forgets whom it works for. */
    @Test
    void everyParallelStreamKnowsWhoAsked() throws IOException {
        try (Stream<Path> all = Files.walk(Path.of("src/main/java"))) {
            assertThat(all.filter(file -> file.toString().endsWith(".java"))
                            .filter(file -> read(file).matches("(?s).*(parallelStream\\(\\)|\\.parallel\\(\\)).*"))
                            .filter(file -> !read(file).contains("StoppedException.askedBy")))
                    .isEmpty();
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
