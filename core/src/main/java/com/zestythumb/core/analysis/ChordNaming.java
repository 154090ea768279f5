package com.zestythumb.core.analysis;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.ChordFinder;
import com.zestythumb.core.chord.ChordFinder.Guess;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import java.util.ArrayList;
import java.util.List;

/**
 * Names the chords of written-out music, bar by bar. Of all ways to part a bar at its counts the one is
 * taken in which the chords explain the notes best and change least often: an exact search, O(counts²)
 * namings a bar. What stays short and unaccented against its neighbours is left aside as a non-chord tone.
 */
public final class ChordNaming {

    /**
     * A note that sounds in a bar.
     *
     * @param midi the key
     * @param onset quarter notes after the bar line
     * @param duration quarter notes within the bar
     */
    public record Sounding(int midi, Fraction onset, Fraction duration) {

        Fraction end() {
            return onset.plus(duration);
        }
    }

    /** A bar of written-out music. */
    public record Source(List<Sounding> notes, Fraction length, Meter meter, Key key) {}

    /**
     * A chord that was found.
     *
     * @param start quarter notes after the bar line
     * @param names the likeliest name first; empty for silence
     */
    public record Found(Fraction start, Fraction duration, List<Chord> names) {}

    private static final double CHANGE = 0.45;
    private static final double CHANGE_OFF_THE_BEAT = 0.35;
    private static final double ONSET = 1.5;
    private static final double BASS = 1.5;
    private static final int DIP = 7;
    private static final double TUNE = 0.35;

    private ChordNaming() {}

    /** The chords of each bar. */
    public static List<List<Found>> name(List<Source> bars) {
        List<List<Segment>> parted = bars.stream().map(ChordNaming::part).toList();
        List<Segment> all = parted.stream().flatMap(List::stream).toList();
        List<List<Found>> named = new ArrayList<>();
        int i = 0;
        for (List<Segment> bar : parted) {
            List<Found> found = new ArrayList<>();
            for (Segment segment : bar) {
                PitchClass next = i + 1 < all.size() ? all.get(i + 1).root() : null;
                add(found, segment, next);
                i++;
            }
            named.add(found);
        }
        return named;
    }

    /** Neighbours of the same name within a bar are one chord. */
    private static void add(List<Found> found, Segment segment, PitchClass next) {
        List<Chord> names = segment.names(next).stream().map(Guess::chord).toList();
        Found last = found.isEmpty() ? null : found.get(found.size() - 1);
        boolean same = last != null
                && (names.isEmpty()
                        || !last.names().isEmpty() && last.names().get(0).equals(names.get(0)));
        if (same) {
            found.remove(last);
            found.add(new Found(last.start(), last.duration().plus(segment.length()), last.names()));
        } else {
            found.add(new Found(segment.start, segment.length(), names));
        }
    }

    private static List<Segment> part(Source bar) {
        Fraction step = bar.meter().isCompound()
                ? bar.meter().beatLength()
                : bar.meter().countLength();
        if (!bar.length().dividedBy(step).isWhole()) {
            step = bar.length();
        }
        int count = (int) bar.length().dividedBy(step).floor();
        boolean[] tune = tune(bar.notes());
        double[] best = new double[count + 1];
        Segment[] last = new Segment[count + 1];
        for (int to = 1; to <= count; to++) {
            best[to] = Double.NEGATIVE_INFINITY;
            for (int from = 0; from < to; from++) {
                Segment segment = new Segment(bar, tune, step.times(from), step.times(to));
                boolean onBeat = from % 2 == 0;
                double change = from == 0 ? 0 : CHANGE + (onBeat ? 0 : CHANGE_OFF_THE_BEAT);
                double score = best[from] + segment.score() * (to - from) - change;
                if (score > best[to]) {
                    best[to] = score;
                    last[to] = segment;
                }
            }
        }
        List<Segment> path = new ArrayList<>();
        for (int at = count; at > 0; at = (int) last[at].start.dividedBy(step).floor()) {
            path.add(0, last[at]);
        }
        return path;
    }

    /** Which notes lie highest while others sound, and so are more likely to be foreign to the chord. */
    private static boolean[] tune(List<Sounding> notes) {
        boolean[] tune = new boolean[notes.size()];
        for (int i = 0; i < tune.length; i++) {
            Sounding note = notes.get(i);
            boolean highest = true;
            boolean accompanied = false;
            for (Sounding other : notes) {
                boolean together =
                        other.onset().compareTo(note.end()) < 0 && note.onset().compareTo(other.end()) < 0;
                highest &= !together || other.midi() <= note.midi();
                accompanied |= together && other.midi() < note.midi();
            }
            tune[i] = highest && accompanied;
        }
        return tune;
    }

    /** A stretch of a bar with the weight of each key in it. */
    private static final class Segment {

        private final Source bar;
        private final Fraction start;
        private final Fraction end;
        private final double[] weights = new double[12];
        private int bass = Integer.MAX_VALUE;
        private int opening = Integer.MAX_VALUE;
        private List<Guess> alone;

        Segment(Source bar, boolean[] tune, Fraction start, Fraction end) {
            this.bar = bar;
            this.start = start;
            this.end = end;
            for (int i = 0; i < tune.length; i++) {
                Sounding note = bar.notes().get(i);
                Fraction from = later(note.onset(), start);
                Fraction to = note.end().min(end);
                if (from.compareTo(to) < 0) {
                    boolean atStart = from.equals(start);
                    double weight = to.minus(from).toDouble() * (atStart ? ONSET : 1);
                    weights[note.midi() % 12] += tune[i] ? weight * TUNE : weight;
                    bass = Math.min(bass, note.midi());
                    opening = atStart ? Math.min(opening, note.midi()) : opening;
                }
            }
            // A figure is named by the note it starts from, though it may dip below it later.
            if (opening < Integer.MAX_VALUE && opening - bass <= DIP) {
                bass = opening;
            }
            if (bass < Integer.MAX_VALUE) {
                weights[bass % 12] *= BASS;
            }
        }

        private static Fraction later(Fraction a, Fraction b) {
            return a.compareTo(b) > 0 ? a : b;
        }

        Fraction length() {
            return end.minus(start);
        }

        double score() {
            return alone().isEmpty() ? 0 : alone().get(0).score();
        }

        PitchClass root() {
            return alone().isEmpty() ? null : alone().get(0).chord().root();
        }

        /** Named without regard to what follows. */
        private List<Guess> alone() {
            if (alone == null) {
                alone = names(null);
            }
            return alone;
        }

        List<Guess> names(PitchClass next) {
            return bass == Integer.MAX_VALUE ? List.of() : ChordFinder.name(weights, bass % 12, bar.key(), next);
        }
    }
}
