package com.zestythumb.core.voicing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Chords voiced as a few of their members in a given order from below, such as root and seventh, at every place in the
 * hand's range. What it lays is data: shapes such as {@code "bass third"}, in rows of which a hand that cannot span the
 * first gets the next; where it can span none, the last row is voiced, and the stretch charged.
 *
 * <p>A sixth stands in for a missing seventh, a fourth or second for a missing third (common practice). Where a slash
 * chord has the member in the bass already, the root takes its place.
 */
final class ChordToneStyle extends NamedStyle {

    /** A place in a shape. */
    private enum Place {
        BASS(Chord::bass),
        ROOT(Chord::root),
        /** The root above a bass that is another note. */
        ROOTABOVE(chord -> chord.hasSlash() ? chord.root() : null),
        /** An eleventh chord has its eleventh in place of a third. */
        THIRD(chord -> first(chord, 3, 4, 2, 11)),
        FIFTH(chord -> first(chord, 5)),
        SEVENTH(chord -> first(chord, 7, 6)),
        /** The third an octave higher than it need be. */
        TENTH(chord -> first(chord, 3, 4, 2)),
        /** The ninth, lowered or raised as the chord has it; the root where a ninth would be foreign. */
        NINTH(Colours::ninth),
        /** The thirteenth of a dominant, an eleventh that is named, the fifth of any other chord. */
        COLOUR(Colours::thirteenth),
        /** The same half a step lower, of a dominant that names neither. */
        LOWNINTH(Colours::lowNinth),
        LOWCOLOUR(Colours::lowThirteenth),
        /** Sixth and minor seventh above the root, whatever the symbol names, as in a boogie. */
        SIXTH(Colours::sixth),
        FLATSEVENTH(Colours::flatSeventh),
        OWNSEVENTH(Colours::ownSeventh),
        /** The fifth of a chord over its root. */
        PLAINFIFTH(chord -> chord.hasSlash() ? null : first(chord, 5)),
        /** The fifth over a written bass; where it is that bass, the third. */
        OTHER(chord -> chord.hasSlash()
                ? first(chord, 5) != null && first(chord, 5).soundsLike(chord.bass())
                        ? first(chord, 3, 4, 2)
                        : first(chord, 5)
                : null),
        /** The fifth, or the root over a bass that is another note. */
        RISE(chord -> chord.hasSlash() ? chord.root() : first(chord, 5));

        private final Function<Chord, PitchClass> in;

        Place(Function<Chord, PitchClass> in) {
            this.in = in;
        }

        private static PitchClass first(Chord chord, int... numbers) {
            for (int number : numbers) {
                Interval interval = chord.quality().numbered(number);
                if (interval != null) {
                    return chord.root().plus(interval);
                }
            }
            return null;
        }
    }

    private static final int OCTAVE = 12;
    private static final int FOUR = 4;

    /** What a plain triad does not have. */
    private static final Set<Place> COLOURED = EnumSet.of(Place.SEVENTH, Place.NINTH, Place.COLOUR);

    /** What a pattern goes through, and a chord that is held does not have. */
    private static final Set<Place> PASSED = EnumSet.of(Place.SIXTH, Place.FLATSEVENTH, Place.OWNSEVENTH);

    /** Colours that a symbol does not name are the key's: lowered where a dominant leads to a minor chord, else not. */
    private static final CostTerm FOREIGN_COLOUR = new CostTerm(
            "foreign-colour",
            "an added ninth or thirteenth that the key does not have",
            "notes",
            9,
            (voicing, place) -> {
                int foreign = 0;
                for (Tone tone :
                        voicing.isSilent() ? List.<Tone>of() : voicing.first().tones()) {
                    foreign += Colours.isForeign(voicing.chord(), tone, place.around()) ? 1 : 0;
                }
                return foreign;
            });

    /** Where a colour gives way to the root or the fifth. */
    private static final CostTerm PLAIN_COLOUR = new CostTerm(
            "plain-colour", "a ninth or thirteenth left out for root or fifth", "notes", 6, (voicing, place) -> {
                if (voicing.first().tones().size() < FOUR) {
                    return 0;
                }
                boolean ninth = Colours.ninth(voicing.chord()) != null && !voicing.has(ChordTone.NINTH);
                boolean thirteenth = Colours.isDominant(voicing.chord()) && !voicing.has(ChordTone.THIRTEENTH);
                return (ninth ? 1 : 0) + (thirteenth ? 1 : 0);
            });

    private static final List<CostTerm> TERMS = List.of(CostTerms.REGISTER, FOREIGN_COLOUR);

    /** Where a style is at home: no lower and no higher, where there is another way. */
    private record Home(int lowest, int lowestTop, int highestTop) {

        boolean has(Voicing voicing) {
            int top = voicing.first().highest().midi();
            return voicing.first().lowest().midi() >= lowest && top >= lowestTop && top <= highestTop;
        }
    }

    private static final Home ANYWHERE = new Home(0, 0, Integer.MAX_VALUE);

    private final List<List<List<Place>>> rows;
    private final boolean onRoot;
    private final Home home;
    private final List<TransitionTerm> ways;

    /**
     * A style that lays these shapes.
     *
     * @param rows shapes parted by commas, places by blanks: {@code "bass third, bass seventh"}; the last row has a shape
     *     for every chord
     */
    ChordToneStyle(Label label, String... rows) {
        this(
                label,
                TERMS,
                List.of(),
                false,
                ANYWHERE,
                Arrays.stream(rows).map(ChordToneStyle::shapes).toList());
    }

    private ChordToneStyle(
            Label label,
            List<CostTerm> terms,
            List<TransitionTerm> ways,
            boolean onRoot,
            Home home,
            List<List<List<Place>>> rows) {
        super(label, terms);
        this.rows = rows;
        this.onRoot = onRoot;
        this.home = home;
        this.ways = ways;
    }

