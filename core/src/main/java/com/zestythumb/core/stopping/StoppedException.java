package com.zestythumb.core.stopping;

import java.util.function.Supplier;

/** Work was given up because its thread had been interrupted, as where its deadline is over. */
public final class StoppedException extends RuntimeException {

    /** For whom a thread works that lends a hand. */
    private static final ThreadLocal<Thread> ASKER = new ThreadLocal<>();

    private StoppedException() {
        super("stopped");
    }

    /** To be called in every loop that can be long, once for a chord, bar, line or round. */
    public static void ifInterrupted() {
        Thread asker = ASKER.get();
        if (Thread.currentThread().isInterrupted() || asker != null && asker.isInterrupted()) {
            throw new StoppedException();
        }
    }

    /**
     * Does a part of what another thread was asked for, as in a parallel stream: it ends where that one is interrupted.
     *
     * @param asker the thread that waits for it
     */
    public static <T> T askedBy(Thread asker, Supplier<T> part) {
        Thread before = ASKER.get();
        ASKER.set(asker);
        try {
            return part.get();
        } finally {
            if (before == null) {
                ASKER.remove();
            } else {
                ASKER.set(before);
            }
        }
    }
}
