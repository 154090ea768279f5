package com.zestythumb.core.chord;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The kinds of chord in common use, one row each: the suffix printed, what it is called, its intervals
 * and other spellings that are read. A new kind is a new row; all that alters or adds to a kind is read
 * by {@link SuffixReader} without one.
 */
final class QualityTable {

    record Row(Quality quality, List<String> aliases) {}

    static final List<Row> ROWS = List.of(
            row(Quality.MAJOR, "M", "maj", "ma", "Maj", "major"),
            row(Quality.MINOR, "min", "mi", "-", "Min", "minor"),
            row(Quality.DIMINISHED, "°", "o", "mb5"),
            row(Quality.AUGMENTED, "+"),
            row(Quality.SUSPENDED_SECOND),
            row(Quality.SUSPENDED_FOURTH, "sus", "4"),
            row("5", "open fifth", "P1 P5", "no3"),
            row(Quality.SIXTH, "maj6", "M6", "ma6", "add6"),
            row(Quality.MINOR_SIXTH, "min6", "mi6", "-6", "madd6"),
            row("add9", "added ninth", "P1 M3 P5 M9", "add2", "2"),
            row("madd9", "minor, added ninth", "P1 m3 P5 M9", "minadd9", "madd2", "-add9"),
            row(Quality.DOMINANT_SEVENTH, "dom7", "dom"),
            row(Quality.MAJOR_SEVENTH, "M7", "Maj7", "Δ7", "Δ", "ma7", "j7", "△7", "△"),
            row(Quality.MINOR_SEVENTH, "min7", "mi7", "-7"),
            row(Quality.HALF_DIMINISHED, "ø7", "ø", "Ø", "Ø7", "-7b5", "halfdim", "halfdim7"),
            row(Quality.DIMINISHED_SEVENTH, "°7", "o7"),
            row("mM7", "minor, major seventh", "P1 m3 P5 M7", "mmaj7", "minmaj7", "-Δ7", "-maj7", "mΔ7", "mΔ", "-M7"),
            row("dimM7", "diminished, major seventh", "P1 m3 d5 M7", "°M7", "oM7", "dimmaj7"),
            row("7#5", "augmented seventh", "P1 M3 A5 m7", "aug7", "+7", "7+"),
            row("maj7#5", "augmented, major seventh", "P1 M3 A5 M7", "augmaj7", "+maj7", "+M7", "+Δ7", "M7#5"),
            row("7b5", "seventh, flat fifth", "P1 M3 d5 m7"),
            row("7sus4", "seventh, suspended fourth", "P1 P4 P5 m7", "7sus", "sus7", "sus47"),
            row("7sus2", "seventh, suspended second", "P1 M2 P5 m7"),
            row("maj7sus4", "major seventh, suspended fourth", "P1 P4 P5 M7", "M7sus4"),
            row("6add9", "sixth, added ninth", "P1 M3 P5 M6 M9", "69", "6(9)", "M69", "maj69"),
            row("m6add9", "minor sixth, added ninth", "P1 m3 P5 M6 M9", "m69", "min69", "-69"),
            row("9", "ninth", "P1 M3 P5 m7 M9", "dom9"),
            row("9#5", "augmented ninth", "P1 M3 A5 m7 M9", "+9", "aug9", "9+"),
            row("7b9", "seventh, flat ninth", "P1 M3 P5 m7 m9"),
            row("7#9", "seventh, sharp ninth", "P1 M3 P5 m7 A9"),
            row("maj9", "major ninth", "P1 M3 P5 M7 M9", "M9", "Maj9", "Δ9", "ma9", "△9"),
            row("m9", "minor ninth", "P1 m3 P5 m7 M9", "min9", "mi9", "-9"),
            row("mM9", "minor, major ninth", "P1 m3 P5 M7 M9", "mmaj9", "minmaj9", "-Δ9", "-M9"),
            row("9sus4", "ninth, suspended fourth", "P1 P4 P5 m7 M9", "9sus", "sus9"),
            row("11", "eleventh", "P1 P5 m7 M9 P11"),
            row("m11", "minor eleventh", "P1 m3 P5 m7 M9 P11", "min11", "mi11", "-11"),
            row("maj11", "major eleventh", "P1 M3 P5 M7 M9 P11", "M11", "Δ11"),
            row("7#11", "seventh, sharp eleventh", "P1 M3 P5 m7 A11", "7#4"),
            row(
                    "maj7#11",
                    "major seventh, sharp eleventh",
                    "P1 M3 P5 M7 A11",
                    "M7#11",
                    "Δ#11",
                    "maj7#4",
                    "maj#4",
                    "maj#11",
                    "Δ#4"),
            row("9#11", "ninth, sharp eleventh", "P1 M3 P5 m7 M9 A11"),
            row("13", "thirteenth", "P1 M3 P5 m7 M9 M13", "dom13"),
            row("maj13", "major thirteenth", "P1 M3 P5 M7 M9 M13", "M13", "Maj13", "Δ13", "ma13"),
            row("m13", "minor thirteenth", "P1 m3 P5 m7 M9 M13", "min13", "mi13", "-13"),
            row("13sus4", "thirteenth, suspended fourth", "P1 P4 P5 m7 M9 M13", "13sus"),
            row("7b13", "seventh, flat thirteenth", "P1 M3 P5 m7 m13", "7b6"),
            row("7alt", "altered dominant", "P1 M3 A5 m7 A9", "alt", "alt7", "7#5#9"));

    /** Suffix or alias, and the row it stands for. */
    static final Map<String, Quality> BY_SPELLING = new HashMap<>();

    static {
        for (Row row : ROWS) {
            BY_SPELLING.put(row.quality().suffix(), row.quality());
            row.aliases().forEach(alias -> BY_SPELLING.put(alias, row.quality()));
        }
    }

    private QualityTable() {}

    private static Row row(Quality quality, String... aliases) {
        return new Row(quality, List.of(aliases));
    }

    private static Row row(String suffix, String description, String intervals, String... aliases) {
        return row(Quality.of(suffix, description, intervals), aliases);
    }
}
