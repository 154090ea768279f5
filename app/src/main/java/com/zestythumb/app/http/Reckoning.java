package com.zestythumb.app.http;

import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * One reckoning to a core, first come first served: more at once would only make each of them late. Whoever would wait
 * too long, or behind too many, is told to come again.
 */
@Component
public class Reckoning {

    private final Semaphore cores = new Semaphore(Runtime.getRuntime().availableProcessors(), true);
    private final int longestQueue;
    private final long mostMillis;

    Reckoning(
            @Value("${zesty.reckoning.queue:64}") int longestQueue,
            @Value("${zesty.reckoning.wait:5000}") long mostMillis) {
        this.longestQueue = longestQueue;
        this.mostMillis = mostMillis;
    }

    /** Does the work when a core is free; throws {@link BusyException} where that takes too long. */
    public <T> T inTurn(Supplier<T> work) {
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
        try {
            return work.get();
        } finally {
            cores.release();
        }
    }
}
