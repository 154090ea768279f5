package com.zestythumb.app.http;

import java.io.IOException;

/** A body is longer than it may be, or takes longer. */
final class BodyException extends IOException {

    static final String TOO_LARGE = "what was sent is too large; send it in parts";
    private static final String TOO_SLOW = "what was sent took too long to arrive; try again on a better line";

    private final ProblemKind kind;

    BodyException(ProblemKind kind) {
        super(kind == ProblemKind.TOO_LARGE ? TOO_LARGE : TOO_SLOW);
        this.kind = kind;
    }

    ProblemKind kind() {
        return kind;
    }
}
