package com.zestythumb.core.pitch;

import java.util.Locale;

/** Major, minor and the church modes: where the signature lies, and the natural scale above the tonic. */
public enum Mode {
    MAJOR("major", 0, "M2", "M3", "P4", "P5", "M6", "M7"),
    MINOR("minor", -3, "M2", "m3", "P4", "P5", "m6", "m7"),
    DORIAN("dorian", -2, "M2", "m3", "P4", "P5", "M6", "m7"),
    PHRYGIAN("phrygian", -4, "m2", "m3", "P4", "P5", "m6", "m7"),
    LYDIAN("lydian", 1, "M2", "M3", "A4", "P5", "M6", "M7"),
    MIXOLYDIAN("mixolydian", -1, "M2", "M3", "P4", "P5", "M6", "m7"),
    LOCRIAN("locrian", -5, "m2", "m3", "P4", "d5", "m6", "m7");

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

    /** Reads a word or its usual short form, {@code "mix"}, {@code "m"}; null where it is no mode. */
    static Mode named(String word) {
        String lower = word.toLowerCase(Locale.ROOT);
        if (word.equals("m") || lower.startsWith("min") || lower.startsWith("aeo") || lower.equals("moll")) {
            return MINOR;
        }
        if (lower.isEmpty()
                || word.equals("M")
                || lower.startsWith("maj")
                || lower.startsWith("ion")
                || lower.equals("dur")) {
            return MAJOR;
        }
        for (Mode mode : values()) {
            if (lower.length() >= 3 && mode.word.startsWith(lower)) {
                return mode;
            }
        }
        return null;
    }

    /** Sharps (positive) or flats that its signature has beyond that of major on the same tonic. */
    public int fifthsFromMajor() {
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
