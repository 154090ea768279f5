package com.zestythumb.app.arrange;

import java.util.Set;

/** Faults of which the teacher never wants to be told. */
public interface Unwanted {

    /** By their codes. */
    Set<String> codes();
}
