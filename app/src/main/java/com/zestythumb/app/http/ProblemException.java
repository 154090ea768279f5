package com.zestythumb.app.http;

/** What ends a call: which kind of problem it is, and in words where it lies and what to do. */
public class ProblemException extends RuntimeException {

    private final ProblemKind kind;

    ProblemException(ProblemKind kind, String detail) {
        super(detail);
        this.kind = kind;
    }

    public ProblemKind kind() {
        return kind;
    }
}
