package com.zestythumb.formats;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/**
 * What was read from a file, what was guessed, and what was left out.
 *
 * @param format the file's format
 * @param lines one line a matter
 */
public record ImportReport(String format, List<Line> lines) {

    /** What became of it. */
    public enum Fate {
        READ,
        GUESSED,
        REPAIRED,
        LEFT_OUT
    }

    /**
     * A line of the report.
     *
     * @param bars the bars it is about, {@code "3, 5–8"}; empty for the whole tune
     */
    public record Line(Fate fate, String what, String bars) {}

    public ImportReport {
        lines = List.copyOf(lines);
    }

    /** Gathers the lines while a file is read; the same matter in many bars becomes one line. */
    public static final class Builder {

        private record Matter(Fate fate, String what) {}

        private final Map<Matter, TreeSet<Integer>> matters = new LinkedHashMap<>();

        public void add(Fate fate, String what) {
            matters.computeIfAbsent(new Matter(fate, what), m -> new TreeSet<>());
        }

        /** About one bar, by the number a teacher calls it. */
        public void add(Fate fate, String what, int bar) {
            matters.computeIfAbsent(new Matter(fate, what), m -> new TreeSet<>())
                    .add(bar);
        }

        /** All that another one tells. */
        public void addAll(Builder other) {
            other.matters.forEach((matter, bars) ->
                    matters.computeIfAbsent(matter, m -> new TreeSet<>()).addAll(bars));
        }

        public ImportReport build(String format) {
            List<Line> lines = new ArrayList<>();
            for (Fate fate : Fate.values()) {
                matters.forEach((matter, bars) -> {
                    if (matter.fate() == fate) {
                        lines.add(new Line(fate, matter.what(), ranges(bars)));
                    }
                });
            }
            return new ImportReport(format, lines);
        }

        private static String ranges(TreeSet<Integer> bars) {
            List<String> parts = new ArrayList<>();
            int from = Integer.MIN_VALUE;
            int to = Integer.MIN_VALUE;
            for (int bar : bars) {
                if (bar != to + 1) {
                    addRange(parts, from, to);
                    from = bar;
                }
                to = bar;
            }
            addRange(parts, from, to);
            return String.join(", ", parts);
        }

        private static void addRange(List<String> parts, int from, int to) {
            if (from != Integer.MIN_VALUE) {
                parts.add(from == to ? "" + from : from + (to == from + 1 ? ", " : "–") + to);
            }
        }
    }
}
