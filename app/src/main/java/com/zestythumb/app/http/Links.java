package com.zestythumb.app.http;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Base64;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Codes of links that nobody guesses; after some that lead nowhere an address waits for the next minute. */
@Component
public class Links {

    /** Codes that lead nowhere in a minute. */
    public static final int MOST = 20;

    /** For so long a link leads somewhere from when it was made or renewed. */
    private static final Duration LASTS = Duration.ofDays(365);

    private static final long MINUTE = 60_000;
    private static final int MOST_ADDRESSES = 10_000;
    private static final Logger LOG = LoggerFactory.getLogger(Links.class);

    /** Misses of an address since a time. */
    private record Missed(long since, int times) {}

    /** 128 bits. */
    private static final int CODE_BYTES = 16;

    private final SecureRandom random = new SecureRandom();
    private final Clock clock = Clock.systemUTC();
    private final Map<String, Missed> byAddress = Collections.synchronizedMap(new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Missed> eldest) {
            return size() > MOST_ADDRESSES;
        }
    });

    /** When a link ends that is made or renewed now. */
    public Instant until() {
        return clock.instant().plus(LASTS).truncatedTo(ChronoUnit.MICROS);
    }

    public String newCode() {
        byte[] bytes = new byte[CODE_BYTES];
        random.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /**
     * Counts a code that leads nowhere. Whoever has a right one is never kept waiting: a class may share an address, and all of
     * a studio behind a proxy do.
     *
     * @throws ProblemException where an address has guessed too often of late
     */
    public void missed(String address) {
        Missed now = byAddress.merge(
                address,
                new Missed(clock.millis(), 1),
                (known, one) ->
                        one.since() - known.since() < MINUTE ? new Missed(known.since(), known.times() + 1) : one);
        if (now.times() == MOST) {
            LOG.atWarn().addKeyValue("address", address).log("codes of links are guessed");
        }
        if (now.times() > MOST) {
            throw ProblemKind.TOO_MANY.because(
                    "too many links that lead nowhere were tried from here; wait a minute and try the right one");
        }
    }
}
