package com.zestythumb.app.http;

import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.slf4j.MDC;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
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
    ProblemDetail missing(NotFoundException e) {
        return ProblemKind.NOT_FOUND.with(e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail changedElsewhere(ConflictException e) {
        return ProblemKind.CHANGED_ELSEWHERE.with(e.getMessage());
    }

    /** Two saved at the same moment. */
    @ExceptionHandler
    ProblemDetail changedElsewhere(ObjectOptimisticLockingFailureException e) {
        return changedElsewhere(new ConflictException("this"));
    }

    /** Two did the same at the same moment, and the database has room for one. */
    @ExceptionHandler
    ProblemDetail doneTwice(DataIntegrityViolationException e) {
        return ProblemKind.DONE_TWICE.with("somebody did the same at this very moment; load the page anew");
    }

    @ExceptionHandler
    ProblemDetail overWhich(VersionNeededException e) {
        return ProblemKind.VERSION_NEEDED.with("name the version you have seen in If-Match");
    }

    /** In a moment there is room again. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> busy(BusyException e) {
        return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                .header(HttpHeaders.RETRY_AFTER, "1")
                .body(ProblemKind.BUSY.with("the app has too much to do just now; try again in a moment"));
    }

    /** Somebody tries one link after another. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooMany(TooManyException e) {
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .header(HttpHeaders.RETRY_AFTER, "60")
                .body(ProblemKind.TOO_MANY.with(
                        "too many links that lead nowhere were tried from here; wait a minute and try the right one"));
    }

    @ExceptionHandler
    ProblemDetail tooLong(TooLongException e) {
        return ProblemKind.TOO_LONG.with(
                "this takes longer than the app may think about one thing; try it with less, a part of the tune or file");
    }

    /** Whether the body came too slowly or was too long. */
    @ExceptionHandler
    ProblemDetail body(BodyException e) {
        return (e.tooLarge() ? ProblemKind.TOO_LARGE : ProblemKind.TOO_SLOW).with(e.getMessage());
    }

    /** Nobody waits for this answer any more. */
    @ExceptionHandler
    ProblemDetail overtaken(OvertakenException e) {
        return ProblemKind.OVERTAKEN.with("this page has asked anew meanwhile; the newer question is answered");
    }

    @ExceptionHandler
    ProblemDetail refused(RefusedException e) {
        return ProblemKind.REFUSED.with(e.getMessage());
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
