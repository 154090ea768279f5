package com.zestythumb.app.http;

/** The work was not done by its deadline. */
public class TooLongException extends RuntimeException {}
