package com.zestythumb.core.pattern;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import com.zestythumb.core.sheet.Touch;
import com.zestythumb.core.sheet.Tuplet;
import com.zestythumb.core.voicing.AttackMode;
import com.zestythumb.core.voicing.VoicingStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * How the notes of a chord follow one another, as data. The text is one pattern, or several parted by {@code |} of which
 * the first that suits the meter is played:
 *
 * <pre>[meters:] [by beat|half|bar] value stroke stroke (stroke stroke) [/ another voice]</pre>
 *
 * <p>Meters are {@code simple}, {@code compound} or a list such as {@code 3/4,6/8}. The pattern begins anew with each
 * group, which is half a bar in 4/4 and 12/8 and else a bar, and with each new chord. The value is that of one stroke:
 * {@code 1/8}, {@code 1/8t} for a triplet, {@code count} for the meter's own unit. A stroke is one {@link StrokeTarget} or
 * several joined by {@code +}, {@code *3} where it lasts three values, {@code *} where it lasts as long as the chord,
 * a dot where it is short, and {@code >} where it goes to the right hand. What stands in brackets is played over and over until the group ends;
 * without brackets all of it is.
 *
 * @param id how it is called in data
 * @param name as it is offered to the teacher
 * @param level from 1, for a beginner, to 5
 * @param mostNotes how many notes it wants of a chord at most
 * @param text its text form
 * @param patterns what the text says
 * @param lays the style that it brings with it, in which its chords are voiced whatever else is chosen; null for most
 */
