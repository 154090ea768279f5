package com.zestythumb.app.http;

import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.BucketConfiguration;
import io.github.bucket4j.ConsumptionProbe;
import io.github.bucket4j.distributed.ExpirationAfterWriteStrategy;
import io.github.bucket4j.postgresql.Bucket4jPostgreSQL;
import io.github.bucket4j.postgresql.PostgreSQLSelectForUpdateBasedProxyManager;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * So many calls a minute from one address by one code: enough for a class behind one address, and too few to keep the studio busy. It is
 * counted in the database, for all instances of the app, before anything else is done.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class StudentLimit extends OncePerRequestFilter {

    private static final Duration MINUTE = Duration.ofMinutes(1);
    private static final int LOT = 1000;

    private final PostgreSQLSelectForUpdateBasedProxyManager<Long> buckets;
    private final BucketConfiguration limit;

    StudentLimit(DataSource database, @Value("${zesty.students.per-minute:3000}") long perMinute) {
        buckets = Bucket4jPostgreSQL.selectForUpdateBasedBuilder(database)
                .expirationAfterWrite(ExpirationAfterWriteStrategy.basedOnTimeForRefillingBucketUpToMax(MINUTE))
                .build();
        limit = BucketConfiguration.builder()
                .addLimit(Bandwidth.builder()
                        .capacity(perMinute)
                        .refillGreedy(perMinute, MINUTE)
                        .build())
                .build();
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !Students.isOfStudents(request.getRequestURI());
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        ConsumptionProbe probe = buckets.getProxy(key(request), () -> limit).tryConsumeAndReturnRemaining(1);
        if (probe.isConsumed()) {
            chain.doFilter(request, response);
            return;
        }
        long seconds = 1 + TimeUnit.NANOSECONDS.toSeconds(probe.getNanosToWaitForRefill());
        response.setHeader(HttpHeaders.RETRY_AFTER, Long.toString(seconds));
        Problem.write(
                response, ProblemKind.TOO_MANY, "too much is asked by this link at once; wait a moment and go on");
    }

    /** Nothing by which a code or an address could be found again. */
    private static long key(HttpServletRequest request) {
        String[] parts = request.getRequestURI().split("/");
        String code = parts.length > 3 ? parts[3] : "";
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256")
                    .digest((code + " " + request.getRemoteAddr()).getBytes(StandardCharsets.UTF_8));
            return ByteBuffer.wrap(digest).getLong();
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What nobody counts any more goes. */
    @Scheduled(initialDelay = 1, fixedDelay = 1, timeUnit = TimeUnit.HOURS)
    void forget() {
        while (buckets.removeExpired(LOT) == LOT) {
            // There is more.
        }
    }
}
