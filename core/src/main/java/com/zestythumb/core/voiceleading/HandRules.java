package com.zestythumb.core.voiceleading;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voicing.ChordTone;
import com.zestythumb.core.voicing.CostTerm;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.LowIntervalLimits;
import com.zestythumb.core.voicing.Tone;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.IntStream;

/** What hands do: what they hold at one time, how far they go, and what they do to the tune. */
public final class HandRules {

    private static final int OCTAVE = 12;

    /** Half steps under the low interval limits that are still let pass. */
    static final String GRACE = "grace";
    /** Half steps beyond which a shift is a leap where the hand has more than twice the time of haste. */
    static final String AT_LEISURE = "at-leisure";
    /** Half steps beyond which a style that goes to and fro leaps too far. */
    static final String JOURNEY = "journey";
    /** Seconds below which even such a style is rushed. */
    static final String RUSH = "rush";
    /** Half steps beyond which a shift is a leap. */
    static final String EVER = "ever";
    /** Half steps beyond which it is one in haste. */
    static final String IN_HASTE = "in-haste";
    /** Seconds below which the hand is in haste. */
    static final String HASTE = "haste";
    /** Strokes that are many where each is near the hand's span; of narrower chords twice as many. */
    static final String STROKES = "strokes";
    /** Strokes in a second that are quick. */
    static final String SPEED = "speed";
    /** From this share of the span on a chord is wide. */
    static final String WIDE = "wide";

    private HandRules() {}

    /**
     * More than a hand holds at one time (common practice: never force a stretch): struck together; or a key that cannot be held on
     * under what is struck beside it, which the foot may hold; or more than the right hand has beside the tune.
     */
    static final Rule<Hold> STRETCH = Rule.charged(
            "stretch",
            Hold.class,
            HandRules::stretch,
            new CostTerm(
                    "stretch",
                    "stretch beyond the hand",
                    "half steps",
                    0,
                    (voicing, place) -> place.strokes().beyond(place.hand(), voicing)));

    private static void stretch(Hold hold, Map<String, Double> limits, Consumer<Fault> found) {
        int beyond = hold.beyond();
        boolean wide = hold.keys().width() > hold.hand().span();
        if (beyond == 0 || hold.withTune() && !wide) {
            return;
        }
        // Where thumb and little finger reach it, two fingers between them do not.
        Kind struck = wide ? Kind.STRETCH : Kind.STRETCH_WITHIN;
        boolean together = hold.hand().beyond(hold.struckNow()) > 0;
        boolean low = !hold.struck().get(0);
        found.accept(Fault.measured(
                hold.withTune() ? Kind.STRETCH_RIGHT : together ? struck : Kind.HELD_TOO_FAR,
                Map.of(
                        "width",
                        hold.keys().width(),
                        "span",
                        hold.hand().span(),
                        "beyond",
                        beyond,
                        "note",
                        low ? hold.keys().lowest() : hold.keys().highest())));
    }

    private static final int SIDE_BY_SIDE = 2;

    /** One finger is on two keys; a thumb takes two that lie side by side (common practice). */
    static final Rule<Hold> FINGER_TWICE = Rule.of("finger-twice", Hold.class, (hold, limits, found) -> {
        for (int i = 0; hold.beyond() == 0 && i < hold.fingers().size(); i++) {
            int finger = hold.fingers().get(i);
            int other = hold.fingers().subList(0, i).lastIndexOf(finger);
            if (finger > 0 && other >= 0) {
                Pitch low = hold.keys().tones().get(other).pitch();
                Pitch high = hold.keys().tones().get(i).pitch();
                if (finger != 1 || high.midi() - low.midi() > SIDE_BY_SIDE) {
                    found.accept(Fault.measured(Kind.FINGER_TWICE, Map.of("finger", finger, "low", low, "high", high)));
                    return;
                }
            }
        }
    });

    /**
     * In a chord that is struck together the fingers lie in their order: in the left hand the little one lowest, in the right the
     * thumb (common practice).
     */
    static final Rule<Hold> FINGER_ORDER = Rule.of("finger-order", Hold.class, (hold, limits, found) -> {
        List<Integer> struck = IntStream.range(0, hold.fingers().size())
                .filter(i -> hold.struck().get(i) && hold.fingers().get(i) > 0)
                .boxed()
                .toList();
        for (int i = 1; i < struck.size(); i++) {
            int low = hold.fingers().get(struck.get(i - 1));
            int high = hold.fingers().get(struck.get(i));
            if (hold.right() ? high < low : high > low) {
                found.accept(Fault.measured(
                        Kind.FINGER_ORDER,
                        Map.of(
                                "finger",
                                high,
                                "other",
                                low,
                                "low",
                                hold.keys().tones().get(struck.get(i - 1)).pitch(),
                                "high",
                                hold.keys().tones().get(struck.get(i)).pitch())));
                return;
            }
        }
    });

