package com.zestythumb.core.analysis;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.pitch.PitchClass;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * Reads each chord in its key and among its neighbours. The rules stand in the order in which a teacher
 * would try them; the first that fits gives numeral, role and reason.
 */
final class HarmonyReader {

    private static final double SURE = 0.95;
    private static final double LIKELY = 0.8;
    private static final double OPEN = 0.6;
    private static final double DOUBTFUL = 0.35;

    /** What a diminished chord is above the root of its dominant. */
    private static final Map<Kind, String> DOMINANTS =
            Map.of(Kind.DIMINISHED, "7", Kind.HALF_DIMINISHED, "9", Kind.DIMINISHED_SEVENTH, "7b9");

    private final Neighbourhood here;
    private final Chord chord;
    private final Chord next;
    private final Key key;
    private final boolean minor;
    private final Kind kind;
    private final int degree;
    private final boolean blues;
    private final NoteNames names;

    /**
     * Gets ready to read a chord.
     *
     * @param blues whether minor sevenths are at rest in this tune
     * @param names how the teacher calls the notes
     */
    HarmonyReader(Neighbourhood here, boolean blues, NoteNames names) {
        this.here = here;
        this.chord = here.chord();
        this.next = here.next();
        this.key = here.key();
        this.minor = here.isMinor();
        this.kind = here.kind();
        this.degree = here.degree();
        this.blues = blues;
        this.names = names;
    }

    Reading read() {
        return Stream.<Supplier<Optional<Reading>>>of(
                        this::cadential,
                        this::overMovingOrHeldBass,
                        this::suspended,
                        this::blues,
                        this::augmentedSixth,
                        this::neapolitan,
                        this::tritoneSubstitute,
                        this::rootlessNinth,
                        this::diatonic,
                        this::appliedDominant,
                        this::related,
                        this::diminished,
                        this::backdoor,
                        this::borrowed)
                .map(Supplier::get)
                .flatMap(Optional::stream)
                .findFirst()
                .orElseGet(() ->
                        plain(Role.CHROMATIC, "a colour from outside the key; listen to where its notes go", DOUBTFUL));
    }

    /** What else a teacher might call it, in this key. */
    List<String> others() {
        return Stream.<Optional<Reading>>of(
                        Optional.of(plain(Role.DIATONIC, "", SURE)),
                        appliedDominant(),
                        appliedTwo(),
                        tritoneSubstitute(),
                        dominantWithoutRoot())
                .flatMap(Optional::stream)
                .map(reading -> reading.numeral().toString())
                .distinct()
                .toList();
    }

    private String name(Key named) {
        return names.fromEnglish(named.pretty());
    }

    private String name(PitchClass note) {
        return names.fromEnglish(note.pretty());
    }

    private Reading plain(Role role, String reason, double confidence) {
        return reading(Numeral.plain(chord, key), role, function(degree), reason, confidence);
    }

    private Reading reading(Numeral numeral, Role role, Function function, String reason, double confidence) {
        return new Reading(chord, key, numeral, role, function, reason, confidence, numeral, List.of());
    }

    /** Tonic, subdominant or dominant by the degree of the root (common practice). */
    private Function function(int on) {
        return switch (on) {
            case 7, 11 -> Function.DOMINANT;
            case 2, 5, 1, 6 -> Function.SUBDOMINANT;
            case 8 -> minor ? Function.TONIC : Function.SUBDOMINANT;
            case 10 -> minor ? Function.DOMINANT : Function.SUBDOMINANT;
            default -> Function.TONIC;
        };
    }

    private Optional<Reading> cadential() {
        if (!here.isCadential()) {
            return Optional.empty();
        }
        return Optional.of(reading(
                Numeral.plain(chord, key),
                Role.CADENTIAL,
                Function.DOMINANT,
                "the notes of home over the dominant's bass: it leans on the chord that follows",
                SURE));
    }

