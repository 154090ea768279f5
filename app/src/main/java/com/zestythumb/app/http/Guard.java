package com.zestythumb.app.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Stands before every request. Only hosts that are known are answered, so that no page elsewhere can have its own name
 * point here and read what is kept (DNS rebinding); nothing is changed for a page of another site; and a page may load
 * nothing but what the app ships (Content Security Policy Level 3; the engraver needs WebAssembly, the player blobs).
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Guard extends OncePerRequestFilter {

    private static final String POLICY = String.join(
            "; ",
            "default-src 'self'",
            "script-src 'self' blob: 'wasm-unsafe-eval'",
            "worker-src 'self' blob:",
            "style-src 'self' 'unsafe-inline'",
            "img-src 'self' data: blob:",
            "font-src 'self' data:",
            "media-src 'self' data: blob:",
            "connect-src 'self' data: blob:",
            "object-src 'none'",
            "base-uri 'none'",
            "form-action 'self'",
            "frame-ancestors 'none'");

    /** An address is no name, and so nobody can have it point elsewhere. */
    private static final Pattern ADDRESS =
            Pattern.compile("\\d{1,3}(\\.\\d{1,3}){3}|\\[?[0-9a-fA-F:.]*:[0-9a-fA-F:.]*]?");

    private final Set<String> hosts;

    Guard(@Value("${zesty.hosts:}") Set<String> hosts) {
        this.hosts = hosts;
    }

    private static boolean changes(HttpServletRequest request) {
        return !Set.of("GET", "HEAD", "OPTIONS").contains(request.getMethod());
    }

    /**
     * Whether a page of another origin asks (Fetch Metadata Request Headers, W3C; RFC 6454 for browsers without them).
     * Programs that are no browsers send neither.
     */
    private static boolean isFromElsewhere(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        if (site != null) {
            return !site.equals("same-origin") && !site.equals("none");
        }
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        return origin != null && !origin.replaceFirst("^https?://", "").equals(request.getHeader(HttpHeaders.HOST));
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String host = request.getServerName();
        boolean known = host.equals("localhost")
                || ADDRESS.matcher(host).matches()
                || hosts.stream().anyMatch(host::equalsIgnoreCase);
        if (!known) {
            Problem.write(
                    response,
                    ProblemKind.UNKNOWN_NAME,
                    "this app does not know the name you call it by; use its address, or start it with --host and that"
                            + " name");
            return;
        }
        if (changes(request) && isFromElsewhere(request)) {
            Problem.write(
                    response,
                    ProblemKind.OTHER_SITE,
                    "another site's page asked for this; open the app's own page and do it there");
            return;
        }
        if (request.getRequestURI().startsWith("/api/")) {
            // Names of students and what they play stay in no cache.
            response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        }
        response.setHeader("Content-Security-Policy", POLICY);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        response.setHeader("Permissions-Policy", "camera=(), microphone=(), geolocation=()");
        chain.doFilter(request, response);
    }
}
