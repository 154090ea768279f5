package com.zestythumb.app.http;

/** The page that asked has asked anew meanwhile. */
public class OvertakenException extends RuntimeException {}
