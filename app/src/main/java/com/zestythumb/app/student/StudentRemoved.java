package com.zestythumb.app.student;

/** A student was just removed, in the same transaction. */
public record StudentRemoved(long id) {}
