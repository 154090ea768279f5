package com.zestythumb.app.http;

/** There is more to do than can be done soon. */
public class BusyException extends RuntimeException {}
