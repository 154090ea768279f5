package com.zestythumb.core.voiceleading;

import com.zestythumb.core.voicing.CostTerm;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
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
     * @param level how much it is minded; where it is not told a teacher may weigh it all the same
     */
    public record Entry(Rule rule, int weight, Map<String, Double> limits, Level level) {

        /** One that is minded. */
        public Entry(Rule rule, int weight, Map<String, Double> limits) {
            this(rule, weight, limits, Level.MIND);
        }

        /** One that the solver pays nothing for. */
        static Entry told(Rule rule, Level level) {
            return new Entry(rule, 0, Map.of(), level);
        }

        Entry at(Level other) {
            return new Entry(rule, weight, limits, other);
        }

        public Entry {
            limits = Map.copyOf(limits);
            if (weight < 0) {
                throw new IllegalArgumentException("a weight is 0 or more, not " + weight);
            }
        }
    }

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

    private static final int LEAP_AVOIDED = 12;

    /** Where a third is never missed. */
    private static final double MORE_THAN_A_HAND = 99;

    private static final Map<String, Double> GRACE = Map.of(MudRule.GRACE, 2.0);

    /** What all schools mind alike; {@code full}: keys from which on a third is missed. */
    private static List<Entry> common(int leap, double full, Entry... own) {
        Stream<Entry> hand = Stream.of(
                new Entry(new StretchRule(), NEVER, Map.of(), Level.FAULT),
                Entry.told(new FingerTwiceRule(), Level.FAULT),
                Entry.told(new FingerOrderRule(), Level.MIND),
                Entry.told(new ToneRule(), Level.FAULT),
                new Entry(new MissingRule(), 0, Map.of(MissingRule.FULL, full), Level.WORD),
                new Entry(new LeapRule(), leap, LEAPS),
                Entry.told(new NeedlessJumpRule(), Level.WORD),
                new Entry(new MudRule(), 4, GRACE),
                new Entry(new ClashRule(), 8, Map.of()),
                new Entry(new CollisionRule(), 20, Map.of()));
        Stream<Entry> time = Stream.of(
                Entry.told(new HeldIntoRule(), Level.WORD),
                Entry.told(new RhythmRule(), Level.WORD),
                Entry.told(new GapRule(), Level.WORD),
                new Entry(new StrainRule(), 0, STRAINS, Level.FAULT));
        return Stream.of(hand, Stream.of(own), time).flatMap(rules -> rules).toList();
    }

    private static final Rule PARALLELS = new ParallelRule();
    private static final Rule DOUBLING = new DoublingRule();

    /** Parallels are a sound like any other, and no matter (common practice in popular music). */
    public static final School POPULAR = new School(
            "popular",
            "Popular",
            common(
                    0,
                    MORE_THAN_A_HAND,
                    new Entry(PARALLELS, 0, Map.of(ParallelRule.BARE_FIFTHS, 0.0), Level.NONE),
                    new Entry(DOUBLING, 3, Map.of(), Level.NONE)),
            true);

    private static final Entry[] OF_THE_KEYBOARD = {
        new Entry(PARALLELS, NEVER, Map.of(ParallelRule.BARE_FIFTHS, 1.0), Level.FAULT),
        new Entry(DOUBLING, 3, Map.of(), Level.WORD)
    };

    /** Parallel fifths and octaves are avoided where there is a way (any textbook of harmony). */
    public static final School CLASSICAL =
            new School("classical", "Classical", common(LEAP_AVOIDED, MORE_THAN_A_HAND, OF_THE_KEYBOARD), false);

    private static final Entry[] OF_FOUR_PARTS = {
        new Entry(new DirectRule(), 30, Map.of()),
        new Entry(new ContraryRule(), 60, Map.of(), Level.FAULT),
        new Entry(new LeadingRule(), 60, Map.of(), Level.FAULT),
        new Entry(new SeventhRule(), 60, Map.of(), Level.FAULT),
        new Entry(new MelodicRule(), 20, Map.of()),
        Entry.told(new AlteredRule(), Level.MIND),
        Entry.told(new PartCrossingRule(), Level.FAULT),
        Entry.told(new OverlapRule(), Level.MIND),
        Entry.told(new SpacingRule(), Level.MIND),
        Entry.told(new RecoveryRule(), Level.WORD),
        Entry.told(new OneWayRule(), Level.WORD),
        Entry.told(new SixFourRule(), Level.WORD),
        Entry.told(new SuspensionRule(), Level.MIND),
        Entry.told(new FiveFourRule(), Level.WORD),
        new Entry(new FalseRelationRule(), 20, Map.of())
    };

    /** What a textbook of harmony asks of four parts is asked of the hands as well. */
    public static final School STRICT = new School(
            "strict",
            "Strict",
            common(
                    LEAP_AVOIDED,
                    4,
                    Stream.of(OF_THE_KEYBOARD, OF_FOUR_PARTS)
                            .flatMap(Stream::of)
                            .toArray(Entry[]::new)),
            false);

    private static final List<School> ALL = List.of(POPULAR, CLASSICAL, STRICT);

    public School {
        entries = List.copyOf(entries);
    }

    /** The same with the rules that only other schools have, which it does not mind. */
    public School withAllRules() {
        Set<String> had = entries.stream().map(entry -> entry.rule().id()).collect(Collectors.toSet());
        Stream<Entry> others = ALL.stream()
                .flatMap(school -> school.entries.stream())
                .filter(entry -> had.add(entry.rule().id()))
                .map(entry -> entry.at(Level.NONE));
        return new School(id, name, Stream.concat(entries.stream(), others).toList(), gathers);
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
