package com.zestythumb.formats;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.Spelling;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What plays in a file, staff by staff, voice by voice or track by track, and which of it is the tune and which the left hand.
 *
 * @param lines all there is to choose from; empty where the format knows no such thing
 * @param tune id of the line in which the tune is; empty where none is
 * @param left id of the line of the left hand; empty where none is, or where it was told apart from the tune's own line
 */
public record Hands(List<Source> lines, String tune, String left) {

    public static final Hands NONE = new Hands(List.of(), "", "");

    /**
     * A staff, voice or track.
     *
     * @param notes how many notes it has
     * @param lowest its lowest note, as "C3"
     */
    public record Source(String id, String name, int notes, String lowest, String highest) {}

    /**
     * Which lines are wanted.
     *
     * @param tune id of a line; null for the usual one
     * @param left id of a line, empty for none; null for the usual one
     */
    public record Wanted(String tune, String left) {

        public static final Wanted USUAL = new Wanted(null, null);
    }

    /** Counts the notes of lines while a file is read. */
    public static final class Counter {

        private static final Key PLAIN = Key.parse("C");

        private static final class Count {
            private String name;
            private int notes;
            private int lowest = Integer.MAX_VALUE;
            private int highest;
        }

        private final Map<String, Count> counts = new LinkedHashMap<>();

        /** Names a line; the first name stays. */
        public void name(String id, String name) {
            Count count = counts.computeIfAbsent(id, line -> new Count());
            count.name = count.name == null ? name : count.name;
        }

        public void add(String id, int midi) {
            Count count = counts.computeIfAbsent(id, line -> new Count());
            count.notes++;
            count.lowest = Math.min(count.lowest, midi);
            count.highest = Math.max(count.highest, midi);
        }

        /** Those that have a note, in the order in which they came. */
        public List<Source> lines() {
            List<Source> lines = new ArrayList<>();
            counts.forEach((id, count) -> {
                if (count.notes > 0) {
                    lines.add(new Source(id, count.name, count.notes, name(count.lowest), name(count.highest)));
                }
            });
            return lines;
        }

        private static String name(int midi) {
            Pitch pitch = Spelling.of(midi, PLAIN);
            return pitch.pretty();
        }
    }
}