    /** Close intervals so low that they blur: {@link LowIntervalLimits} with some grace. */
    static final Rule<Hold> MUD = Rule.charged(
            "mud",
            Hold.class,
            (hold, limits, found) -> {
                int depth = LowIntervalLimits.depth(hold.keys().midiKeys());
                if (depth > limits.get(GRACE)) {
                    found.accept(Fault.measured(
                            Kind.MUD,
                            Map.of("depth", depth, "lowest", hold.keys().lowest())));
                }
            },
            new CostTerm(
                    "mud",
                    "close notes that lie too low to sound clear",
                    "half steps",
                    0,
                    (voicing, place) -> Math.max(
                            place.strokes().mud(voicing), place.strokes().low(voicing))));

    /**
     * A key is still down while the next chord is struck, and is no note of it: the chords run into one another (common practice; in
     * parts it is a suspension, and told by what becomes of it).
     */
    static final Rule<Hold> HELD_INTO = Rule.of("held-into", Hold.class, (hold, limits, found) -> {
        for (int i = 0; i < hold.struck().size(); i++) {
            Tone tone = hold.keys().tones().get(i);
            if (!hold.struck().get(i) && hold.intoAnother() && tone.member() == ChordTone.FOREIGN) {
                found.accept(Fault.at(Kind.HELD_INTO, tone.pitch()));
            }
        }
    });

    /** A shift of the whole hand that is too far, or too far for the time there is. */
    static final Rule<Shift> LEAP = Rule.of("leap", Shift.class, (shift, limits, found) -> {
        int low = shift.to().lowest().midi() - shift.from().lowest().midi();
        int high = shift.to().highest().midi() - shift.from().highest().midi();
        // The hand travels as far as the nearer of its two edges; the rest is opening and closing.
        int far = Math.min(Math.abs(low), Math.abs(high));
        if (far > most(shift, limits)) {
            found.accept(Fault.measured(Kind.LEAP, Map.of("shift", far, "seconds", shift.seconds())));
        }
    });

    /** By the time there is and by the style: a waltz is made of leaps, and nobody calls them a fault (common practice). */
    private static double most(Shift shift, Map<String, Double> limits) {
        double seconds = shift.seconds();
        if (shift.journey()) {
            return limits.get(seconds < limits.get(RUSH) ? EVER : JOURNEY);
        }
        double leisure = 2 * limits.get(HASTE);
        return limits.get(seconds < limits.get(HASTE) ? IN_HASTE : seconds < leisure ? EVER : AT_LEISURE);
    }

    private static final int WHOLE_CHORD = 3;
    private static final int FIFTH = 7;
    private static final int THIRD = 4;

    /**
     * The whole hand goes more than a fifth although another inversion of the same chord lies within a third (common practice: the
     * nearest inversion first).
     */
    static final Rule<Shift> NEEDLESS_JUMP = Rule.of("needless-jump", Shift.class, (shift, limits, found) -> {
        Grip from = shift.from();
        Grip to = shift.to();
        int low = to.lowest().midi() - from.lowest().midi();
        int high = to.highest().midi() - from.highest().midi();
        int far = Math.min(Math.abs(low), Math.abs(high));
        boolean jumps = low * high > 0 && far > FIFTH;
        if (jumps && shift.written() && !shift.journey() && isClose(from) && isClose(to) && liesNearer(from, to)) {
            found.accept(Fault.measured(Kind.NEEDLESS_JUMP, Map.of("shift", far)));
        }
    });

    private static boolean isClose(Grip grip) {
        return grip.tones().size() >= WHOLE_CHORD && grip.width() < OCTAVE;
    }

    /** Whether the same notes, each in the octave in which it is met first from some key on, begin and end within a third. */
    private static boolean liesNearer(Grip left, Grip met) {
        for (int from = left.lowest().midi() - THIRD; from <= left.lowest().midi() + THIRD; from++) {
            int start = from;
            int[] keys = met.tones().stream()
                    .mapToInt(tone -> start + Math.floorMod(tone.pitch().midi() - start, OCTAVE))
                    .sorted()
                    .toArray();
            if (keys[0] == from
                    && Math.abs(keys[keys.length - 1] - left.highest().midi()) <= THIRD) {
                return true;
            }
        }
        return false;
    }

    /**
     * Chords struck again and again, where speed, stretch and repetition add up (common caution: small doses, and a wrist that is let
     * go). Each alone may be easy.
     */
    static final Rule<Run> STRAIN = Rule.of("strain", Run.class, (run, limits, found) -> {
        boolean wide = run.widest() >= limits.get(WIDE) * run.span();
        double many = limits.get(STROKES) * (wide ? 1 : 2);
        if (run.strokes() >= many && run.speed() >= limits.get(SPEED)) {
            found.accept(Fault.measured(
                    wide ? Kind.STRAIN_WIDE : Kind.STRAIN,
                    Map.of("strokes", run.strokes(), "seconds", run.seconds(), "widest", run.widest())));
        }
    });

