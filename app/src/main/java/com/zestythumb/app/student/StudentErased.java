package com.zestythumb.app.student;

/**
 * A student is about to be erased for good, in the same transaction: what is kept elsewhere under this row or this name goes with it.
 *
 * @param isNameShared whether another student is called the same, so that the name alone does not tell whose something is
 */
public record StudentErased(Student student, boolean isNameShared) {}