    private Optional<Reading> overMovingOrHeldBass() {
        if (!here.isSixFourBetween()) {
            return Optional.empty();
        }
        if (here.isBassHeld()) {
            return Optional.of(
                    plain(Role.PEDAL, "the upper notes step away and come back while the bass stays", LIKELY));
        }
        return here.isBassPassing()
                ? Optional.of(plain(Role.PASSING, "its bass passes by step from one chord to the next", LIKELY))
                : Optional.empty();
    }

    private Optional<Reading> suspended() {
        if (kind != Kind.SUSPENDED) {
            return Optional.empty();
        }
        boolean resolves = next != null && next.root().soundsLike(chord.root()) && Kind.of(next) != Kind.SUSPENDED;
        return Optional.of(plain(
                Role.SUSPENDED,
                resolves
                        ? "a note is held over and steps down into the next chord"
                        : "a note is held in place of the third",
                resolves ? SURE : LIKELY));
    }

    private Optional<Reading> blues() {
        boolean atRest = blues && kind == Kind.DOMINANT && (degree == 0 || degree == 5);
        return atRest
                ? Optional.of(plain(Role.BLUES, "its seventh is a colour of the blues and need not go on", LIKELY))
                : Optional.empty();
    }

    private Optional<Reading> augmentedSixth() {
        boolean onFlatSix = degree == 8 && kind == Kind.DOMINANT;
        if (!onFlatSix || !here.goesToDominant()) {
            return Optional.empty();
        }
        boolean french = chord.quality().numbered(5) != null
                && chord.quality().numbered(5).semitones() == 6;
        boolean italian = chord.quality().numbered(5) == null;
        return Optional.of(reading(
                new Numeral(italian ? "It" : french ? "Fr" : "Ger", "+6", null),
                Role.AUGMENTED_SIXTH,
                Function.SUBDOMINANT,
                "an augmented sixth: its outer notes push apart to the dominant's octave",
                LIKELY));
    }

    private Optional<Reading> neapolitan() {
        boolean flatTwo = degree == 1 && kind == Kind.MAJOR && !chord.quality().hasSeventh();
        if (!flatTwo || !(here.goesToDominant() || minor || here.inversion() == 1)) {
            return Optional.empty();
        }
        String figures = Numeral.plain(chord, key).figures();
        return Optional.of(reading(
                new Numeral("N", figures, null),
                Role.NEAPOLITAN,
                Function.SUBDOMINANT,
                "the Neapolitan: a major chord a half step above home, on its way to the dominant",
                here.goesToDominant() ? SURE : LIKELY));
    }

    private Optional<Reading> tritoneSubstitute() {
        if (kind != Kind.DOMINANT || next == null || degree == 8 && minor) {
            return Optional.empty();
        }
        int goal = Math.floorMod(degree - 1, 12);
        boolean slides = here.degreeOf(next) == goal && (goal == 0 || Degrees.target(goal, key) != null);
        boolean ordinary = here.isDiatonicRoot() && degree != 5 || goal == 7;
        if (!slides || ordinary || here.inversion() > 0) {
            return Optional.empty();
        }
        String of = goal == 0 ? null : Degrees.target(goal, key);
        return Optional.of(reading(
                Numeral.applied("subV", chord, of),
                Role.TRITONE_SUBSTITUTE,
                Function.DOMINANT,
                "it stands for the dominant a tritone away, shares its third and seventh, and slides down a half step",
                LIKELY));
    }