    /** A half step or a minor ninth between the hands on a strong beat, a half step also for a whole beat; one note played softly fixes it (common practice). */
    static final Rule<VerticalInterval> CLASH = Rule.charged(
            "clash",
            VerticalInterval.class,
            (interval, limits, found) -> {
                int apart = interval.apart();
                if (interval.strong() && !interval.soft() && isClash(apart)) {
                    found.accept(Fault.measured(
                            Math.abs(apart) == 1 ? Kind.CLASH : Kind.CLASH_NINTH,
                            Map.of("note", interval.accompaniment(), "tune", interval.tune())));
                }
            },
            new CostTerm("clash", "half steps and minor ninths against the tune", "clashes", 0, (voicing, place) -> {
                int clashes = 0;
                for (Pitch note : place.around().strong()) {
                    clashes += voicing.count(tone ->
                            isClash(note.midi() - tone.pitch().midi()) && !isNamedTension(voicing.chord(), note, tone));
                }
                return clashes;
            }));

    /** A ninth, eleventh or thirteenth that the chart names is meant to rub. */
    public static boolean isNamedTension(Chord chord, Pitch tune, Tone tone) {
        return ChordTone.of(chord, tune.pitchClass()).isColour()
                || ChordTone.of(chord, tone.pitch().pitchClass()).isColour();
    }

    /** Half a step, or that and octaves. */
    private static boolean isClash(int apart) {
        return apart == -1 || apart > 0 && apart % OCTAVE == 1;
    }

    /** Both hands on one key, or the accompaniment above the tune (common practice). */
    static final Rule<VerticalInterval> COLLISION = Rule.charged(
            "collision",
            VerticalInterval.class,
            (interval, limits, found) -> {
                if (interval.apart() <= 0) {
                    found.accept(Fault.measured(
                            interval.apart() == 0 ? Kind.COLLISION : Kind.CROSSING,
                            Map.of("note", interval.accompaniment(), "tune", interval.tune())));
                }
            },
            new CostTerm(
                    "collision",
                    "the hands come to the same key or cross",
                    "half steps",
                    0,
                    (voicing, place) -> place.around().reachedBy(voicing)));

    /**
     * The third of a major chord where the tune has it already: it stands out enough once; and for the solver a leading tone that the
     * tune has already (any textbook of harmony).
     */
    static final Rule<VerticalInterval> DOUBLING = Rule.charged(
            "doubling",
            VerticalInterval.class,
            (interval, limits, found) -> {
                if (interval.strong() && interval.spareThird() && interval.apart() > 0) {
                    found.accept(Fault.at(Kind.DOUBLED_THIRD, interval.accompaniment()));
                }
            },
            new CostTerm("leading-tone", "a leading tone that the tune has already", "notes", 0, (voicing, place) -> {
                PitchClass leading = place.around().leadingTone();
                return leading == null
                        ? 0
                        : voicing.count(tone -> tone.pitch().pitchClass().soundsLike(leading)
                                && place.around().has(tone));
            }));

    private static final int MANY_BARS = 16;

    /** One rhythm for long, where a written hand could vary it (common practice). */
    static final Rule<Rhythm> ONE_RHYTHM = Rule.of("rhythm", Rhythm.class, (rhythm, limits, found) -> {
        if (rhythm.bars() >= MANY_BARS) {
            found.accept(Fault.measured(Kind.ONE_RHYTHM, Map.of("bars", rhythm.bars())));
        }
    });

    /** The bass stops before its chord ends, in a tune in which it sounds through (common practice: the floor falls away). */
    static final Rule<Rhythm> GAP = Rule.of("gap", Rhythm.class, (rhythm, limits, found) -> {
        if (rhythm.silent() > 0) {
            found.accept(Fault.measured(Kind.BASS_GAP, Map.of("beats", Math.round(rhythm.silent()))));
        }
    });

    /** Four parts that are sung do not always lie under two hands: who takes the tenor then (common practice). */
    static final Rule<PartsUnderHands> AT_THE_PIANO = Rule.of(
            "at-the-piano",
            PartsUnderHands.class,
            (parts, limits, found) -> found.accept(new Fault(
                    Kind.AT_THE_PIANO,
                    List.of(parts.tenor()),
                    Map.of(
                            "way",
                            parts.rightReaches()
                                    ? "the right hand takes the tenor"
                                    : "roll the tenth, or leave the tenor to the pedal"))));
}
