package com.zestythumb.app.http;

/** What has a version, told as ETag, which whoever saves names in If-Match (RFC 9110, 8.8.3). */
public interface Versioned {

    long version();
}
