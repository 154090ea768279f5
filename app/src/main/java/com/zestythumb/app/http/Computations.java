package com.zestythumb.app.http;

import io.micrometer.core.instrument.MeterRegistry;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.slf4j.MDC;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * One computation to a core, first come first served, each in its time: more at once would only make each of them late.
 * Whoever would wait too long, or behind too many, is told to come again; what a page asked before it asked anew gives way.
 * Students wait among themselves, so that a class at its exercises does not hold up a lesson.
 */
@Component
public class Computations {

    private static final Pattern QUESTION = Pattern.compile("(\\w{1,64})\\.(\\d{1,15})");

    private final ThreadPoolExecutor workers;
    private final ThreadPoolExecutor ofStudents;
    private final Map<String, Long> latest = new ConcurrentHashMap<>();
    private final int longestQueue;
    private final long mostMillis;
    private final long deadlineMillis;

    @Autowired
    Computations(
            @Value("${zesty.computations.queue:64}") int longestQueue,
            @Value("${zesty.computations.wait:5000}") long mostMillis,
            @Value("${zesty.computations.deadline:20000}") long deadlineMillis,
            MeterRegistry meters) {
        this(Runtime.getRuntime().availableProcessors(), longestQueue, mostMillis, deadlineMillis);
        meters.gauge("zesty.computations.waiting", this, Computations::waiting);
    }

    /**
     * One with limits of its own.
     *
     * @param atOnce how much is done at one time
     * @param longestQueue how many wait at most
     * @param mostMillis how long they wait
     * @param deadlineMillis how long the work may take
     */
    public Computations(int atOnce, int longestQueue, long mostMillis, long deadlineMillis) {
        this.workers = pool(atOnce, "computing");
        this.ofStudents = pool(Math.max(1, atOnce / 2), "computing for students");
        this.longestQueue = longestQueue;
        this.mostMillis = mostMillis;
        this.deadlineMillis = deadlineMillis;
    }

    private static ThreadPoolExecutor pool(int atOnce, String name) {
        return new ThreadPoolExecutor(atOnce, atOnce, 0, TimeUnit.SECONDS, new LinkedBlockingQueue<>(), work -> {
            Thread thread = new Thread(work, name);
            thread.setDaemon(true);
            return thread;
        });
    }

    /** How many wait for their turn. */
    public int waiting() {
        return workers.getQueue().size() + ofStudents.getQueue().size();
    }

    /** How much is done for teachers at one time: one more for each work that was given up and does not end. */
    public int atOnce() {
        return workers.getMaximumPoolSize();
    }

    /** Those who compute for whoever asks now. */
    private ThreadPoolExecutor lane() {
        return Students.areAsking() ? ofStudents : workers;
    }

    /**
     * Does the work when its turn has come; that this takes too long is a problem of kind {@link ProblemKind#BUSY}, and of
     * {@link ProblemKind#TOO_LONG} that the work does, whose turn then is over.
     */
    public <T> T inTurn(Supplier<T> work) {
        ThreadPoolExecutor lane = lane();
        if (lane.getQueue().size() >= longestQueue) {
            throw busy();
        }
        Turn<T> turn = new Turn<>(work, lane);
        lane.execute(turn);
        try {
            return answer(turn);
        } catch (ExecutionException e) {
            if (e.getCause() instanceof RuntimeException failed) {
                throw failed;
            }
            throw new IllegalStateException(e.getCause());
        } catch (InterruptedException e) {
            turn.giveUp();
            Thread.currentThread().interrupt();
            throw busy();
        }
    }

    private <T> T answer(Turn<T> turn) throws ExecutionException, InterruptedException {
        long asked = System.nanoTime();
        long patience = Math.min(mostMillis, deadlineMillis);
        while (true) {
            try {
                return turn.get(patience, TimeUnit.MILLISECONDS);
            } catch (TimeoutException e) {
                boolean late = millisSince(asked) >= mostMillis;
                if (late && turn.lane.remove(turn)) {
                    throw busy();
                }
                long begun = turn.begun.get();
                patience = begun == 0 ? patience : deadlineMillis - millisSince(begun);
                if (patience <= 0) {
                    turn.giveUp();
                    throw ProblemKind.TOO_LONG.because(
                            "this takes longer than the app may think about one thing; try it with less, a part of the tune or file");
                }
            }
        }
    }

    private static long millisSince(long nanos) {
        return TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - nanos);
    }

    private synchronized void workOneMore(ThreadPoolExecutor lane) {
        lane.setMaximumPoolSize(lane.getMaximumPoolSize() + 1);
        lane.setCorePoolSize(lane.getMaximumPoolSize());
    }

    private synchronized void workOneLess(ThreadPoolExecutor lane) {
        lane.setCorePoolSize(lane.getMaximumPoolSize() - 1);
        lane.setMaximumPoolSize(lane.getCorePoolSize());
    }

    /** Work that waits for a thread, or has one. */
    private final class Turn<T> extends FutureTask<T> {

        private final Map<String, String> told = MDC.getCopyOfContextMap();
        private final ThreadPoolExecutor lane;
        /** When the work began, in nanoseconds; 0 before, so that what is given up has begun and hears of it. */
        private final AtomicLong begun;

        private boolean isOver;
        private boolean isGivenUp;

        Turn(Supplier<T> work, ThreadPoolExecutor lane) {
            this(work, lane, new AtomicLong());
        }

        private Turn(Supplier<T> work, ThreadPoolExecutor lane, AtomicLong begun) {
            super(() -> {
                begun.set(System.nanoTime());
                return work.get();
            });
            this.lane = lane;
            this.begun = begun;
        }

        @Override
        public void run() {
            MDC.setContextMap(told == null ? Map.of() : told);
            super.run();
            end();
        }

        /** Somebody else has its turn, even where it does not hear that it shall end. */
        void giveUp() {
            leaveItsTurn();
            cancel(true);
        }

        private synchronized void leaveItsTurn() {
            if (!isOver && !isGivenUp) {
                isGivenUp = true;
                workOneMore(lane);
            }
        }

        private synchronized void end() {
            isOver = true;
            if (isGivenUp) {
                workOneLess(lane);
            }
        }
    }

    /**
     * The same for one keystroke of a page; a problem of kind {@link ProblemKind#OVERTAKEN} where the page has asked anew meanwhile.
     *
     * @param page the page's own name and the number of its question, {@code "k3j.12"}; what else is told has none. They go by the
     *     page's own count: on its way the one before may come later
     */
    public <T> T inTurn(String page, Supplier<T> work) {
        Matcher told = QUESTION.matcher(page);
        if (!told.matches()) {
            return inTurn(work);
        }
        String name = told.group(1);
        long question = Long.parseLong(told.group(2));
        long newest = latest.merge(name, question, Math::max);
        if (question < newest) {
            throw overtaken();
        }
        try {
            return inTurn(() -> {
                // What came after it may be done already, and its ticket gone.
                if (!Long.valueOf(question).equals(latest.get(name))) {
                    throw overtaken();
                }
                return work.get();
            });
        } finally {
            latest.remove(name, question);
        }
    }

    /** There is no room for more just now. */
    public static ProblemException busy() {
        return ProblemKind.BUSY.because("the app has too much to do just now; try again in a moment");
    }

    private static ProblemException overtaken() {
        return ProblemKind.OVERTAKEN.because("this page has asked anew meanwhile; the newer question is answered");
    }
}
