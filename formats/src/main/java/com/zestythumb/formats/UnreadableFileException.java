package com.zestythumb.formats;

/** A file that cannot be read; the message says why, and what to do. */
public final class UnreadableFileException extends RuntimeException {

    public UnreadableFileException(String message) {
        super(message);
    }

    public UnreadableFileException(String message, Throwable cause) {
        super(message, cause);
    }
}
