package com.zestythumb.formats.midi;

import com.zestythumb.core.stopping.StoppedException;
import com.zestythumb.formats.midi.MidiEvents.Struck;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * Tells two hands of a piano apart where a file has both in one track: by what a hand reaches, by the way from what it struck
 * last, by which notes still sound, and by where the right hand is at home (common practice). The lower notes of a stroke are
 * the left hand's; stroke by stroke the cheapest way is kept to every parting of the stroke, which is nearly the cheapest of all.
 */
final class HandFinder {

    /** Half steps that a hand strikes at once with ease, and below which the right hand is far from home. */
    private static final int SPAN = 12;

    private static final int RIGHT_ABOVE = 60;
    private static final int FINGERS = 5;
    private static final int MOST = 16;

    // What is minded, found by search over our own pages and two of the public domain (HandFinderTest).
    private static final double BEYOND = 4.5;
    private static final double WIDE = 1.5;
    private static final double CROSSED = 3.5;
    private static final double WAY = 0.1;
    private static final double AWAY = 0.5;
    private static final double LINE_OF_LEFT = 1;
    private static final double LINE_OF_RIGHT = 5.5;
    private static final double CROWDED = 20;

    private final long slack;

    /** One hand, as it is after some strokes. */
    private record Held(double last, List<Struck> sounding) {

        static final Held LEFT = new Held(48, List.of());
        static final Held RIGHT = new Held(72, List.of());
    }

    /** A way to part all strokes so far. */
    private record Way(Way before, int left, double cost, Held leftHand, Held rightHand) {}

    private HandFinder(int ticksPerQuarter) {
        this.slack = ticksPerQuarter / 16;
    }

    /**
     * The notes of the left hand; none where no two hands could strike or hold what there is. O(notes · keys struck at one time²).
     *
     * @param notes in time, and from the lowest
     */
    static List<Struck> left(List<Struck> notes, int ticksPerQuarter) {
        HandFinder finder = new HandFinder(ticksPerQuarter);
        List<List<Struck>> strokes = finder.strokes(notes);
        List<Way> ways = List.of(new Way(null, 0, 0, Held.LEFT, Held.RIGHT));
        for (List<Struck> stroke : strokes) {
            StoppedException.ifInterrupted();
            int held = ways.get(0).leftHand().sounding().size()
                    + ways.get(0).rightHand().sounding().size();
            if (stroke.size() > MOST || held > 2 * MOST) {
                return List.of();
            }
            List<Way> next = new ArrayList<>();
            for (int left = 0; left <= stroke.size(); left++) {
                Way best = null;
                for (Way way : ways) {
                    Way one = finder.after(way, stroke, left);
                    best = best == null || one.cost() < best.cost() ? one : best;
                }
                next.add(best);
            }
            ways = next;
        }
        Way way = ways.stream()
                .min((one, other) -> Double.compare(one.cost(), other.cost()))
                .orElseThrow();
        List<Struck> left = new ArrayList<>();
        for (int i = strokes.size() - 1; i >= 0; i--) {
            left.addAll(0, strokes.get(i).subList(0, way.left()));
            way = way.before();
        }
        return left;
    }

    private List<List<Struck>> strokes(List<Struck> notes) {
        List<List<Struck>> strokes = new ArrayList<>();
        for (Struck note : notes) {
            boolean together = !strokes.isEmpty()
                    && note.on() - strokes.get(strokes.size() - 1).get(0).on() <= slack;
            if (!together) {
                strokes.add(new ArrayList<>());
            }
            strokes.get(strokes.size() - 1).add(note);
        }
        strokes.forEach(stroke -> stroke.sort((a, b) -> Integer.compare(a.midi(), b.midi())));
        return strokes;
    }

    private Way after(Way way, List<Struck> stroke, int left) {
        List<Struck> low = stroke.subList(0, left);
        List<Struck> high = stroke.subList(left, stroke.size());
        List<Struck> lowHeld = held(way.leftHand(), stroke);
        List<Struck> highHeld = held(way.rightHand(), stroke);
        double cost = way.cost()
                + hand(low, lowHeld, way.leftHand(), LINE_OF_LEFT)
                + hand(high, highHeld, way.rightHand(), LINE_OF_RIGHT);
        for (Struck note : high) {
            cost += AWAY * Math.max(0, RIGHT_ABOVE - note.midi());
        }
        int top = Stream.concat(low.stream(), lowHeld.stream())
                .mapToInt(Struck::midi)
                .max()
                .orElse(0);
        int bottom = Stream.concat(high.stream(), highHeld.stream())
                .mapToInt(Struck::midi)
                .min()
                .orElse(127);
        cost += CROSSED * Math.max(0, top - bottom + 1);
        return new Way(way, left, cost, then(way.leftHand(), low, lowHeld), then(way.rightHand(), high, highHeld));
    }

    private List<Struck> held(Held hand, List<Struck> stroke) {
        return hand.sounding().stream()
                .filter(note -> note.off() > stroke.get(0).on() + slack)
                .toList();
    }

    private static double hand(List<Struck> struck, List<Struck> held, Held before, double line) {
        if (struck.isEmpty()) {
            return 0;
        }
        List<Struck> all = Stream.concat(struck.stream(), held.stream()).toList();
        // A line lets go of one note when it strikes the next.
        return line * held.size()
                + BEYOND * Math.max(0, width(struck) - SPAN)
                + WIDE * width(all)
                + CROWDED * Math.max(0, struck.size() - FINGERS)
                + WAY * Math.abs(mean(struck) - before.last());
    }

    private static Held then(Held before, List<Struck> struck, List<Struck> held) {
        return struck.isEmpty()
                ? new Held(before.last(), held)
                : new Held(
                        mean(struck),
                        Stream.concat(struck.stream(), held.stream()).toList());
    }

    private static int width(List<Struck> notes) {
        var keys = notes.stream().mapToInt(Struck::midi).summaryStatistics();
        return keys.getMax() - keys.getMin();
    }

    private static double mean(List<Struck> notes) {
        return notes.stream().mapToInt(Struck::midi).average().orElse(0);
    }
}
