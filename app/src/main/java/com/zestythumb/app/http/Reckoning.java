package com.zestythumb.app.http;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import org.slf4j.MDC;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * One reckoning to a core, first come first served, each in its time: more at once would only make each of them late.
 * Whoever would wait too long, or behind too many, is told to come again; what a page asked before it asked anew gives way.
 */
@Component
public class Reckoning {

    private static final int LONGEST_NAME = 64;

    private final Semaphore turns;
    private final ExecutorService workers = Executors.newCachedThreadPool(work -> {
        Thread thread = new Thread(work, "reckoning");
        thread.setDaemon(true);
        return thread;
    });
    private final Map<String, Long> latest = new ConcurrentHashMap<>();
    private final AtomicLong tickets = new AtomicLong();
    private final int longestQueue;
    private final long mostMillis;
    private final long deadlineMillis;

    @Autowired
    Reckoning(
            @Value("${zesty.reckoning.queue:64}") int longestQueue,
            @Value("${zesty.reckoning.wait:5000}") long mostMillis,
            @Value("${zesty.reckoning.deadline:20000}") long deadlineMillis) {
        this(Runtime.getRuntime().availableProcessors(), longestQueue, mostMillis, deadlineMillis);
    }

    /**
     * One with limits of its own.
     *
     * @param atOnce how much is done at one time
     * @param longestQueue how many wait at most
     * @param mostMillis how long they wait
     * @param deadlineMillis how long the work may take
     */
    public Reckoning(int atOnce, int longestQueue, long mostMillis, long deadlineMillis) {
        this.turns = new Semaphore(atOnce, true);
        this.longestQueue = longestQueue;
        this.mostMillis = mostMillis;
        this.deadlineMillis = deadlineMillis;
    }

    /** How many wait for their turn. */
    public int waiting() {
        return turns.getQueueLength();
    }

    /**
     * Does the work when its turn has come; throws {@link BusyException} where that takes too long, and
     * {@link TooLongException} where the work does, whose turn then is over.
     */
    public <T> T inTurn(Supplier<T> work) {
        await();
        try {
            return byDeadline(work);
        } finally {
            turns.release();
        }
    }

    private <T> T byDeadline(Supplier<T> work) {
        Map<String, String> told = MDC.getCopyOfContextMap();
        Future<T> answer = workers.submit(() -> {
            MDC.setContextMap(told == null ? Map.of() : told);
            return work.get();
        });
        try {
            return answer.get(deadlineMillis, TimeUnit.MILLISECONDS);
        } catch (TimeoutException e) {
            answer.cancel(true);
            throw new TooLongException();
        } catch (ExecutionException e) {
            if (e.getCause() instanceof RuntimeException failed) {
                throw failed;
            }
            throw new IllegalStateException(e.getCause());
        } catch (InterruptedException e) {
            answer.cancel(true);
            Thread.currentThread().interrupt();
            throw new BusyException();
        }
    }

    /**
     * The same for one keystroke of a page; throws {@link OvertakenException} where the page has asked anew meanwhile.
     *
     * @param page the page's own name; empty where it has none
     */
    public <T> T inTurn(String page, Supplier<T> work) {
        if (page.isEmpty() || page.length() > LONGEST_NAME) {
            return inTurn(work);
        }
        long ticket = tickets.incrementAndGet();
        latest.put(page, ticket);
        try {
            return inTurn(() -> {
                // What came after it may be done already, and its ticket gone.
                if (!Long.valueOf(ticket).equals(latest.get(page))) {
                    throw new OvertakenException();
                }
                return work.get();
            });
        } finally {
            latest.remove(page, ticket);
        }
    }

    private void await() {
        if (turns.getQueueLength() >= longestQueue) {
            throw new BusyException();
        }
        try {
            if (!turns.tryAcquire(mostMillis, TimeUnit.MILLISECONDS)) {
                throw new BusyException();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new BusyException();
        }
    }
}