    private Optional<Reading> diatonic() {
        boolean raised = minor && (degree == 7 || degree == 11 && kind.isDiminished());
        boolean inKey = here.isInKey();
        boolean plainDominant = degree == 7 && Kind.canLead(chord);
        boolean leading = minor && degree == 11 && kind.isDiminished()
                || !minor && degree == 11 && (kind == Kind.DIMINISHED || kind == Kind.HALF_DIMINISHED);
        boolean melodicMinor = minor
                && !here.goesToFifthBelow()
                && (degree == 5 && kind == Kind.MAJOR
                        || degree == 2 && kind == Kind.MINOR
                        || degree == 9 && kind.isDiminished() && kind != Kind.DIMINISHED_SEVENTH);
        boolean augmentedMediant = minor && degree == 3 && kind == Kind.AUGMENTED;
        boolean leadsAway = kind == Kind.DOMINANT && degree != 7 && here.goesToFifthBelow();
        if (leadsAway || !(inKey || plainDominant || leading || melodicMinor || augmentedMediant)) {
            return Optional.empty();
        }
        Function function = augmentedMediant ? Function.DOMINANT : function(degree);
        String reason = degree == 0
                ? "home: the chord of rest in " + name(key)
                : switch (function) {
                    case TONIC -> "a chord of " + name(key) + " that is nearly at rest";
                    case SUBDOMINANT -> "a chord of " + name(key) + " that leads away from home";
                    case DOMINANT ->
                        (leading && kind.isDiminished() ? withoutRoot(key.tonic()) + ": " : "")
                                + "it wants to go home to " + name(key.tonic());
                };
        String form = raised && kind != Kind.MINOR
                ? ", with the raised seventh of the minor scale"
                : melodicMinor
                        ? ", with the raised sixth of the minor scale"
                        : kind == Kind.OPEN ? ", without its third; the scale tells which" : "";
        return Optional.of(reading(Numeral.plain(chord, key), Role.DIATONIC, function, reason + form, SURE));
    }

    private Optional<Reading> appliedDominant() {
        int goal = Math.floorMod(degree + 5, 12);
        String target = Degrees.target(goal, key);
        boolean major =
                kind == Kind.DOMINANT || kind == Kind.MAJOR && !here.hasMajorSeventh() || kind == Kind.AUGMENTED;
        boolean rootFits = here.isRootInScale() || here.goesToFifthBelow();
        // The major tonic that closes a minor tune leads nowhere.
        boolean closes = minor && degree == 0 && kind == Kind.MAJOR && !here.goesToFifthBelow();
        boolean plainTriad = closes || kind == Kind.MAJOR && !here.goesToFifthBelow() && degree == (minor ? 5 : 10);
        if (target == null || !major || !rootFits || plainTriad || minor && degree == 8 && !here.goesToFifthBelow()) {
            return Optional.empty();
        }
        boolean resolves = here.goesToFifthBelow();
        String goalName =
                name(Degrees.noteOf(target, key)) + (Character.isLowerCase(target.charAt(0)) ? " minor" : " major");
        return Optional.of(reading(
                Numeral.applied("V" + (kind == Kind.AUGMENTED ? "+" : ""), chord, target),
                Role.APPLIED,
                Function.DOMINANT,
                "the dominant of " + goalName + ", the " + target
                        + (resolves ? ", where it goes" : ", where it does not go"),
                resolves ? SURE : OPEN));
    }

    /** A diminished chord leads up a half step into the next one, or shares a note with it. */
    private Optional<Reading> diminished() {
        if (!kind.isDiminished()) {
            return Optional.empty();
        }
        Chord goal = here.goal();
        if (kind == Kind.DIMINISHED_SEVENTH && next != null && !here.isNextCadential()) {
            boolean shares = here.sharesRootOfNext();
            if (shares) {
                return Optional.of(reading(
                        new Numeral("ct°", "7", null),
                        Role.COMMON_TONE,
                        function(here.degreeOf(next)),
                        "it shares " + name(next.root()) + " with the next chord and only colours it",
                        LIKELY));
            }
        }
        boolean anyRoot = kind == Kind.DIMINISHED_SEVENTH && goal != null;
        List<PitchClass> roots = anyRoot ? chord.tones() : List.of(chord.root());
        for (PitchClass root : roots) {
            int target = Math.floorMod(Degrees.between(key.tonic(), root) + 1, 12);
            boolean resolves = goal != null && here.degreeOf(goal) == target;
            boolean home = target == 0;
            String of = home ? "" : Degrees.target(target, key);
            if (of != null && (resolves || !anyRoot)) {
                return Optional.of(leading(root, of, resolves));
            }
        }
        String of = Degrees.target(Math.floorMod(degree + 1, 12), key);
        if (degree == 11) {
            return Optional.of(leading(chord.root(), "", false));
        }
        return of == null ? Optional.empty() : Optional.of(leading(chord.root(), of, false));
    }

