package com.zestythumb.core.analysis;

/** Why a chord is where it is (common practice of harmony teaching). */
public enum Role {
    /** Belongs to the key; in minor to any of its three forms. */
    DIATONIC,
    /** The dominant, or the leading-tone chord, of another chord of the key. */
    APPLIED,
    /** The ii that goes before an applied dominant. */
    RELATED,
    /** From the key with the same tonic in the other mode. */
    BORROWED,
    NEAPOLITAN,
    AUGMENTED_SIXTH,
    /** The tonic's notes over the dominant's bass. */
    CADENTIAL,
    /** A second inversion over a bass that passes by step. */
    PASSING,
    /** A second inversion over a bass that stays. */
    PEDAL,
    /** A diminished seventh that shares its place with the chord it decorates. */
    COMMON_TONE,
    SUSPENDED,
    TRITONE_SUBSTITUTE,
    BACKDOOR,
    /** A tonic or subdominant with a minor seventh that is at rest. */
    BLUES,
    CHROMATIC,
    /** As the teacher hears it, whatever the rules say. */
    HEARD
}