public record AccompanimentPattern(
        String id, String name, int level, int mostNotes, String text, List<MeterVariant> patterns, VoicingStyle lays) {

    private static final int GROUP_OF_TRIPLETS = 3;

    /**
     * A moment of a pattern.
     *
     * @param onset quarter notes after the chord begins
     * @param duration quarter notes
     * @param notes places in the chord, 0 for the lowest
     * @param voice 0 for the upper one, 1 for the next
     * @param tuplet its place in a tuplet, or null
     * @param other whether the right hand plays it
     */
    public record Step(
            Fraction onset,
            Fraction duration,
            List<Integer> notes,
            int voice,
            Touch touch,
            Tuplet tuplet,
            boolean other) {

        /** The same for a part of its time or its notes. */
        public Step with(Fraction from, Fraction length, List<Integer> some) {
            return new Step(from, length, some, voice, touch, tuplet, other);
        }

        public Step with(Touch touched) {
            return new Step(onset, duration, notes, voice, touched, tuplet, other);
        }
    }

    /** Throws with place and remedy where the text says no pattern. */
    public static AccompanimentPattern of(String id, String name, int level, int mostNotes, String text) {
        return new AccompanimentPattern(id, name, level, mostNotes, text, PatternReader.read(text), null);
    }

    /** The same with a style of its own. */
    AccompanimentPattern laying(VoicingStyle style) {
        return new AccompanimentPattern(id, name, level, mostNotes, text, patterns, style);
    }

    /** How it strikes a chord in this meter. */
    public AttackMode strokes(Meter meter) {
        MeterVariant pattern = patternFor(meter);
        if (pattern == null) {
            return AttackMode.TOGETHER;
        }
        List<Stroke> first = pattern.voices().get(0).strokes(meter);
        List<Stroke> last = pattern.voices().get(pattern.voices().size() - 1).strokes(meter);
        boolean bass = last.stream().anyMatch(Stroke::isBass);
        if (pattern.voices().size() > 1) {
            return bass ? AttackMode.HELD_BASS : AttackMode.TOGETHER;
        }
        if (first.stream().allMatch(Stroke::isSingle)) {
            return AttackMode.ONE_BY_ONE;
        }
        if (first.stream().allMatch(Stroke::isPair)) {
            return AttackMode.PAIRS;
        }
        return bass ? AttackMode.BASS_APART : AttackMode.TOGETHER;
    }

    private MeterVariant patternFor(Meter meter) {
        return patterns.stream().filter(p -> p.meters().test(meter)).findFirst().orElse(null);
    }

    /**
     * The pattern over one chord; a single note is struck once and held.
     *
     * @param layout how the chord lies
     * @param start where the chord begins, quarter notes after the bar line
     * @param duration how long it lasts in quarter notes, any length above 0
     * @return by onset; what would go beyond the chord is cut
     */
    public List<Step> over(Layout layout, Fraction start, Fraction duration, Meter meter) {
        return over(layout, start, duration, meter, Fraction.ZERO);
    }

    /**
     * The same where the chord has sounded before without a break.
     *
     * @param sounded for how many quarter notes
     */
    public List<Step> over(Layout layout, Fraction start, Fraction duration, Meter meter, Fraction sounded) {
        int notes = layout.notes();
        MeterVariant pattern = patternFor(meter);
        List<Step> atOnce = List.of(new Step(
                Fraction.ZERO,
                duration,
                IntStream.range(0, layout.chord()).boxed().toList(),
                0,
                Touch.PLAIN,
                null,
                false));
        if (notes == 1 || pattern == null) {
            return atOnce;
        }
        List<Step> steps = new ArrayList<>();
        Fraction group = pattern.group().apply(meter);
        int rounds = (int) sounded.dividedBy(group).floor();
        int[] ofHand = new int[2];
        for (MeterVariant.Voice voice : pattern.voices()) {
            // Each hand counts its own voices.
            int hand = voice.at(0).apply(meter).other() ? 1 : 0;
            new Line(voice, ofHand[hand]++, layout, meter, rounds).play(start, duration, group, steps);
        }
        if (steps.isEmpty()) {
            // A chord too short for a pattern that begins with a rest is heard all the same; a pattern of rests is not.
            return bar(pattern, layout, meter).isEmpty() ? steps : atOnce;
        }
        steps.sort(Comparator.comparing(Step::onset));
        if (isCutShort(steps, layout) && !isCutShort(bar(pattern, layout, meter), layout)) {
            return List.of(new Step(Fraction.ZERO, duration, layout.whole(), 0, Touch.PLAIN, null, false));
        }
        if (steps.size() < Math.min(GROUP_OF_TRIPLETS, layout.chord()) && strokes(meter) == AttackMode.ONE_BY_ONE) {
            withTheRest(steps, layout);
        }
        return withTuplets(steps, start);
    }

    /** A chord that has time for no more than its bass is heard whole (common practice). */
    private static boolean isCutShort(List<Step> steps, Layout layout) {
        return steps.size() == 1 && steps.get(0).notes().size() < layout.whole().size() && layout.chord() > 1;
    }

    /** Of a chord that is shorter than its pattern, what no stroke is left for sounds with the last. */
    private static void withTheRest(List<Step> steps, Layout layout) {
        Set<Integer> heard = new TreeSet<>();
        steps.forEach(step -> heard.addAll(step.notes()));
        if (heard.size() >= layout.chord()) {
            return;
        }
        Step last = steps.remove(steps.size() - 1);
        Set<Integer> rest = new TreeSet<>(last.notes());
        IntStream.range(0, layout.chord())
                .filter(place -> !heard.contains(place))
                .forEach(rest::add);
        steps.add(last.with(last.onset(), last.duration(), List.copyOf(rest)));
    }

    private static List<Step> bar(MeterVariant pattern, Layout layout, Meter meter) {
        List<Step> steps = new ArrayList<>();
        Fraction group = pattern.group().apply(meter);
        new Line(pattern.voices().get(0), 0, layout, meter, 0).play(Fraction.ZERO, group, group, steps);
        return steps;
    }

    /**
     * One voice of a pattern, being played.
     *
     * @param rounds groups that the chord was played before
     */
    private record Line(MeterVariant.Voice strokes, int voice, Layout layout, Meter meter, int rounds) {

        void play(Fraction start, Fraction duration, Fraction group, List<Step> steps) {
            Fraction done = Fraction.ZERO;
            for (int round = 0; done.isBefore(duration); round++) {
                // A chord that enters inside a group runs to the group's end and falls in with the meter.
                Fraction length = group.minus(inside(start.plus(done), group)).min(duration.minus(done));
                playGroup(done, done.plus(length), duration, round, steps);
                done = done.plus(length);
            }
        }

        private void playGroup(Fraction from, Fraction to, Fraction end, int round, List<Step> steps) {
            Map<StrokeTarget, Integer> turns = new EnumMap<>(StrokeTarget.class);
            int count = strokes.in(to.minus(from), meter);
            Fraction at = from;
            MeterVariant.Beat beat = strokes.at(0);
            for (int n = 0; beat != null && at.isBefore(to); n++, beat = strokes.at(n)) {
                Stroke stroke = beat.apply(meter);
                if (stroke.length() == null && round > 0) {
                    // It sounds still.
                    return;
                }
                Fraction last =
                        stroke.length() == null ? end : at.plus(stroke.length()).min(to);
                List<Integer> places = places(stroke, rounds + round, turns, count);
                if (!places.isEmpty()) {
                    Tuplet tuplet = stroke.triplet() ? new Tuplet(GROUP_OF_TRIPLETS, 2, 0, 1) : null;
                    steps.add(new Step(at, last.minus(at), places, voice, stroke.touch(), tuplet, stroke.other()));
                }
                at = last;
            }
        }

        private List<Integer> places(Stroke stroke, int round, Map<StrokeTarget, Integer> turns, int count) {
            boolean inThrees = meter.isCompound() || stroke.triplet();
            return stroke.roles().stream()
                    .flatMap(role ->
                            role
                                    .places(layout, turns.merge(role, 1, Integer::sum) - 1, round, count, inThrees)
                                    .stream())
                    .distinct()
                    .sorted()
                    .toList();
        }
    }

    private static Fraction inside(Fraction time, Fraction group) {
        return time.minus(group.times(time.dividedBy(group).floor()));
    }

    /** Tells each triplet its place among those of its voice that together fill a plain length. */
    private static List<Step> withTuplets(List<Step> steps, Fraction start) {
        Map<Step, Tuplet> told = new IdentityHashMap<>();
        for (int voice : steps.stream().map(Step::voice).distinct().toList()) {
            List<Step> group = new ArrayList<>();
            for (Step step : steps) {
                if (step.voice() == voice && step.tuplet() != null) {
                    group.add(step);
                    Fraction beat = Fraction.of(group.get(0).onset().plus(start).floor());
                    Fraction end = step.onset().plus(step.duration()).plus(start);
                    if (Long.bitCount(end.minus(beat).denominator()) == 1) {
                        tell(group, told);
                    }
                }
            }
            tell(group, told);
        }
        return steps.stream()
                .map(step -> new Step(
                        step.onset(),
                        step.duration(),
                        step.notes(),
                        step.voice(),
                        step.touch(),
                        told.get(step),
                        step.other()))
                .toList();
    }

    private static void tell(List<Step> group, Map<Step, Tuplet> told) {
        for (int i = 0; i < group.size(); i++) {
            Tuplet own = group.get(i).tuplet();
            told.put(group.get(i), new Tuplet(own.actual(), own.normal(), i, group.size()));
        }
        group.clear();
    }
}
