package com.zestythumb.app.http;

/** What was asked for is not there. */
public class NotFoundException extends RuntimeException {

    public NotFoundException(String message) {
        super(message);
    }
}
