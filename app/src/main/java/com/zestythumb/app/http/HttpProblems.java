package com.zestythumb.app.http;

import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.slf4j.MDC;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;

/** Errors as application/problem+json (RFC 9457), each saying where and what to do. */
@RestControllerAdvice
class HttpProblems extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(HttpProblems.class);
    private static final String OURS = "com.zestythumb.";

    /** What our own code finds senseless it says in words; what others throw nobody foresaw. */
    @ExceptionHandler
    ProblemDetail senseless(IllegalArgumentException e) {
        StackTraceElement[] trace = e.getStackTrace();
        if (trace.length > 0 && !trace[0].getClassName().startsWith(OURS)) {
            return unforeseen(e);
        }
        return ProblemKind.SENSELESS.with(e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail unforeseen(RuntimeException e) {
        LOG.error("nobody foresaw this", e);
        return ProblemKind.UNFORESEEN.with(
                "something went wrong that nobody foresaw; what you typed is kept on the page. The log tells more under "
                        + MDC.get(RequestLog.KEY));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> foreseen(ProblemException e) {
        ResponseEntity.BodyBuilder answer = ResponseEntity.status(e.kind().status());
        e.kind().retryAfter().ifPresent(seconds -> answer.header(HttpHeaders.RETRY_AFTER, "" + seconds));
        return answer.body(e.kind().with(e.getMessage()));
    }

    /** Two saved at the same moment. */
    @ExceptionHandler
    ProblemDetail changedElsewhere(ObjectOptimisticLockingFailureException e) {
        return ProblemKind.CHANGED_ELSEWHERE.with(Versions.changed("this"));
    }

    /** Two did the same at the same moment, and the database has room for one. */
    @ExceptionHandler
    ProblemDetail doneTwice(DataIntegrityViolationException e) {
        return ProblemKind.DONE_TWICE.with("somebody did the same at this very moment; load the page anew");
    }

    /** Whether the body came too slowly or was too long. */
    @ExceptionHandler
    ProblemDetail body(BodyException e) {
        return e.kind().with(e.getMessage());
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String detail = e.getBindingResult().getFieldErrors().stream()
                .map(error -> error.getField() + " " + error.getDefaultMessage())
                .collect(Collectors.joining("; "));
        return handleExceptionInternal(e, ProblemKind.SENSELESS.with(detail), headers, status, request);
    }

    /** The field that cannot be read, as {@code "choices.hand.span: "}; empty where it is no JSON at all. */
    private static String where(HttpMessageNotReadableException e) {
        if (!(e.getCause() instanceof JacksonException unread)
                || unread.getPath().isEmpty()) {
            return "";
        }
        StringBuilder path = new StringBuilder();
        for (JacksonException.Reference step : unread.getPath()) {
            if (step.getPropertyName() == null) {
                path.append('[').append(step.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            }
        }
        return path.append(": ").toString();
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        for (Throwable cause = e.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof BodyException body) {
                return ResponseEntity.of(body(body)).build();
            }
        }
        ProblemDetail problem =
                ProblemKind.SENSELESS.with(where(e) + "the request is not the JSON this call takes; see /api/openapi");
        return handleExceptionInternal(e, problem, headers, status, request);
    }

    /** A parameter of the address, such as a number that is none. */
    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String detail = "\"%s\" cannot be \"%s\"; see /api/openapi".formatted(e.getPropertyName(), e.getValue());
        return handleExceptionInternal(e, ProblemKind.SENSELESS.with(detail), headers, status, request);
    }
}
