package com.zestythumb.app.http;

/** Someone else saved first. */
public class ConflictException extends RuntimeException {

    public ConflictException(String message) {
        super(message);
    }
}
