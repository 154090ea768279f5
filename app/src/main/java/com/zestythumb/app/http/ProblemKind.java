package com.zestythumb.app.http;

import java.net.URI;
import java.util.Locale;
import java.util.OptionalInt;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** What can go wrong with a call (RFC 9457): its type is a page that says what it means and what to do. */
public enum ProblemKind {
    SENSELESS(HttpStatus.BAD_REQUEST, "What was sent makes no sense; the detail says where, and how to fix it."),
    OTHER_SITE(HttpStatus.FORBIDDEN, "A page of another site asked; open the app's own page and do it there."),
    NOT_FOUND(HttpStatus.NOT_FOUND, "There is no such thing, or not any more; load the page anew."),
    TOO_SLOW(HttpStatus.REQUEST_TIMEOUT, "The body came too slowly; send it once more over a better line."),
    DONE_TWICE(HttpStatus.CONFLICT, "Somebody did the same at this very moment; load the page anew."),
    OVERTAKEN(HttpStatus.CONFLICT, "The page has asked anew meanwhile; take the newer answer."),
    REFUSED(HttpStatus.CONFLICT, "It cannot be done as things stand; the detail says what goes before."),
    CHANGED_ELSEWHERE(
            HttpStatus.PRECONDITION_FAILED, "Another version was saved meanwhile; fetch it, and save over that one."),
    TOO_LARGE(HttpStatus.CONTENT_TOO_LARGE, "More was sent than is taken at once; send it in parts."),
    UNKNOWN_NAME(
            HttpStatus.MISDIRECTED_REQUEST,
            "The app was called by a name that it does not know; start it with that name."),
    TOO_LONG(
            HttpStatus.UNPROCESSABLE_CONTENT,
            "It takes longer than the app may think about one thing; try it with less."),
    UNREADABLE_FILE(HttpStatus.UNPROCESSABLE_CONTENT, "The file cannot be read; the detail says why."),
    VERSION_NEEDED(HttpStatus.PRECONDITION_REQUIRED, "Name the version that you have seen in If-Match."),
    TOO_MANY(HttpStatus.TOO_MANY_REQUESTS, "Too much was asked of late; wait as long as Retry-After says."),
    UNFORESEEN(
            HttpStatus.INTERNAL_SERVER_ERROR, "Nobody foresaw it; the log tells more under the number in the detail."),
    BUSY(HttpStatus.SERVICE_UNAVAILABLE, "There is too much to do just now; try again as soon as Retry-After says.");

    /** Where the pages are. */
    static final String PAGES = "/api/problems/";

    private final HttpStatus status;
    private final String meaning;

    ProblemKind(HttpStatus status, String meaning) {
        this.status = status;
        this.meaning = meaning;
    }

    /** After how many seconds it is worth another try, where that is known. */
    OptionalInt retryAfter() {
        return switch (this) {
            case BUSY -> OptionalInt.of(1);
            case TOO_MANY -> OptionalInt.of(60);
            default -> OptionalInt.empty();
        };
    }

    /** As it stands in its address: {@code "changed-elsewhere"}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    HttpStatus status() {
        return status;
    }

    String meaning() {
        return meaning;
    }

    URI type() {
        return URI.create(PAGES + id());
    }

    /** To be thrown. */
    public ProblemException because(String detail) {
        return new ProblemException(this, detail);
    }

    /** One of this kind. */
    public ProblemDetail with(String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setType(type());
        return problem;
    }
}
