package com.zestythumb.core.hearing;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import java.util.List;
import java.util.stream.Stream;

/**
 * How much it costs to leave each note of a bar outside the chord: more for what is long, on the beat or struck in a
 * block, less for the tune, and least for what passes by step, neighbours, is held over or leans (common practice of
 * non-chord tones).
 */
final class NoteWeights {

    private static final double FOREIGN = 3.2;
    private static final double LONGEST = 2.0;
    private static final double ON_THE_BEAT = 1.25;
    private static final double TUNE = 0.55;
    private static final double PEDAL = 0.25;
    private static final double PASSES = 0.3;
    private static final double PASSES_INSIDE = 0.5;
    private static final double RESOLVES = 0.6;
    /** Half steps between neighbours in a chord under one hand. */
    private static final int CLOSE = 5;

    /** Two notes struck and let go together, no higher than E4, are a left hand's (common practice). */
    private static final int HIGHEST_OF_A_PAIR = 64;

    /** What a quarter note of each costs outside the chord. */
    final double[] factors;
    /** Whether each is of the tune: the highest while others sound, and not the top of a chord under one hand. */
    final boolean[] tune;

    private final List<Sounding> notes;
    private final List<Sounding> before;
    private final List<Sounding> after;
    private final Meter meter;

    /**
     * Gets ready to weigh the notes of a bar.
     *
     * @param before the notes of the bar before that reach its end, as if they ended at 0; likewise those that
     *     begin the bar after
     */
    NoteWeights(SoundingBar bar, List<Sounding> before, List<Sounding> after) {
        this.notes = bar.notes();
        this.before = before;
        this.after = after;
        this.meter = bar.meter();
        this.factors = new double[notes.size()];
        this.tune = new boolean[notes.size()];
        for (int i = 0; i < factors.length; i++) {
            factors[i] = FOREIGN * factor(i);
        }
    }

    /** What grows with the time that a note sounds, more slowly than the time. */
    static double length(double quarters) {
        return Math.pow(Math.min(LONGEST, quarters), 0.8);
    }

    private double factor(int i) {
        Sounding note = notes.get(i);
        boolean beat = note.onset().dividedBy(meter.beatLength()).isWhole();
        boolean highest = true;
        boolean accompanied = false;
        int struckWith = 0;
        int nextBelow = 0;
        for (Sounding other : notes) {
            if (other == note) {
                continue;
            }
            boolean together =
                    other.onset().isBefore(note.end()) && note.onset().isBefore(other.end());
            highest &= !together || other.midi() <= note.midi();
            accompanied |= together && other.midi() < note.midi();
            if (other.onset().equals(note.onset())) {
                struckWith++;
                boolean below = other.midi() < note.midi() && other.duration().equals(note.duration());
                nextBelow = below ? Math.max(nextBelow, other.midi()) : nextBelow;
            }
        }
        boolean block = struckWith >= 2 && (!highest || note.midi() - nextBelow <= CLOSE);
        block |= nextBelow > 0 && note.midi() <= HIGHEST_OF_A_PAIR;
        tune[i] = highest && accompanied && !block;
        if (isPedal(note)) {
            return PEDAL;
        }
        double melodic = block ? 1 : melodic(note, tune[i]);
        return (beat ? ON_THE_BEAT : 1) * (tune[i] ? TUNE : 1) * melodic;
    }

    /** Whether a note lies lowest through most of the bar, and in the bar before or after as well. */
    private boolean isPedal(Sounding note) {
        boolean lowest = notes.stream().noneMatch(other -> other.midi() < note.midi());
        boolean goesOn = Stream.concat(before.stream(), after.stream()).anyMatch(other -> other.midi() == note.midi());
        return lowest && goesOn && !note.duration().isBefore(meter.barLength().dividedBy(Fraction.of(2)));
    }

    /** How little a foreign note counts for the way in which it is come to and left. */
    private double melodic(Sounding note, boolean sung) {
        int[] in = steps(note, true);
        int[] out = steps(note, false);
        boolean passes = false;
        for (int came : in) {
            for (int goes : out) {
                // On in the same way, back to where it came from, or held over and then down.
                passes |= came == 0 ? goes < 0 : Integer.signum(came) == Integer.signum(goes) || came + goes == 0;
            }
        }
        return passes ? sung ? PASSES : PASSES_INSIDE : out.length > 0 && sung ? RESOLVES : 1;
    }

    /** Half steps by which the note is reached from notes that end where it begins, or by which it is left. */
    private int[] steps(Sounding note, boolean in) {
        boolean edge = in
                ? note.onset().equals(Fraction.ZERO)
                : notes.stream().noneMatch(other -> !other.onset().isBefore(note.end()));
        Stream<Sounding> inBar = notes.stream()
                .filter(other ->
                        in ? other.end().equals(note.onset()) : other.onset().equals(note.end()));
        Stream<Sounding> beyond = edge ? (in ? before : after).stream() : Stream.empty();
        return Stream.concat(inBar, beyond)
                .mapToInt(other -> in ? note.midi() - other.midi() : other.midi() - note.midi())
                .filter(step -> Math.abs(step) <= 2 && (in || step != 0))
                .toArray();
    }
}
