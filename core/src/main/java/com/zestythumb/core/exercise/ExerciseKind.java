package com.zestythumb.core.exercise;

/** What a student is to find. */
public enum ExerciseKind {
    /** The chords of the left hand. */
    CHORDS(How.PLAYED),
    /** The bass alone. */
    BASS(How.PLAYED),
    /** The chords, each in the inversion that is told. */
    INVERSIONS(How.PLAYED),
    /** The chords from a bass and its figures. */
    FIGURES(How.PLAYED),
    /** The chords in another key. */
    TRANSPOSED(How.PLAYED),
    /** Four parts on two staves, to the tune or to the bass. */
    FOUR_PARTS(How.PLAYED),
    /** The chords as they are under another signature, every note on its line or space. */
    SIGNATURE(How.PLAYED),
    /** A finger for each note of the left hand. */
    FINGERS(How.WRITTEN),
    /** The Roman numeral of each chord. */
    NUMERALS(How.WRITTEN),
    /** The name of each chord that is written. */
    NAMES(How.WRITTEN),
    /** A chord for each place of a tune. */
    HARMONY(How.WRITTEN),
    /** The kind of each close. */
    CLOSES(How.CHOSEN),
    /** The bar that is not like the others. */
    ODD_BAR(How.CHOSEN),
    /** The chord at which a rule is broken. */
    FAULT(How.CHOSEN),
    /** How a key is called in a chord. */
    SPELLING(How.CHOSEN),
    /** What a note is that is none of its chord. */
    NON_CHORD(How.CHOSEN),
    /** The keys of a word that is spelled in notes, by ear. */
    RIDDLE(How.PLAYED);

    /** How it is answered. */
    public enum How {
        /** On the keys. */
        PLAYED,
        /** In a word or two. */
        WRITTEN,
        /** By one of several words. */
        CHOSEN
    }

    private final How how;

    ExerciseKind(How how) {
        this.how = how;
    }

    public How how() {
        return how;
    }

    /** Whether keys are played as chords of a left hand. */
    boolean isVoiced() {
        return ordinal() <= SIGNATURE.ordinal();
    }
}
