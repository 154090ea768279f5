package com.zestythumb.formats.midi;

import com.zestythumb.core.sheet.Fraction;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The keys as they go down and up, whichever voices want them: what is tied is one stroke, two voices on one key strike it
 * once, and a key is let go when the last of them lets it go. One that is struck while another voice holds it comes up first.
 */
final class KeysDown {

    /** A key from when it is struck until it is let go, in quarter notes. */
    record Stroke(int midi, Fraction from, Fraction to, int velocity) {

        private Stroke until(Fraction end) {
            return new Stroke(midi, from, end, velocity);
        }
    }

    private record Tied(int midi, Fraction next) {}

    private final List<Stroke> wanted = new ArrayList<>();
    /** Where the strokes stand that are tied into a note, by where that begins. */
    private final Map<Tied, Integer> tied = new HashMap<>();

    /**
     * Takes a note; one that is tied from another follows it.
     *
     * @param tiedTo where the note begins into which it is tied; null where it is not
     */
    void add(int midi, Fraction from, Fraction duration, Fraction tiedTo, int velocity) {
        Fraction to = from.plus(duration);
        Integer before = tied.get(new Tied(midi, from));
        int place = before == null ? wanted.size() : before;
        if (before == null) {
            wanted.add(new Stroke(midi, from, to, velocity));
        } else {
            wanted.set(place, wanted.get(place).until(later(wanted.get(place).to(), to)));
        }
        if (tiedTo != null) {
            tied.put(new Tied(midi, tiedTo), place);
        }
    }

    /** In the order in which they are struck. */
    List<Stroke> strokes() {
        Map<Integer, Stroke> down = new HashMap<>();
        List<Stroke> all = new ArrayList<>();
        List<Stroke> inTime = new ArrayList<>(wanted);
        inTime.sort(Comparator.comparing(Stroke::from));
        for (Stroke next : inTime) {
            Stroke last = down.get(next.midi());
            boolean meets = last != null && next.from().isBefore(last.to());
            if (!meets) {
                all.add(next);
                down.put(next.midi(), next);
                continue;
            }
            Fraction end = later(next.to(), last.to());
            int place = all.lastIndexOf(last);
            if (next.from().equals(last.from())) {
                Stroke both = new Stroke(next.midi(), next.from(), end, Math.max(next.velocity(), last.velocity()));
                all.set(place, both);
                down.put(next.midi(), both);
            } else {
                Stroke again = next.until(end);
                all.set(place, last.until(next.from()));
                all.add(again);
                down.put(next.midi(), again);
            }
        }
        return all;
    }

    private static Fraction later(Fraction one, Fraction other) {
        return one.max(other);
    }
}
