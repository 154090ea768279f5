package com.zestythumb.core.voiceleading;

/**
 * Something to mind, at its place.
 *
 * @param kind which rule speaks
 * @param chord index of the chord where it is met
 * @param bar number of its bar as a teacher counts, from 1
 * @param message what is there, with its measure
 * @param remedy what to do about it
 */
public record Finding(Kind kind, int chord, int bar, String message, String remedy) {

    /** The rules, in the order in which their findings are listed within a bar. */
    public enum Kind {
        STRETCH,
        LEAP,
        MUD,
        PARALLEL_FIFTHS,
        PARALLEL_OCTAVES
    }
}
