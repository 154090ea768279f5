package com.zestythumb.core.pitch;

/** The signs before or behind a note name, as text. */
final class Accidentals {

    private Accidentals() {}

    static int alteration(String signs) {
        return switch (signs) {
            case "x", "𝄪" -> 2;
            case "𝄫" -> -2;
            default ->
                (int) signs.chars()
                        .mapToLong(c -> c == '#' || c == '♯' ? 1 : -1)
                        .sum();
        };
    }

    /** Folds a difference of semitones into −6 … 5. */
    static int nearest(int semitones) {
        return Math.floorMod(semitones + 6, 12) - 6;
    }

    static String ascii(int alteration) {
        return alteration >= 0 ? "#".repeat(alteration) : "b".repeat(-alteration);
    }

    static String pretty(int alteration) {
        return switch (alteration) {
            case 2 -> "𝄪";
            case -2 -> "𝄫";
            default -> alteration >= 0 ? "♯".repeat(alteration) : "♭".repeat(-alteration);
        };
    }
}
