package com.zestythumb.core.chord;

import com.zestythumb.core.pitch.Interval;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads the suffix of a chord symbol: a kind from the table, then what alters it ({@code b9}, {@code +5}),
 * is added ({@code add11}), put in the third's place ({@code sus4}) or left out ({@code no5}), with or
 * without brackets and commas.
 */
final class SuffixReader {

    /** Kind, sign, number: one change to the kind before it. */
    private static final Pattern CHANGE =
            Pattern.compile("\\s*+[(,]?\\s*+(?:(add|no|omit|sus|maj|M|Δ)?([b#+\\-]?)(\\d{0,2}))\\s*+\\)?\\s*+,?");

    private static final int LONGEST = 40;

    private SuffixReader() {}

    static Optional<Quality> read(String typed) {
        String suffix = typed.replace('♭', 'b').replace('♯', '#').replace('−', '-');
        Quality known = QualityTable.BY_SPELLING.get(suffix);
        if (known != null) {
            return Optional.of(known);
        }
        if (suffix.length() > LONGEST) {
            return Optional.empty();
        }
        // The longest kind first, so that the 7 of m7 is not taken for an addition to m.
        for (int end = suffix.length(); end >= 0; end--) {
            Quality base = QualityTable.BY_SPELLING.get(suffix.substring(0, end));
            if (base != null) {
                Optional<List<Interval>> changed = change(base, suffix.substring(end));
                if (changed.isPresent()) {
                    return SuffixWriter.nameOf(changed.get());
                }
            }
        }
        return Optional.empty();
    }

    /** The kind with all changes made, or empty where the text is no row of changes. */
    static Optional<List<Interval>> change(Quality base, String changes) {
        List<Interval> tones = new ArrayList<>(base.intervals());
        Matcher m = CHANGE.matcher(changes);
        int at = 0;
        while (at < changes.length()) {
            m.region(at, changes.length());
            if (!m.lookingAt() || m.end() == at || !apply(tones, m)) {
                return Optional.empty();
            }
            at = m.end();
        }
        return Optional.of(tones);
    }

    private static boolean apply(List<Interval> tones, Matcher m) {
        String word = m.group(1) == null ? "" : m.group(1);
        String sign = m.group(2);
        int number = m.group(3).isEmpty() ? 0 : Integer.parseInt(m.group(3));
        boolean bracketed = m.group().contains("(");
        return switch (word) {
            case "sus" -> sign.isEmpty() && suspend(tones, number);
            case "no", "omit" -> sign.isEmpty() && number > 1 && tones.removeIf(t -> t.steps() == number - 1);
            case "maj", "M", "Δ" -> sign.isEmpty() && (number == 7 || number == 0) && majorSeventh(tones);
            case "add" -> number != 0 && add(tones, sign, number);
            default -> number != 0 && (!sign.isEmpty() || bracketed) && alter(tones, sign, number);
        };
    }

    private static boolean suspend(List<Interval> tones, int number) {
        tones.removeIf(t -> t.steps() == 2);
        return switch (number) {
            case 2 -> tones.add(Interval.MAJOR_SECOND);
            case 0, 4 -> tones.add(Interval.PERFECT_FOURTH);
            default -> false;
        };
    }

    private static boolean majorSeventh(List<Interval> tones) {
        tones.removeIf(t -> t.steps() == 6);
        return tones.add(Interval.parse("M7"));
    }

    private static boolean add(List<Interval> tones, String sign, int number) {
        // A second or fourth beside the third is written an octave higher, as everyone reads it.
        int high = number == 2 || number == 4 ? number + 7 : number;
        return spelled(sign, high)
                .map(tone -> tones.contains(tone) || tones.add(tone))
                .orElse(false);
    }

    /** A sign changes the tone with that number; only ninths and above may stand beside their natural. */
    private static boolean alter(List<Interval> tones, String sign, int number) {
        int high = number == 4 || number == 2 ? number + 7 : number;
        if (!List.of(5, 6, 7, 9, 11, 13).contains(high) || high == 7 && !sign.isEmpty()) {
            return false;
        }
        Optional<Interval> tone = spelled(sign, high);
        if (tone.isEmpty()) {
            return false;
        }
        tones.remove(natural(high));
        return tones.contains(tone.get()) || tones.add(tone.get());
    }

    private static Interval natural(int number) {
        return Interval.parse((number == 5 || number == 11 ? "P" : "M") + number);
    }

    private static Optional<Interval> spelled(String sign, int number) {
        if (!List.of(5, 6, 7, 9, 11, 13).contains(number)) {
            return Optional.empty();
        }
        Interval natural = number == 7 ? Interval.parse("m7") : natural(number);
        int change = sign.isEmpty() ? 0 : "b-".contains(sign) ? -1 : 1;
        return Optional.of(new Interval(natural.steps(), natural.semitones() + change));
    }
}
