package com.zestythumb.app.http;

/** Something would be saved without telling over which version. */
public class VersionNeededException extends RuntimeException {}
