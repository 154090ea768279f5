package com.zestythumb.app.http;

import com.zestythumb.formats.importing.Importer;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** A request's body may be so long and take so long: nobody holds a thread for as long as he likes. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
class BodyLimits extends OncePerRequestFilter {

    private static final long NANOS = 1_000_000L;

    private static final String BACKUP = "/api/backup";

    /**
     * Where more may be sent than a chart and what is played of it; a file that is too large is named by its reader. No
     * backup that was written is too large.
     */
    private static final Map<String, Long> LARGER =
            Map.of(BACKUP, 10_000_000_000L, "/api/imports", 2L * Importer.MAX_BYTES);

    /** A backup may take that much longer. */
    private static final int PATIENCE = 60;

    private final long most;
    private final long millis;

    BodyLimits(@Value("${zesty.body.bytes:2000000}") long most, @Value("${zesty.body.millis:30000}") long millis) {
        this.most = most;
        this.millis = millis;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long limit = LARGER.getOrDefault(request.getRequestURI(), most);
        if (request.getContentLengthLong() > limit) {
            Problem.write(response, ProblemKind.TOO_LARGE, BodyException.TOO_LARGE);
            return;
        }
        long patience = request.getRequestURI().equals(BACKUP) ? PATIENCE * millis : millis;
        chain.doFilter(new Limited(request, limit, System.nanoTime() + patience * NANOS), response);
    }

    /** The request with a watch on its body. */
    private static final class Limited extends HttpServletRequestWrapper {

        private final long limit;
        private final long deadline;

        Limited(HttpServletRequest request, long limit, long deadline) {
            super(request);
            this.limit = limit;
            this.deadline = deadline;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new Watched(super.getInputStream(), limit, deadline);
        }
    }

    /** Counts bytes and looks at the clock. */
    private static final class Watched extends ServletInputStream {

        private final ServletInputStream in;
        private final long deadline;
        private long left;

        Watched(ServletInputStream in, long limit, long deadline) {
            this.in = in;
            this.left = limit;
            this.deadline = deadline;
        }

        @Override
        public int read() throws IOException {
            byte[] one = new byte[1];
            return read(one, 0, 1) < 0 ? -1 : one[0] & 0xFF;
        }

        @Override
        public int read(byte[] bytes, int offset, int length) throws IOException {
            int read = in.read(bytes, offset, length);
            left -= Math.max(0, read);
            if (left < 0) {
                throw new BodyException(ProblemKind.TOO_LARGE);
            }
            if (read >= 0 && System.nanoTime() > deadline) {
                throw new BodyException(ProblemKind.TOO_SLOW);
            }
            return read;
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
