package com.zestythumb.app.exercise;

import com.zestythumb.app.http.TooManyException;
import java.time.Clock;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Slows down whoever guesses codes: after some that lead nowhere an address waits for the next minute. */
@Component
class Guesses {

    static final int MOST = 20;
    private static final long MINUTE = 60_000;
    private static final int MOST_ADDRESSES = 10_000;
    private static final Logger LOG = LoggerFactory.getLogger(Guesses.class);

    /** Misses of an address since a time. */
    private record Missed(long since, int times) {}

    private final Clock clock = Clock.systemUTC();
    private final Map<String, Missed> byAddress = Collections.synchronizedMap(new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Missed> eldest) {
            return size() > MOST_ADDRESSES;
        }
    });

    /**
     * Counts a code that leads nowhere. Whoever has a right one is never kept waiting: a class may share an address, and all of
     * a studio behind a proxy do.
     *
     * @throws TooManyException where an address has guessed too often of late
     */
    void missed(String address) {
        Missed now = byAddress.merge(
                address,
                new Missed(clock.millis(), 1),
                (known, one) ->
                        one.since() - known.since() < MINUTE ? new Missed(known.since(), known.times() + 1) : one);
        if (now.times() == MOST) {
            LOG.atWarn().addKeyValue("address", address).log("codes of exercises are guessed");
        }
        if (now.times() > MOST) {
            throw new TooManyException();
        }
    }
}
