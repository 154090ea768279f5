package com.zestythumb.core.analysis;

/**
 * What a note of the tune is against the chord beneath it.
 *
 * @param bar index of its bar
 * @param place its place among the notes of the bar, rests counted, from 0
 * @param kind what it is
 * @param stressed whether it is foreign to its chord on a strong beat: a note to bring out
 */
public record TuneNote(int bar, int place, Standing kind, boolean stressed) {

    /** Whether it passes by step and does not lean, so that it is neither an accent nor a clash (common practice). */
    public boolean passes() {
        return kind == Standing.PASSING && !stressed;
    }

    /** Chord tones and the foreign notes of common practice. */
    public enum Standing {
        CHORD_TONE("of the chord"),
        PASSING("that passes by step from one note of the harmony to the next"),
        NEIGHBOUR("that steps away and comes back"),
        SUSPENSION("that is held over from the chord before and steps down"),
        APPOGGIATURA("that leans on the chord and resolves by step"),
        ANTICIPATION("that comes before its chord"),
        ESCAPE("that steps away and leaps back"),
        PEDAL("that is held through a chord it does not belong to"),
        FREE("that is foreign to the chord");

        private final String words;

        Standing(String words) {
            this.words = words;
        }

        /** What it does, to follow "a note". */
        public String words() {
            return words;
        }
    }
}
