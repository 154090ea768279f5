package com.zestythumb.app.http;

/** What is asked for would leave something in disorder; the message says why and what to do. */
public class RefusedException extends RuntimeException {

    public RefusedException(String message) {
        super(message);
    }
}
