package com.zestythumb.core.proposing;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.BarMap;
import com.zestythumb.core.arrangement.Score.Moment;
import com.zestythumb.core.arrangement.Score.Part;
import com.zestythumb.core.arrangement.Score.Sound;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.TuneTerms;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * How hard a left hand is, in seven measures and one number. The measures are those by which teachers grade (common
 * practice); where one step ends and the next begins is our own, from memory of graded repertoire.
 *
 * @param leap half steps of the farthest shift of the hand, within a chord or on to the next
 * @param stretch half steps of the widest grip
 * @param spare half steps that the hand could span beyond it; below 0 where it must roll or leave out
 * @param together most keys struck at one time
 * @param speed most keys struck one after another in a second
 * @param toLearn bars to learn
 * @param reading ledger lines of the farthest note and accidentals in a bar at most, together
 * @param knowledge level of its style and of its pattern: what a lesson teaches before the fingers learn it
 * @param step from 1, a first-term piece, to 5
 */
public record Difficulty(
        int leap,
        int stretch,
        int spare,
        int together,
        double speed,
        int toLearn,
        int reading,
        int knowledge,
        int step) {

    private static final int[] LEAPS = {4, 7, 12, 17};
    private static final int[] STRETCHES = {7, 9, 12, 14};
    private static final int[] TOGETHER = {1, 3, 4, 5};
    private static final int[] SPEEDS = {20, 33, 45, 60};
    private static final int[] BARS = {4, 8, 12, 20};
    private static final int[] READINGS = {1, 3, 5, 8};

    /** Measures an arrangement. O(notes). */
    public static Difficulty of(Arrangement tune) {
        return of(tune, BarMap.of(tune));
    }

    /** The same where its bars are compared already. */
    public static Difficulty of(Arrangement tune, BarMap bars) {
        int leap = 0;
        Grip before = null;
        for (ArrangedChord chord : tune.chords()) {
            for (Grip grip : chord.voicing().grips()) {
                leap = before == null ? leap : Math.max(leap, shift(before, grip));
                before = grip;
            }
        }
        int stretch = stretch(tune);
        int together = together(tune);
        int knowledge = Math.max(
                tune.choices().style().style().level(), tune.choices().pattern().level());
        int spare = tune.choices().hand().span() - stretch;
        double speed = speed(tune);
        int toLearn = bars.toLearn();
        int reading = reading(tune);
        // Steps in tenths of a key a second, so that all are whole numbers.
        List<Integer> steps = List.of(
                step(leap, LEAPS),
                step(stretch, STRETCHES),
                step(together, TOGETHER),
                step((int) Math.round(speed * 10), SPEEDS),
                step(toLearn, BARS),
                step(reading, READINGS),
                knowledge);
        // What is hard in one thing is hard, however plain the rest; else the three hardest count.
        int hardest = Collections.max(steps) - 1;
        int three = steps.stream()
                        .sorted(Comparator.reverseOrder())
                        .limit(3)
                        .mapToInt(Integer::intValue)
                        .sum()
                / 3;
        int hard = Math.max(three, hardest) + (spare < 0 ? 1 : 0);
        int step = Math.max(1, Math.min(5, hard));
        return new Difficulty(leap, stretch, spare, together, speed, toLearn, reading, knowledge, step);
    }

    /** The same on one scale with fractions, to put left hands of one step in their order. */
    double fine() {
        return 10 * step + leap / 12.0 + stretch / 12.0 + speed + toLearn / 8.0 + reading / 4.0;
    }

    private static int shift(Grip from, Grip to) {
        int low = Math.abs(to.lowest().midi() - from.lowest().midi());
        int high = Math.abs(to.highest().midi() - from.highest().midi());
        return Math.min(low, high);
    }

    private static int step(int value, int[] limits) {
        int step = 1;
        for (int limit : limits) {
            step += value > limit ? 1 : 0;
        }
        return step;
    }

    /** The widest that the left hand holds at one time, the bass of another grip left to the foot. */
    private static int stretch(Arrangement tune) {
        int stretch = 0;
        for (Moment moment : tune.score().moments()) {
            List<Sound> held = moment.held(sound -> sound.part() == Part.LEFT
                    && sound.note().chord() >= 0
                    && (moment.strikes(sound) || isOneGrip(tune, sound.note().chord())));
            stretch = held.isEmpty()
                    ? stretch
                    : Math.max(
                            stretch,
                            held.get(held.size() - 1).key() - held.get(0).key());
        }
        return stretch;
    }

    private static boolean isOneGrip(Arrangement tune, int chord) {
        ArrangedChord here = tune.chords().get(chord);
        return here.isWritten() || here.voicing().grips().size() == 1;
    }

    private static int together(Arrangement tune) {
        return tune.score().moments().stream()
                .mapToInt(moment -> struck(moment).size())
                .max()
                .orElse(0);
    }

    private static List<Sound> struck(Moment moment) {
        return moment.held(sound -> sound.part() != Part.TUNE && moment.strikes(sound));
    }

    /** From the shortest time between two strokes of a bar. */
    private static double speed(Arrangement tune) {
        Fraction shortest = null;
        Moment before = null;
        for (Moment moment : tune.score().moments()) {
            if (struck(moment).isEmpty()) {
                continue;
            }
            boolean sameBar = before != null
                    && struck(before).get(0).note().bar()
                            == struck(moment).get(0).note().bar();
            if (sameBar) {
                Fraction apart = moment.at().minus(before.at());
                shortest = shortest == null ? apart : shortest.min(apart);
            }
            before = moment;
        }
        return shortest == null ? 0 : 1 / (shortest.toDouble() * tune.sheet().secondsPerQuarter());
    }

    private static int reading(Arrangement tune) {
        int lines = tune.leftInTreble()
                ? 0
                : tune.notes().stream()
                        .filter(note -> !note.isRight())
                        .mapToInt(note -> TuneTerms.ledgerLines(note.pitch()))
                        .max()
                        .orElse(0);
        Map<Integer, List<TimedNote>> bars =
                tune.accompaniment().stream().collect(Collectors.groupingBy(TimedNote::bar));
        int accidentals = bars.entrySet().stream()
                .mapToInt(bar -> (int) bar.getValue().stream()
                        .map(TimedNote::pitch)
                        .filter(pitch -> tune.sheet()
                                        .bars()
                                        .get(bar.getKey())
                                        .key()
                                        .signatureOf(pitch.pitchClass().letter())
                                != pitch.pitchClass().alteration())
                        .distinct()
                        .count())
                .max()
                .orElse(0);
        return lines + accidentals;
    }
}
