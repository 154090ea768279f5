package com.zestythumb.app.http;

/** Someone else saved first. */
public class ConflictException extends RuntimeException {

    /** Names what was changed, as in "this tune". */
    public ConflictException(String what) {
        super(what + " was changed elsewhere since you opened it; load it anew or keep yours");
    }
}
