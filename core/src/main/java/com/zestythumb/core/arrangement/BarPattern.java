package com.zestythumb.core.arrangement;

import java.util.List;

/**
 * What the left hand does in a bar.
 *
 * @param bar index of the written bar, from 0
 * @param kind the id of a pattern of the catalogue, or of a {@link Kind}; empty where it has no name
 * @param name as a teacher calls it
 * @param members which members of the chord it runs over until it comes again: {@code "root 5th 3rd 5th"}
 * @param odd counts of the meter, from 1, where it is not as in the other bars; none where it is
 * @param text its strokes as the text of a {@link com.zestythumb.core.pattern.AccompanimentPattern}, to be used elsewhere; empty where they cannot be told so
 */
public record BarPattern(int bar, String kind, String name, String members, List<Integer> odd, String text) {

    public BarPattern {
        odd = List.copyOf(odd);
    }

    /** What is no pattern of the catalogue and has a name all the same (common practice). */
    public enum Kind {
        ONE_NOTE("One held note"),
        REPEATED_NOTE("One note again and again"),
        DOUBLES("The tune, doubled below"),
        OCTAVE_BROKEN("Octave, then broken chord"),
        BASS_BROKEN("Bass, then broken chord"),
        OCTAVE_CHORDS("Octave, then chords"),
        HELD_THUMB("Walking under a held thumb"),
        WALKING_BASS("Walking bass"),
        SCALE("Scale"),
        ARPEGGIO("Arpeggio"),
        BROKEN("Broken chord");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether every bar of the kind goes the same way over its keys. */
        boolean isOneShape() {
            return this == OCTAVE_BROKEN || this == BASS_BROKEN || this == OCTAVE_CHORDS || this == BROKEN;
        }
    }
}
