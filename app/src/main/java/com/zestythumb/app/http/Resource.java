package com.zestythumb.app.http;

/** What a call answers with and has an address of its own, told as Location where it was made (RFC 9110, 10.2.2). */
public interface Resource {

    /** Below the app's own. */
    String address();
}
