package com.zestythumb.app.studio;

import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.TimeUnit;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Once a day, what was removed long ago goes for good. */
@Component
@EnableScheduling
public class Purging {

    /** For so long what was removed can be put back; the shelf tells it. */
    private static final Duration KEPT = Duration.ofDays(90);

    private final ApplicationEventPublisher events;

    Purging(ApplicationEventPublisher events) {
        this.events = events;
    }

    @Scheduled(initialDelay = 10, fixedDelay = 24 * 60, timeUnit = TimeUnit.MINUTES)
    @Transactional
    public void purge() {
        events.publishEvent(new Purge(Instant.now().minus(KEPT)));
    }
}
