package com.zestythumb.core.sheet;

import java.util.Set;
import java.util.regex.Pattern;

/**
 * How the notes of a pair are played, of which two are written alike (common practice): swung eighths two to one, at fast tempi
 * nearer to three to two; in a shuffle two to one at any tempo; where sixteenths swing, eighths stay even.
 *
 * @param pair quarter notes that both last together
 * @param first the share of the first, a half where both are alike
 */
public record Swing(Fraction pair, Fraction first) {

    private static final Fraction HALF = Fraction.of(1, 2);
    private static final Fraction EIGHTHS = Fraction.of(1);
    private static final Fraction TWO_TO_ONE = Fraction.of(2, 3);
    private static final Fraction THREE_TO_TWO = Fraction.of(3, 5);
    private static final Swing EVEN = new Swing(EIGHTHS, HALF);

    /** Quarter notes a minute from which on swing is more even (from memory: measured on recordings, it falls as the tempo rises). */
    private static final double FAST = 200;

    private static final Pattern SWINGS = Pattern.compile("(?i).*(swing|swung|shuffle).*");
    private static final Pattern SHUFFLES = Pattern.compile("(?i).*shuffle.*");
    private static final Pattern STRAIGHT = Pattern.compile(
            "(?i).*(\\bstraight\\b|\\b(no|not|without|never)[ -](swing|swung|shuffle)|\\bunswung\\b).*");
    private static final Pattern SIXTEENTHS =
            Pattern.compile("(?i).*(\\b16|sixteenth|semiquaver|half[ -]?time shuffle).*");

    /** As a tune's feel says. */
    public static Swing of(LeadSheet sheet) {
        String feel = sheet.heading().feel();
        if (!SWINGS.matcher(feel).matches() || STRAIGHT.matcher(feel).matches()) {
            return EVEN;
        }
        boolean fast = 60 / sheet.secondsPerQuarter() > FAST;
        boolean shuffles = SHUFFLES.matcher(feel).matches();
        return new Swing(
                SIXTEENTHS.matcher(feel).matches() ? HALF : EIGHTHS, fast && !shuffles ? THREE_TO_TWO : TWO_TO_ONE);
    }

    public boolean isEven() {
        return first.equals(HALF);
    }

    /** Whether there is something to swing: a beat of three has no pairs. */
    boolean isIn(Meter meter) {
        return !isEven() && !meter.isCompound() && meter.unit() <= 4;
    }

    /**
     * When something in a bar is played, in quarter notes after its bar line. Triplets keep their places; a dotted note with a
     * short one is played like two that swing; four short notes are played evenly.
     *
     * @param struck where in the full bar notes begin
     */
    public Fraction played(Bar bar, Set<Fraction> struck, Fraction time) {
        return isIn(bar.meter()) ? time(bar.offset().plus(time), struck).minus(bar.offset()) : time;
    }

    /**
     * The same for a full bar.
     *
     * @param time quarter notes after its beginning
     */
    Fraction time(Fraction time, Set<Fraction> struck) {
        Fraction begin = pair.times(time.dividedBy(pair).floor());
        Fraction inside = time.minus(begin).dividedBy(pair);
        boolean early = struck.contains(begin.plus(pair.times(Fraction.of(1, 4))));
        boolean middle = struck.contains(begin.plus(pair.times(HALF)));
        boolean late = struck.contains(begin.plus(pair.times(Fraction.of(3, 4))));
        boolean triplet = !inside.equals(Fraction.ZERO) && inside.times(3).isWhole();
        if (triplet || early && late) {
            return time;
        }
        if (late && !middle && inside.equals(Fraction.of(3, 4))) {
            return begin.plus(pair.times(first));
        }
        Fraction swung = inside.isBefore(HALF)
                ? inside.times(2).times(first)
                : first.plus(inside.minus(HALF).times(2).times(Fraction.of(1).minus(first)));
        return begin.plus(pair.times(swung));
    }
}