    private Reading leading(PitchClass root, String of, boolean resolves) {
        Chord asRoot = kind == Kind.DIMINISHED_SEVENTH ? renamed(root) : chord;
        String roman = "vii" + (kind == Kind.HALF_DIMINISHED ? "ø" : "°");
        Role role = of.isEmpty() ? minor ? Role.DIATONIC : Role.BORROWED : Role.APPLIED;
        PitchClass goal = of.isEmpty() ? key.tonic() : Degrees.noteOf(of, key);
        return reading(
                Numeral.applied(roman, asRoot, of.isEmpty() ? null : of),
                role,
                Function.DOMINANT,
                "a leading-tone chord: " + withoutRoot(goal) + ", and it pulls up to " + name(goal),
                resolves ? SURE : OPEN);
    }

    /** The dominant of which a diminished chord is the upper part: "G7 without its root". */
    private String withoutRoot(PitchClass goal) {
        return name(goal.plus(Interval.PERFECT_FIFTH)) + DOMINANTS.get(kind).replace('b', '♭') + " without its root";
    }

    /** The same with its numeral: {@code "V9"} for a half-diminished seventh on the leading tone. */
    private Optional<Reading> dominantWithoutRoot() {
        return kind.isDiminished() && here.isLeadingTone()
                ? Optional.of(
                        reading(Numeral.parse("V" + DOMINANTS.get(kind)), Role.DIATONIC, Function.DOMINANT, "", OPEN))
                : Optional.empty();
    }

    /** Dm6 before C holds all of G9 but its root (common practice). */
    private Optional<Reading> rootlessNinth() {
        boolean six = kind == Kind.MINOR && "m6".equals(chord.quality().suffix());
        return six && degree == 2 && next != null && here.degreeOf(next) == 0
                ? Optional.of(reading(
                        Numeral.plain(chord, key),
                        Role.DIATONIC,
                        Function.DOMINANT,
                        "the notes of " + name(key.degree(5)) + "9 without its root, so it can go home as that does",
                        LIKELY))
                : Optional.empty();
    }

    /** A diminished seventh by another of its notes, on the same bass. */
    private Chord renamed(PitchClass root) {
        return new Chord(root, chord.quality(), chord.bass());
    }

    /** Without its dominant it is a chord for itself. */
    private Optional<Reading> related() {
        return here.goesToFifthBelow() && Kind.of(next) == Kind.DOMINANT ? appliedTwo() : Optional.empty();
    }

    /** The ii of an applied dominant. */
    private Optional<Reading> appliedTwo() {
        boolean two = kind == Kind.MINOR || kind == Kind.HALF_DIMINISHED;
        String target = Degrees.target(Math.floorMod(degree + 10, 12), key);
        return two && target != null
                ? Optional.of(reading(
                        Numeral.applied(kind == Kind.MINOR ? "ii" : "iiø", chord, target),
                        Role.RELATED,
                        Function.SUBDOMINANT,
                        "it prepares the dominant that follows, as ii does in its key",
                        LIKELY))
                : Optional.empty();
    }

    private Optional<Reading> backdoor() {
        boolean flatSeven = !minor && degree == 10 && kind == Kind.DOMINANT && next != null && here.degreeOf(next) == 0;
        return flatSeven
                ? Optional.of(reading(
                        Numeral.plain(chord, key),
                        Role.BACKDOOR,
                        Function.DOMINANT,
                        "the way home by the back door: a whole step up instead of a fifth down",
                        LIKELY))
                : Optional.empty();
    }

    private Optional<Reading> borrowed() {
        boolean fits = here.isInOtherMode();
        if (!fits) {
            return Optional.empty();
        }
        String mode = minor ? "major" : "minor";
        String reason = minor && degree == 0
                ? "the major chord at the end of a minor tune"
                : "borrowed from " + name(key.tonic()) + " " + mode;
        return Optional.of(plain(Role.BORROWED, reason, LIKELY));
    }
}
