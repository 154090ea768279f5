package com.zestythumb.core.pitch;

/** The two modes a key signature is read in, with the natural scale's semitones above the tonic. */
public enum Mode {
    MAJOR("major", 0, "M2", "M3", "P4", "P5", "M6", "M7"),
    MINOR("minor", -3, "M2", "m3", "P4", "P5", "m6", "m7");

    private final String word;
    private final int fifthsFromMajor;
    private final Interval[] degrees;

    Mode(String word, int fifthsFromMajor, String... degreesAboveTonic) {
        this.word = word;
        this.fifthsFromMajor = fifthsFromMajor;
        this.degrees = new Interval[7];
        degrees[0] = Interval.parse("P1");
        for (int i = 1; i < 7; i++) {
            degrees[i] = Interval.parse(degreesAboveTonic[i - 1]);
        }
    }

    int fifthsFromMajor() {
        return fifthsFromMajor;
    }

    /** Interval from the tonic up to a degree, 1 to 7. */
    public Interval degree(int degree) {
        return degrees[degree - 1];
    }

    @Override
    public String toString() {
        return word;
    }
}
