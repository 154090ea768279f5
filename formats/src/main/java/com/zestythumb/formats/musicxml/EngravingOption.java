package com.zestythumb.formats.musicxml;

/** What editors do differently, each on wish. */
public enum EngravingOption {
    /** Accidentals of courtesy stand in brackets. */
    BRACKETS,
    /** What stays high above the treble clef, or low below the bass clef, is written an octave nearer, under 8va or over 8vb. */
    OCTAVE_LINES,
    /** What stays high above the bass clef is written in the treble clef, and the other way round. */
    CLEF_CHANGES,
    /** Every bar has its number. */
    ALL_NUMBERS,
    /** No bar has. */
    NO_NUMBERS,
    /** Numerals and closes stand as words below the left hand; the app's page has its own. */
    ANALYSIS
}
