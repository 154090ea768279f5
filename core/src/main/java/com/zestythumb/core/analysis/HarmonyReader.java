package com.zestythumb.core.analysis;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.PitchClass;
import java.util.List;
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

    private static final boolean[] MAJOR_SCALE = Degrees.scale(Key.parse("C"));
    private static final boolean[] MINOR_SCALE = Degrees.scale(Key.parse("Cm"));

    private final Chord before;
    private final Chord chord;
    private final Chord next;
    private final Chord afterNext;
    private final Key key;
    private final boolean minor;
    private final boolean blues;
    private final Kind kind;
    private final int degree;
    private final boolean[] scale;
    private final int inversion;

    /**
     * Gets ready to read a chord.
     *
     * @param before the chord before, or null; likewise those behind
     * @param blues whether minor sevenths are at rest in this tune
     */
    HarmonyReader(Chord before, Chord chord, Chord next, Chord afterNext, Key key, boolean blues) {
        this.before = before;
        this.chord = chord;
        this.next = next;
        this.afterNext = afterNext;
        this.key = key;
        this.minor = Degrees.isMinor(key);
        this.blues = blues;
        this.kind = Kind.of(chord);
        this.degree = degreeOf(chord);
        this.scale = Degrees.scale(key);
        this.inversion = Degrees.inversion(chord, chord.bass());
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
                        tritoneSubstitute())
                .flatMap(Optional::stream)
                .map(reading -> reading.numeral().toString())
                .distinct()
                .toList();
    }

    private int degreeOf(Chord other) {
        return Degrees.between(key.tonic(), other.root());
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

    private boolean isTonicTriad(Chord other) {
        Kind its = Kind.of(other);
        return degreeOf(other) == 0 && !other.quality().hasSeventh() && (its == Kind.MAJOR || its == Kind.MINOR);
    }

    private boolean isCadential(Chord other, Chord behind) {
        return behind != null
                && isTonicTriad(other)
                && Degrees.inversion(other, other.bass()) == 2
                && degreeOf(behind) == 7
                && (Kind.of(behind).canLead() || Kind.of(behind) == Kind.SUSPENDED)
                && behind.bass().soundsLike(other.bass());
    }

    private Optional<Reading> cadential() {
        if (!isCadential(chord, next)) {
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
        boolean sixFour = inversion == 2 && !chord.quality().hasSeventh();
        if (!sixFour || before == null || next == null) {
            return Optional.empty();
        }
        boolean held = before.bass().soundsLike(chord.bass()) && next.bass().soundsLike(chord.bass());
        if (held) {
            return Optional.of(
                    plain(Role.PEDAL, "the upper notes step away and come back while the bass stays", LIKELY));
        }
        int in = step(before.bass(), chord.bass());
        int out = step(chord.bass(), next.bass());
        return in != 0 && Integer.signum(in) == Integer.signum(out)
                ? Optional.of(plain(Role.PASSING, "its bass passes by step from one chord to the next", LIKELY))
                : Optional.empty();
    }

    /** Half steps of a step up or down; 0 for anything wider. */
    private static int step(PitchClass from, PitchClass to) {
        int up = Math.floorMod(to.semitone() - from.semitone(), 12);
        return up == 1 || up == 2 ? up : up == 10 || up == 11 ? up - 12 : 0;
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

    private boolean goesToDominant() {
        return next != null && (degreeOf(next) == 7 && Kind.of(next).canLead() || isCadential(next, afterNext));
    }

    private Optional<Reading> augmentedSixth() {
        boolean onFlatSix = degree == 8 && kind == Kind.DOMINANT;
        if (!onFlatSix || !goesToDominant()) {
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
        if (!flatTwo || !(goesToDominant() || minor || inversion == 1)) {
            return Optional.empty();
        }
        String figures = Numeral.plain(chord, key).figures();
        return Optional.of(reading(
                new Numeral("N", figures, null),
                Role.NEAPOLITAN,
                Function.SUBDOMINANT,
                "the Neapolitan: a major chord a half step above home, on its way to the dominant",
                goesToDominant() ? SURE : LIKELY));
    }

    private Optional<Reading> tritoneSubstitute() {
        if (kind != Kind.DOMINANT || next == null || degree == 8 && minor) {
            return Optional.empty();
        }
        int goal = Math.floorMod(degree - 1, 12);
        boolean slides = degreeOf(next) == goal && (goal == 0 || Degrees.target(goal, key) != null);
        boolean ordinary = isDiatonicRoot() && degree != 5 || goal == 7;
        if (!slides || ordinary || inversion > 0) {
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

    private boolean isDiatonicRoot() {
        return Fit.price(degree, kind, minor) < 2.3;
    }

    private Optional<Reading> diatonic() {
        boolean raised = minor && (degree == 7 || degree == 11 && kind.isDiminished());
        boolean inKey = isWithin(scale);
        boolean plainDominant = degree == 7 && kind.canLead();
        boolean leading = minor && degree == 11 && kind.isDiminished()
                || !minor && degree == 11 && (kind == Kind.DIMINISHED || kind == Kind.HALF_DIMINISHED);
        boolean melodicMinor = minor
                && !goesToFifthBelow()
                && (degree == 5 && kind == Kind.MAJOR
                        || degree == 2 && kind == Kind.MINOR
                        || degree == 9 && kind.isDiminished() && kind != Kind.DIMINISHED_SEVENTH);
        boolean augmentedMediant = minor && degree == 3 && kind == Kind.AUGMENTED;
        boolean leadsAway = kind == Kind.DOMINANT && degree != 7 && goesToFifthBelow();
        if (leadsAway || !(inKey || plainDominant || leading || melodicMinor || augmentedMediant)) {
            return Optional.empty();
        }
        Function function = augmentedMediant ? Function.DOMINANT : function(degree);
        String reason = degree == 0
                ? "home: the chord of rest in " + key.pretty()
                : switch (function) {
                    case TONIC -> "a chord of " + key.pretty() + " that is nearly at rest";
                    case SUBDOMINANT -> "a chord of " + key.pretty() + " that leads away from home";
                    case DOMINANT -> "it wants to go home to " + key.tonic().pretty();
                };
        String form = raised && kind != Kind.MINOR
                ? ", with the raised seventh of the minor scale"
                : melodicMinor ? ", with the raised sixth of the minor scale" : "";
        return Optional.of(reading(Numeral.plain(chord, key), Role.DIATONIC, function, reason + form, SURE));
    }

    /** All tones in a scale on the tonic. */
    private boolean isWithin(boolean[] degrees) {
        for (Interval tone : chord.quality().intervals()) {
            if (!degrees[(degree + tone.semitones()) % 12]) {
                return false;
            }
        }
        return (chord.upper() == null
                || chord.upper().tones().stream().allMatch(tone -> degrees[Degrees.between(key.tonic(), tone)]));
    }

    private boolean goesToFifthBelow() {
        return next != null && degreeOf(next) == Math.floorMod(degree + 5, 12);
    }

    private Optional<Reading> appliedDominant() {
        int goal = Math.floorMod(degree + 5, 12);
        String target = Degrees.target(goal, key);
        boolean major = kind == Kind.DOMINANT || kind == Kind.MAJOR && !hasMajorSeventh() || kind == Kind.AUGMENTED;
        boolean rootFits = scale[degree] || goesToFifthBelow();
        // The major tonic that closes a minor tune leads nowhere.
        boolean closes = minor && degree == 0 && kind == Kind.MAJOR && !goesToFifthBelow();
        boolean plainTriad = closes || kind == Kind.MAJOR && !goesToFifthBelow() && degree == (minor ? 5 : 10);
        if (target == null || !major || !rootFits || plainTriad || minor && degree == 8 && !goesToFifthBelow()) {
            return Optional.empty();
        }
        boolean resolves = goesToFifthBelow();
        String goalName =
                Degrees.noteOf(target, key).pretty() + (Character.isLowerCase(target.charAt(0)) ? " minor" : " major");
        return Optional.of(reading(
                Numeral.applied("V" + (kind == Kind.AUGMENTED ? "+" : ""), chord, target),
                Role.APPLIED,
                Function.DOMINANT,
                "the dominant of " + goalName + ", the " + target
                        + (resolves ? ", where it goes" : ", where it does not go"),
                resolves ? SURE : OPEN));
    }

    private boolean hasMajorSeventh() {
        return chord.quality().numbered(7) != null
                && chord.quality().numbered(7).semitones() == 11;
    }

    /** A diminished chord leads up a half step into the next one, or shares a note with it. */
    private Optional<Reading> diminished() {
        if (!kind.isDiminished()) {
            return Optional.empty();
        }
        Chord goal = isCadentialNext() ? afterNext : next;
        if (kind == Kind.DIMINISHED_SEVENTH && next != null && !isCadentialNext()) {
            boolean shares = chord.tones().stream().anyMatch(tone -> tone.soundsLike(next.root()));
            if (shares) {
                return Optional.of(reading(
                        new Numeral("ct°", "7", null),
                        Role.COMMON_TONE,
                        function(degreeOf(next)),
                        "it shares " + next.root().pretty() + " with the next chord and only colours it",
                        LIKELY));
            }
        }
        boolean anyRoot = kind == Kind.DIMINISHED_SEVENTH && goal != null;
        List<PitchClass> roots = anyRoot ? chord.tones() : List.of(chord.root());
        for (PitchClass root : roots) {
            int target = Math.floorMod(Degrees.between(key.tonic(), root) + 1, 12);
            boolean resolves = goal != null && degreeOf(goal) == target;
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

    private boolean isCadentialNext() {
        return next != null && isCadential(next, afterNext);
    }

    private Reading leading(PitchClass root, String of, boolean resolves) {
        Chord asRoot = kind == Kind.DIMINISHED_SEVENTH ? renamed(root) : chord;
        String roman = "vii" + (kind == Kind.HALF_DIMINISHED ? "ø" : "°");
        Role role = of.isEmpty() ? minor ? Role.DIATONIC : Role.BORROWED : Role.APPLIED;
        String goal =
                of.isEmpty() ? key.tonic().pretty() : Degrees.noteOf(of, key).pretty();
        return reading(
                Numeral.applied(roman, asRoot, of.isEmpty() ? null : of),
                role,
                Function.DOMINANT,
                "a leading-tone chord: it is a dominant without its root and pulls up to " + goal,
                resolves ? SURE : OPEN);
    }

    /** A diminished seventh by another of its notes, on the same bass. */
    private Chord renamed(PitchClass root) {
        return new Chord(root, chord.quality(), chord.bass());
    }

    /** Without its dominant it is a chord for itself. */
    private Optional<Reading> related() {
        return goesToFifthBelow() && Kind.of(next) == Kind.DOMINANT ? appliedTwo() : Optional.empty();
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
        boolean flatSeven = !minor && degree == 10 && kind == Kind.DOMINANT && next != null && degreeOf(next) == 0;
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
        boolean fits = isWithin(minor ? MAJOR_SCALE : MINOR_SCALE);
        if (!fits) {
            return Optional.empty();
        }
        String mode = minor ? "major" : "minor";
        String reason = minor && degree == 0
                ? "the major chord at the end of a minor tune"
                : "borrowed from " + key.tonic().pretty() + " " + mode;
        return Optional.of(plain(Role.BORROWED, reason, LIKELY));
    }
}
