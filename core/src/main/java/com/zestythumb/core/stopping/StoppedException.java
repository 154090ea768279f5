package com.zestythumb.core.stopping;

/** Work was given up because its thread had been interrupted, as where its deadline is over. */
public final class StoppedException extends RuntimeException {

    private StoppedException() {
        super("stopped");
    }

    /** To be called in every loop that can be long, once for a chord, bar, line or round. */
    public static void ifInterrupted() {
        if (Thread.currentThread().isInterrupted()) {
            throw new StoppedException();
        }
    }
}
