package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.CostTerm;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * How a school of teaching sees the rules.
 *
 * @param id how it is called in data
 * @param name as it is offered to the teacher
 * @param entries the rules it looks at, in the order in which their findings are listed
 * @param gathers whether what it finds is told once a kind, with its bars
 */
public record School(String id, String name, List<Entry> entries, boolean gathers) {

    /**
     * A rule in a school.
     *
     * @param weight half steps that the solver pays rather than break it, for each unit; 0 where it is only pointed out
     * @param limits its parameters, by name
     * @param told whether what it finds is told; else the school does not mind it, and a teacher may weigh it all the same
     */
    public record Entry(Rule rule, int weight, Map<String, Double> limits, boolean told) {

        /** One that is told. */
        public Entry(Rule rule, int weight, Map<String, Double> limits) {
            this(rule, weight, limits, true);
        }

        public Entry {
            limits = Map.copyOf(limits);
            if (weight < 0) {
                throw new IllegalArgumentException("a weight is 0 or more, not " + weight);
            }
        }
    }

    private static final Rule STRETCH = new StretchRule();
    private static final Rule FINGER_TWICE = new FingerTwiceRule();
    private static final Rule LEAP = new LeapRule();
    private static final Rule MUD = new MudRule();
    private static final Rule PARALLELS = new ParallelRule();
    private static final Rule CLASH = new ClashRule();
    private static final Rule COLLISION = new CollisionRule();
    private static final Rule DOUBLING = new DoublingRule();
    private static final Rule STRAIN = new StrainRule();

    /** Eight wide chords or sixteen narrow ones, four and more to a second (from memory of lessons; a rule of thumb). */
    private static final Map<String, Double> STRAINS =
            Map.of(StrainRule.STROKES, 8.0, StrainRule.SPEED, 4.0, StrainRule.WIDE, 0.8);

    /**
     * More than an octave, a fifth within half a second, or an octave and a fifth where there is a second or more; between
     * bass and chord two octaves, an octave within a fifth of a second (common practice; the figures from memory).
     */
    private static final Map<String, Double> LEAPS = Map.of(
            LeapRule.AT_LEISURE, 19.0,
            LeapRule.EVER, 12.0,
            LeapRule.IN_HASTE, 7.0,
            LeapRule.HASTE, 0.5,
            LeapRule.JOURNEY, 24.0,
            LeapRule.RUSH, 0.2);

    /** So much that a stretch is taken only where nothing else is left. */
    private static final int NEVER = 100;

    private static final Map<String, Double> GRACE = Map.of(MudRule.GRACE, 2.0);

    /** Parallels are a sound like any other, and no matter (common practice in popular music). */
    public static final School POPULAR = new School(
            "popular",
            "Popular",
            List.of(
                    new Entry(STRETCH, NEVER, Map.of()),
                    new Entry(FINGER_TWICE, 0, Map.of()),
                    new Entry(LEAP, 0, LEAPS),
                    new Entry(MUD, 4, GRACE),
                    new Entry(PARALLELS, 0, Map.of(ParallelRule.BARE_FIFTHS, 0.0), false),
                    new Entry(CLASH, 8, Map.of()),
                    new Entry(COLLISION, 3, Map.of()),
                    new Entry(DOUBLING, 3, Map.of(), false),
                    new Entry(STRAIN, 0, STRAINS)),
            true);

    /** Parallel fifths and octaves are avoided where there is a way (any textbook of harmony). */
    public static final School CLASSICAL = new School(
            "classical",
            "Classical",
            List.of(
                    new Entry(STRETCH, NEVER, Map.of()),
                    new Entry(FINGER_TWICE, 0, Map.of()),
                    new Entry(LEAP, 12, LEAPS),
                    new Entry(MUD, 4, GRACE),
                    new Entry(PARALLELS, 24, Map.of(ParallelRule.BARE_FIFTHS, 1.0)),
                    new Entry(CLASH, 8, Map.of()),
                    new Entry(COLLISION, 3, Map.of()),
                    new Entry(DOUBLING, 3, Map.of()),
                    new Entry(STRAIN, 0, STRAINS)),
            false);

    /** What a textbook of harmony asks of four parts is asked of the hands as well. */
    public static final School STRICT = new School(
            "strict",
            "Strict",
            Stream.concat(
                            CLASSICAL.entries().stream(),
                            Stream.of(
                                    new Entry(new DirectRule(), 6, Map.of()),
                                    new Entry(new ContraryRule(), 12, Map.of()),
                                    new Entry(new LeadingRule(), 12, Map.of()),
                                    new Entry(new SeventhRule(), 12, Map.of()),
                                    new Entry(new MelodicRule(), 6, Map.of()),
                                    new Entry(new OverlapRule(), 0, Map.of()),
                                    new Entry(new SpacingRule(), 0, Map.of()),
                                    new Entry(new FalseRelationRule(), 6, Map.of())))
                    .toList(),
            false);

    private static final List<School> ALL = List.of(POPULAR, CLASSICAL, STRICT);

    public School {
        entries = List.copyOf(entries);
    }

    /** What the solver charges candidates for, as this school weighs it; without tune nothing of the rules of meetings. */
    public List<CostTerm> charges(boolean withTune) {
        return entries.stream()
                .filter(entry -> entry.rule().charge() != null)
                .filter(entry -> withTune || !(entry.rule() instanceof Rule.OfMeeting))
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
