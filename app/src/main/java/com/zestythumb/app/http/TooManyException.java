package com.zestythumb.app.http;

/** Somebody asks too often for what is not there. */
public class TooManyException extends RuntimeException {}
