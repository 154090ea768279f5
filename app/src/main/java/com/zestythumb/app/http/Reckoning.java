package com.zestythumb.app.http;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * One reckoning to a core, first come first served: more at once would only make each of them late. Whoever would wait
 * too long, or behind too many, is told to come again; what a page asked before it asked anew gives way.
 */
@Component
public class Reckoning {

    private static final int LONGEST_NAME = 64;

    private final Semaphore cores = new Semaphore(Runtime.getRuntime().availableProcessors(), true);
    private final Map<String, Long> latest = new ConcurrentHashMap<>();
    private final AtomicLong tickets = new AtomicLong();
    private final int longestQueue;
    private final long mostMillis;

    Reckoning(
            @Value("${zesty.reckoning.queue:64}") int longestQueue,
            @Value("${zesty.reckoning.wait:5000}") long mostMillis) {
        this.longestQueue = longestQueue;
        this.mostMillis = mostMillis;
    }

    /** One with limits of its own. */
    public static Reckoning of(int longestQueue, long mostMillis) {
        return new Reckoning(longestQueue, mostMillis);
    }

    /** How many wait for their turn. */
    public int waiting() {
        return cores.getQueueLength();
    }

    /** Does the work when a core is free; throws {@link BusyException} where that takes too long. */
    public <T> T inTurn(Supplier<T> work) {
        await();
        try {
            return work.get();
        } finally {
            cores.release();
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
        if (cores.getQueueLength() >= longestQueue) {
            throw new BusyException();
        }
        try {
            if (!cores.tryAcquire(mostMillis, TimeUnit.MILLISECONDS)) {
                throw new BusyException();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new BusyException();
        }
    }
}
