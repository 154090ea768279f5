package com.zestythumb.core.figure;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * How the notes of a chord follow one another. All but the block chord run in eighths and begin anew
 * from the lowest note with each group of the meter (half a bar in 4/4, else the bar) and with each
 * new chord. Patterns: common practice. A new figure is a new row.
 */
public enum Figure {
    /** All notes at once, held. */
    BLOCK((notes, length, group) -> null),

    /** From the lowest note up, and again. */
    BROKEN_UP((notes, length, group) -> cycle(length, IntStream.range(0, notes).toArray())),

    /** Up and back: the lowest note once in a group, then to and fro above it. */
    UP_AND_BACK((notes, length, group) -> IntStream.range(0, length)
            .map(i -> i == 0 ? 0 : aboveBass(notes, i - 1))
            .toArray()),

    /** Lowest, highest, middle, highest; with four notes the two middle ones take turns. */
    ALBERTI((notes, length, group) -> IntStream.range(0, length)
            .map(i -> i == 0 ? 0 : i % 2 == 1 ? notes - 1 : middle(notes, i / 2 - 1 + group))
            .toArray());

    private static final int THREE = 3;
    private static final int HAND = 5;
    private static final Fraction EIGHTH = Fraction.of(1, 2);

    /** Which notes follow one another in one group; null for all at once. */
    private interface Order {
        int[] of(int notes, int length, int group);
    }

    /**
     * A moment of a figure.
     *
     * @param onset quarter notes after the chord begins
     * @param duration quarter notes
     * @param notes places in the chord, 0 for the lowest
     */
    public record Step(Fraction onset, Fraction duration, List<Integer> notes) {}

    private final Order order;

    Figure(Order order) {
        this.order = order;
    }

    /** How many notes it wants of a chord: the Alberti figure has three places, and a fourth note would be lost. */
    public int notesWanted() {
        return this == ALBERTI ? THREE : HAND;
    }

    /**
     * The figure over one chord.
     *
     * @param notes how many notes the chord has
     * @param start where the chord begins, quarter notes after the bar line
     * @param duration how long it lasts in quarter notes, a whole number of eighths
     */
    public List<Step> over(int notes, Fraction start, Fraction duration, Meter meter) {
        if (this == BLOCK || notes == 1) {
            return List.of(new Step(
                    Fraction.ZERO, duration, IntStream.range(0, notes).boxed().toList()));
        }
        List<Step> steps = new ArrayList<>();
        Fraction done = Fraction.ZERO;
        for (int group = 0; done.compareTo(duration) < 0; group++) {
            // A chord that enters inside a group runs to the group's end and falls in with the meter.
            Fraction intoGroup = inside(start.plus(done), meter.figureGroup());
            Fraction length = meter.figureGroup().minus(intoGroup).min(duration.minus(done));
            int eighths = (int) length.dividedBy(EIGHTH).floor();
            for (int place : order.of(notes, eighths, group)) {
                steps.add(new Step(done, EIGHTH, List.of(place)));
                done = done.plus(EIGHTH);
            }
        }
        return steps;
    }

    private static Fraction inside(Fraction time, Fraction group) {
        return time.minus(group.times(time.dividedBy(group).floor()));
    }

    private static int[] cycle(int length, int... places) {
        return IntStream.range(0, length).map(i -> places[i % places.length]).toArray();
    }

    /** To and fro over the notes above the bass: 1 2 1 2 with three notes, 1 2 3 2 1 with four. */
    private static int aboveBass(int notes, int i) {
        if (notes == 2) {
            return (i + 1) % 2;
        }
        int round = 2 * (notes - 2);
        int k = i % round;
        return 1 + (k < notes - 1 ? k : round - k);
    }

    private static int middle(int notes, int turn) {
        return notes == 2 ? 0 : 1 + Math.floorMod(turn, notes - 2);
    }
}
