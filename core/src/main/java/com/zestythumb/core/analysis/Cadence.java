package com.zestythumb.core.analysis;

/**
 * How a phrase ends.
 *
 * @param kind which close it is
 * @param chord the chord that closes, counted among the sounding chords from 0
 * @param reason which chords make it, in a phrase for a student, without full stop
 * @param confidence 0 to 1: that of the less certain of these chords
 */
public record Cadence(Close kind, int chord, String reason, double confidence) {

    /** The closes of common practice. */
    public enum Close {
        /** V–I, both in root position and the tune on the keynote. */
        PERFECT("perfect authentic", "a full stop"),
        /** V–I with an inversion, or another note of the tune on top. */
        AUTHENTIC("imperfect authentic", "a full stop, lightly"),
        HALF("half", "a comma: it waits on the dominant"),
        PHRYGIAN("Phrygian half", "a comma: the bass sinks a half step onto the dominant"),
        DECEPTIVE("deceptive", "a surprise: home was expected"),
        PLAGAL("plagal", "an amen");

        private final String word;
        private final String meaning;

        Close(String word, String meaning) {
            this.word = word;
            this.meaning = meaning;
        }

        public String word() {
            return word;
        }

        /** What a student hears. */
        public String meaning() {
            return meaning;
        }
    }
}
