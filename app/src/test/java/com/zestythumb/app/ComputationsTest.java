package com.zestythumb.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zestythumb.app.http.Computations;
import com.zestythumb.app.http.ProblemKind;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** With every core at work whoever comes is not left waiting for ever. */
@SpringBootTest(properties = "zesty.computations.wait=300")
@AutoConfigureMockMvc
class ComputationsTest {

    @Autowired
    private Computations computations;

    @Autowired
    private MockMvcTester api;

    private final ExecutorService others = Executors.newCachedThreadPool();
    private final CountDownLatch done = new CountDownLatch(1);

    /** Waits while it is held, or until it is told to end. */
    private static int hold(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        return 0;
    }

    private static int beginAndHold(CountDownLatch begun, CountDownLatch latch) {
        begun.countDown();
        return hold(latch);
    }

    private static void await(BooleanSupplier condition) {
        while (!condition.getAsBoolean()) {
            Thread.onSpinWait();
        }
    }

    private List<Future<?>> occupyAllCores(Computations computations) throws InterruptedException {
        int cores = Runtime.getRuntime().availableProcessors();
        CountDownLatch begun = new CountDownLatch(cores);
        List<Future<?>> work = new ArrayList<>();
        for (int i = 0; i < cores; i++) {
            work.add(others.submit(() -> computations.inTurn(() -> beginAndHold(begun, done))));
        }
        begun.await();
        return work;
    }

    @AfterEach
    void letGo() {
        done.countDown();
        others.shutdown();
    }

    /** A class at its exercises: one that waits behind another does not hold up a lesson. */
    @Test
    void studentsDoNotHoldUpALesson() throws Exception {
        Computations patient = new Computations(2, 64, 60_000, 60_000);
        CountDownLatch begun = new CountDownLatch(1);
        for (int i = 0; i < 10; i++) {
            others.submit(() -> {
                MockHttpServletRequest request = new MockHttpServletRequest("PUT", "/api/answers/code/chords/1");
                RequestContextHolder.setRequestAttributes(new ServletRequestAttributes(request));
                return patient.inTurn(() -> beginAndHold(begun, done));
            });
        }
        begun.await();
        // One is at work; the others wait behind it.
        await(() -> patient.waiting() == 9);
        assertThat(patient.inTurn(() -> 1)).isEqualTo(1);
        assertThat(patient.waiting()).isEqualTo(9);
    }

    @Test
    void sendsAwayWhoeverWouldWaitTooLong() throws Exception {
        List<Future<?>> work = occupyAllCores(computations);
        assertThatThrownBy(() -> computations.inTurn(() -> 1))
                .extracting("kind")
                .isEqualTo(ProblemKind.BUSY);
        assertThat(api.post()
                        .uri("/api/arrangements")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"chart\":\"| C |\"}")
                        .exchange())
                .hasStatus(503)
                .hasHeader("Retry-After", "1")
                .hasContentType(MediaType.APPLICATION_PROBLEM_JSON);
        done.countDown();
        for (Future<?> one : work) {
            one.get();
        }
        assertThat(computations.inTurn(() -> 1)).isEqualTo(1);
    }

    @Test
    void letsOldKeystrokesGiveWayToNewOnes() throws Exception {
        Computations patient = new Computations(Runtime.getRuntime().availableProcessors(), 64, 60_000, 60_000);
        assertThat(patient.inTurn("page.1", () -> 1)).isEqualTo(1);
        // All cores are taken; two keystrokes of one page and one of another wait.
        occupyAllCores(patient);
        Future<Integer> first = others.submit(() -> patient.inTurn("page.1", () -> 1));
        await(() -> patient.waiting() == 1);
        Future<Integer> second = others.submit(() -> patient.inTurn("page.2", () -> 2));
        await(() -> patient.waiting() == 2);
        Future<Integer> another = others.submit(() -> patient.inTurn("another.1", () -> 3));
        await(() -> patient.waiting() == 3);
        // By the page's own count: what was asked before may come later.
        assertThatThrownBy(() -> patient.inTurn("page.1", () -> 1))
                .extracting("kind")
                .isEqualTo(ProblemKind.OVERTAKEN);
        done.countDown();
        assertThatThrownBy(first::get).cause().extracting("kind").isEqualTo(ProblemKind.OVERTAKEN);
        assertThat(second.get()).isEqualTo(2);
        assertThat(another.get()).isEqualTo(3);
    }

    /** What never ends is given up, and its turn goes to the next. */
    @Test
    void givesUpWhatTakesTooLong() {
        Computations hasty = new Computations(1, 1, 60_000, 50);
        CountDownLatch never = new CountDownLatch(1);
        CountDownLatch told = new CountDownLatch(1);
        assertThatThrownBy(() -> hasty.inTurn(() -> {
                    try {
                        never.await();
                    } catch (InterruptedException e) {
                        told.countDown();
                    }
                    return 0;
                }))
                .extracting("kind")
                .isEqualTo(ProblemKind.TOO_LONG);
        assertThat(hasty.inTurn(() -> 1)).isEqualTo(1);
        assertThatCode(told::await).doesNotThrowAnyException();
    }

    /** Even where it does not hear that it shall end; and when it has ended, no more is done at once than before. */
    @Test
    void givesTheTurnOfDeafWorkToTheNext() throws Exception {
        Computations hasty = new Computations(1, 8, 60_000, 50);
        CountDownLatch never = new CountDownLatch(1);
        CountDownLatch ended = new CountDownLatch(1);
        assertThatThrownBy(() -> hasty.inTurn(() -> {
                    while (never.getCount() > 0) {
                        Thread.onSpinWait();
                    }
                    ended.countDown();
                    return 0;
                }))
                .extracting("kind")
                .isEqualTo(ProblemKind.TOO_LONG);
        assertThat(hasty.inTurn(() -> 1)).isEqualTo(1);
        never.countDown();
        ended.await();
        await(() -> hasty.atOnce() == 1);
        AtomicInteger now = new AtomicInteger();
        List<Future<Integer>> turns = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            turns.add(others.submit(() -> hasty.inTurn(() -> {
                int together = now.incrementAndGet();
                LockSupport.parkNanos(1_000_000);
                now.decrementAndGet();
                return together;
            })));
        }
        for (Future<Integer> turn : turns) {
            assertThat(turn.get()).isEqualTo(1);
        }
    }

    /** What the work throws comes out as it was. */
    @Test
    void tellsWhatWentWrong() {
        assertThatThrownBy(() -> computations.inTurn(() -> {
                    throw new IllegalArgumentException("no such style");
                }))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("no such style");
    }
}