    /** The same with colours that give way where the tune or the key asks for it. */
    ChordToneStyle coloured() {
        List<CostTerm> more =
                Stream.concat(terms().stream(), Stream.of(PLAIN_COLOUR)).toList();
        return new ChordToneStyle(label(), more, ways, onRoot, home, rows);
    }

    /** The same, on its root: a chord that comes again keeps its octave. */
    ChordToneStyle onRoot() {
        return new ChordToneStyle(label(), terms(), ways, true, home, rows);
    }

    /** The same with its lowest note no lower than this, and its highest between these, where there is a way. */
    ChordToneStyle between(String lowest, String lowestTop, String highestTop) {
        Home other = new Home(
                Pitch.parse(lowest).midi(),
                Pitch.parse(lowestTop).midi(),
                Pitch.parse(highestTop).midi());
        return new ChordToneStyle(label(), terms(), ways, onRoot, other, rows);
    }

    /** The same charged for something of its own in place of the register that chords have. */
    ChordToneStyle inPlaceOfRegister(CostTerm... others) {
        List<CostTerm> some = Stream.concat(
                        terms().stream().filter(term -> term != CostTerms.REGISTER), Arrays.stream(others))
                .toList();
        return new ChordToneStyle(label(), some, ways, onRoot, home, rows);
    }

    /** The same, charging for something on the way from chord to chord. */
    ChordToneStyle charging(TransitionTerm... others) {
        return new ChordToneStyle(label(), terms(), List.of(others), onRoot, home, rows);
    }

    @Override
    public boolean keepsPlace() {
        return onRoot;
    }

    @Override
    public boolean isOnTheWay() {
        return rows.get(0).get(0).stream().anyMatch(PASSED::contains);
    }

    @Override
    public List<TransitionTerm> ways() {
        return ways;
    }

    private static List<List<Place>> shapes(String row) {
        return Arrays.stream(row.split(", ")).map(ChordToneStyle::shape).toList();
    }

    private static List<Place> shape(String words) {
        return Arrays.stream(words.split(" "))
                .map(word -> Place.valueOf(word.toUpperCase(Locale.ROOT)))
                .toList();
    }

    /** Whether the first row has a shape for it; a seventh or ninth that is named must be there, or a sixth for it. */
    @Override
    public boolean isFor(Chord chord) {
        boolean needsSeventh = rows.get(0).stream().flatMap(List::stream).anyMatch(COLOURED::contains);
        return (!needsSeventh || Place.SEVENTH.in.apply(chord) != null)
                && rows.get(0).stream().anyMatch(shape -> !tones(chord, shape).isEmpty());
    }

    @Override
    public boolean reaches(Chord chord, Wishes wishes) {
        for (List<List<Place>> row : rows) {
            List<Voicing> here = voiced(chord, row, wishes);
            if (!here.isEmpty()) {
                return here.stream().anyMatch(wishes::allow);
            }
        }
        return true;
    }

    @Override
    public List<Voicing> candidates(Chord chord, Wishes wishes) {
        List<Voicing> voiced = List.of();
        for (List<List<Place>> row : rows) {
            List<Voicing> here = voiced(chord, row, wishes);
            List<Voicing> within = here.stream().filter(wishes::allow).toList();
            if (!within.isEmpty()) {
                List<Voicing> atHome = within.stream().filter(home::has).toList();
                return atHome.isEmpty() ? within : atHome;
            }
            voiced = here.isEmpty() ? voiced : here;
        }
        return voiced;
    }

    /** A bass that the chart writes is the lowest note, where the style has basses at all. */
    private static List<Voicing> voiced(Chord chord, List<List<Place>> row, Wishes wishes) {
        boolean hasBass = row.stream().anyMatch(shape -> shape.get(0) == Place.BASS);
        List<Voicing> here = new ArrayList<>();
        row.forEach(shape -> addEverywhere(chord, shape, wishes.hand(), here));
        return here.stream()
                .filter(voicing -> !hasBass
                        || !chord.hasSlash()
                        || voicing.first().lowest().pitchClass().equals(chord.bass()))
                .distinct()
                .toList();
    }

    /** The notes of a shape from below; none where the chord has no such member. */
    private static List<PitchClass> tones(Chord chord, List<Place> shape) {
        List<PitchClass> tones = new ArrayList<>();
        for (Place place : shape) {
            PitchClass tone = place.in.apply(chord);
            if (tone == null) {
                return List.of();
            }
            boolean isThere = place != Place.BASS && place != Place.ROOT && tones.contains(tone);
            tones.add(isThere ? chord.root() : tone);
        }
        return tones;
    }

    private static void addEverywhere(Chord chord, List<Place> shape, Hand hand, List<Voicing> found) {
        List<PitchClass> tones = tones(chord, shape);
        int from = hand.lowest().midi();
        while (!tones.isEmpty()) {
            List<Tone> voiced = new ArrayList<>();
            int floor = from;
            for (int i = 0; i < tones.size(); i++) {
                boolean wide = shape.get(i) == Place.TENTH;
                Pitch pitch = Pitch.atOrAbove(
                        tones.get(i), wide ? voiced.get(0).pitch().midi() + OCTAVE : floor);
                voiced.add(new Tone(pitch, Colours.member(chord, pitch.pitchClass())));
                floor = pitch.midi() + 1;
            }
            if (voiced.get(voiced.size() - 1).pitch().midi() > hand.highest().midi()) {
                return;
            }
            // Whatever the hand leaves out, the harmony has its own bass.
            found.add(new Voicing(chord, chord.bass(), List.of(new Grip(voiced))));
            from = voiced.get(0).pitch().midi() + 1;
        }
    }
}
