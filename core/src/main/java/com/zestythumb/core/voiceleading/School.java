package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.CostTerm;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * How a school of teaching sees the rules; how grave it holds what they find stands in {@link Kind}.
 *
 * @param id how it is called in data
 * @param name as it is offered to the teacher
 * @param entries every rule with its weight and limits, in the order in which findings are listed
 * @param groupsByKind whether what is found is shown once a kind, with its bars
 */
public record School(
        String id, String name, List<Entry> entries, Function<Kind, Severity> severities, boolean groupsByKind) {

    /**
     * A rule in a school.
     *
     * @param weight half steps that the solver pays rather than break it, for each unit; 0 where it is only pointed out
     * @param limits its parameters, by name
     */
    public record Entry(Rule<?> rule, int weight, Map<String, Double> limits) {

        public Entry {
            limits = Map.copyOf(limits);
            if (weight < 0) {
                throw new IllegalArgumentException("a weight is 0 or more, not " + weight);
            }
        }
    }

    /** A line of the table: a rule, and its weight and limits in the popular, the classical and the strict school. */
    private record Row(Rule<?> rule, int[] weights, Map<String, double[]> limits) {

        Row limit(String name, double popular, double classical, double strict) {
            Map<String, double[]> all = new HashMap<>(limits);
            all.put(name, new double[] {popular, classical, strict});
            return new Row(rule, weights, all);
        }

        Row limit(String name, double everywhere) {
            return limit(name, everywhere, everywhere, everywhere);
        }

        Entry in(int school) {
            Map<String, Double> own = new HashMap<>();
            limits.forEach((name, values) -> own.put(name, values[school]));
            return new Entry(rule, weights[school], own);
        }
    }

    private static Row row(Rule<?> rule, int popular, int classical, int strict) {
        return new Row(rule, new int[] {popular, classical, strict}, Map.of());
    }

    private static Row shown(Rule<?> rule) {
        return row(rule, 0, 0, 0);
    }

    /** So much that it is taken only where nothing else is left. */
    private static final int NEVER = 100;

    /** Where a third is never missed. */
    private static final double MORE_THAN_A_HAND = 99;

    private static final List<Row> TABLE = List.of(
            row(HandRules.STRETCH, NEVER, NEVER, NEVER),
            shown(HandRules.FINGER_TWICE),
            shown(HandRules.FINGER_ORDER),
            shown(ChordRules.TONES).limit(ChordRules.EVERY_HAND, 0, 0, 1).limit(ChordRules.COLOURS, 1, 0, 0),
            shown(ChordRules.MISSING)
                    .limit(ChordRules.FULL, MORE_THAN_A_HAND, MORE_THAN_A_HAND, 4)
                    .limit(ChordRules.FULL_WITH_TUNE, MORE_THAN_A_HAND, MORE_THAN_A_HAND, 3),
            // More than an octave, a fifth within half a second, or an octave and a fifth where there is a second or
            // more; between
            // bass and chord two octaves, an octave within a fifth of a second (common practice; the figures from
            // memory).
            row(HandRules.LEAP, 0, 12, 12)
                    .limit(HandRules.AT_LEISURE, 19)
                    .limit(HandRules.EVER, 12)
                    .limit(HandRules.IN_HASTE, 7)
                    .limit(HandRules.HASTE, 0.5)
                    .limit(HandRules.JOURNEY, 24)
                    .limit(HandRules.RUSH, 0.2),
            shown(HandRules.NEEDLESS_JUMP),
            row(HandRules.MUD, 4, 4, 4).limit(HandRules.GRACE, 2),
            row(HandRules.CLASH, 8, 8, 8),
            row(HandRules.COLLISION, 20, 20, 20),
            row(StepRules.PARALLELS, 0, NEVER, NEVER)
                    .limit(StepRules.BARE_FIFTHS, 0, 1, 1)
                    .limit(StepRules.EVERY_VOICE, 0, 0, 1)
                    .limit(StepRules.BROKEN_INSIDE, 0, 0, 1),
            row(HandRules.DOUBLING, 3, 3, 60),
            row(StepRules.DIRECT, 0, 0, 30),
            row(StepRules.CONTRARY, 0, 0, 60),
            row(StepRules.LEADING, 0, 0, 60),
            row(StepRules.SEVENTH, 0, 0, 60),
            row(StepRules.MELODIC, 0, 0, 20),
            shown(LineRules.MELODIC),
            shown(StepRules.UNPREPARED),
            shown(SonorityRules.DOUBLED),
            shown(StepRules.ALTERED),
            shown(StepRules.AUGMENTED_SIXTH),
            shown(StepRules.NEAPOLITAN),
            shown(StepRules.APPLIED),
            shown(SonorityRules.CROSSING),
            shown(StepRules.OVERLAP),
            shown(SonorityRules.SPACING),
            shown(LineRules.RANGE),
            shown(LineRules.RECOVERY),
            shown(StepRules.ONE_WAY),
            shown(ChordRules.SIX_FOUR),
            shown(ChordRules.SUSPENSION),
            shown(LineRules.SUSPENSION),
            shown(ChordRules.WEAK_TO_STRONG),
            shown(StepRules.SIX_FOUR),
            shown(StepRules.BACKWARDS),
            row(StepRules.FALSE_RELATION, 0, 0, 20),
            shown(HandRules.HELD_INTO),
            shown(HandRules.ONE_RHYTHM),
            shown(HandRules.GAP),
            // Eight wide chords or sixteen narrow ones, four and more to a second (from memory of lessons; a rule of
            // thumb).
            shown(HandRules.STRAIN)
                    .limit(HandRules.STROKES, 8)
                    .limit(HandRules.SPEED, 4)
                    .limit(HandRules.WIDE, 0.8),
            shown(HandRules.AT_THE_PIANO));

    private static List<Entry> entries(int school) {
        List<Entry> entries = new ArrayList<>();
        TABLE.forEach(row -> entries.add(row.in(school)));
        return entries;
    }

    /** Parallels are a sound like any other, and no matter (common practice in popular music). */
    public static final School POPULAR = new School("popular", "Popular", entries(0), Kind::popular, true);

    /** Parallel fifths and octaves are avoided where there is a way (any textbook of harmony). */
    public static final School CLASSICAL = new School("classical", "Classical", entries(1), Kind::classical, false);

    /** What a textbook of harmony asks of four parts is asked of the hands as well. */
    public static final School STRICT = new School("strict", "Strict", entries(2), Kind::strict, false);

    private static final List<School> ALL = List.of(POPULAR, CLASSICAL, STRICT);

    public School {
        entries = List.copyOf(entries);
    }

    /** How grave it holds something. */
    public Severity of(Kind kind) {
        return severities.apply(kind);
    }

    /** What the solver charges candidates for, as this school weighs it; without tune nothing of what hands do to one. */
    public List<CostTerm> charges(boolean withTune) {
        return entries.stream()
                .filter(entry -> entry.rule().charge() != null)
                .filter(entry -> withTune || entry.rule().subject() != VerticalInterval.class)
                .map(entry -> entry.rule().charge().weighing(entry.weight()))
                .toList();
    }

    public static List<School> all() {
        return ALL;
    }

    /**
     * The school with this id.
     *
     * @throws IllegalArgumentException if there is none
     */
    public static School named(String id) {
        return ALL.stream()
                .filter(school -> school.id.equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no school \"" + id + "\"; choose one of "
                        + ALL.stream().map(School::id).toList()));
    }
}
