package com.zestythumb.app.http;

import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Tells the calls of students, which go by the code of a link, from the teacher's. */
final class Students {

    private Students() {}

    static boolean isOfStudents(String path) {
        return path.startsWith("/api/answers/") || path.startsWith("/api/practising/");
    }

    /** Whether the request that is answered now is a student's; it may have been passed on within the app. */
    static boolean areAsking() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes now
                && (isOfStudents(now.getRequest().getRequestURI())
                        || now.getRequest().getAttribute("jakarta.servlet.forward.request_uri") instanceof String from
                                && isOfStudents(from));
    }
}
