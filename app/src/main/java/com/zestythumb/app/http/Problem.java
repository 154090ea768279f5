package com.zestythumb.app.http;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/** Answers with a problem (RFC 9457) where no controller is reached. */
final class Problem {

    private Problem() {}

    /** Writes one; the detail holds no quotes. */
    static void write(HttpServletResponse response, ProblemKind kind, String detail) throws IOException {
        HttpStatus status = kind.status();
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8);
        response.getWriter()
                .write("{\"type\":\"" + kind.type() + "\",\"status\":" + status.value() + ",\"title\":\""
                        + status.getReasonPhrase() + "\",\"detail\":\"" + detail + "\"}");
    }
}
