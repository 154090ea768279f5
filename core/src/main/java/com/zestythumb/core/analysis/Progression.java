package com.zestythumb.core.analysis;

/**
 * A row of chords that has a name.
 *
 * @param name what it is called, {@code "ii–V–I"}
 * @param from its first chord, counted among the sounding chords from 0
 * @param to the chord after its last
 */
public record Progression(String name, int from, int to) {

    /** By what it is told, in a phrase for a student, without full stop. */
    public String reason() {
        return switch (name) {
            case "circle of fifths" -> "each root falls a fifth to the next";
            case "bass walking down" -> "the bass falls by step";
            case "bass walking up" -> "the bass rises by step";
            case "lament bass" -> "the bass sinks from home to the dominant, in minor";
            case "pedal point" -> "the bass stays while the chords change";
            case "chromatic slide" -> "one and the same chord slides by half steps";
            case "turnaround" -> "four quick chords lead back to the beginning";
            case "twelve-bar blues" -> "twelve bars with IV in the fifth and V in the ninth";
            default ->
                name.startsWith("ground bass")
                        ? "one bass comes again and again from the beginning"
                        : "the roots stand on these degrees of one key";
        };
    }
}
