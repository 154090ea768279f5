package com.zestythumb.app.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.UUID;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.slf4j.MDC;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Every request has an id, which its answer and all that is logged meanwhile bear; failed and slow ones are logged. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestLog extends OncePerRequestFilter {

    static final String HEADER = "X-Request-Id";
    static final String KEY = "request";
    private static final Pattern SANE = Pattern.compile("[A-Za-z0-9._-]{1,64}");
    private static final Pattern CODE = Pattern.compile("^(/api/answers/|/api/practising/|/answer/|/practise/)[^/]+");
    private static final int FAILED = 500;
    private static final long NANOS = 1_000_000L;
    private static final Logger LOG = LoggerFactory.getLogger(RequestLog.class);

    private final long slowMillis;

    RequestLog(@Value("${zesty.log.slow-millis:2000}") long slowMillis) {
        this.slowMillis = slowMillis;
    }

    /** Whoever knows the code of a link may use it: it stands in no log. */
    private static String path(HttpServletRequest request) {
        return CODE.matcher(request.getRequestURI()).replaceFirst("$1…");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String given = request.getHeader(HEADER);
        String id = given != null && SANE.matcher(given).matches()
                ? given
                : UUID.randomUUID().toString();
        long begun = System.nanoTime();
        MDC.put(KEY, id);
        response.setHeader(HEADER, id);
        try {
            chain.doFilter(request, response);
        } finally {
            long millis = (System.nanoTime() - begun) / NANOS;
            if (response.getStatus() >= FAILED || millis > slowMillis) {
                LOG.atWarn()
                        .addKeyValue("method", request.getMethod())
                        .addKeyValue("path", path(request))
                        .addKeyValue("status", response.getStatus())
                        .addKeyValue("millis", millis)
                        .log(response.getStatus() >= FAILED ? "a request failed" : "a request was slow");
            }
            MDC.remove(KEY);
        }
    }
}
