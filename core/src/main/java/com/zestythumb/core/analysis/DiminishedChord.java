package com.zestythumb.core.analysis;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.PitchClass;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A diminished chord leads up a half step into the next one, or shares a note with it. */
final class DiminishedChord implements ReadingRule {

    /** What a diminished chord is above the root of its dominant. */
    private static final Map<ChordKind, String> DOMINANTS =
            Map.of(ChordKind.DIMINISHED, "7", ChordKind.HALF_DIMINISHED, "9", ChordKind.DIMINISHED_SEVENTH, "7b9");

    @Override
    public Optional<Reading> read(ChordInContext at) {
        if (!at.kind().isDiminished()) {
            return Optional.empty();
        }
        Chord goal = at.here().goal();
        if (at.kind() == ChordKind.DIMINISHED_SEVENTH
                && at.next() != null
                && !at.here().isNextCadential()) {
            boolean shares = at.here().sharesRootOfNext();
            if (shares) {
                return Optional.of(at.reading(
                        new Numeral("ct°", "7", null),
                        Role.COMMON_TONE,
                        at.function(at.here().aboveTonic(at.next())),
                        "it shares " + at.name(at.next().root()) + " with the next chord and only colours it",
                        ChordInContext.LIKELY));
            }
        }
        boolean anyRoot = at.kind() == ChordKind.DIMINISHED_SEVENTH && goal != null;
        List<PitchClass> roots =
                anyRoot ? at.chord().tones() : List.of(at.chord().root());
        for (PitchClass root : roots) {
            int target = Math.floorMod(Degrees.between(at.key().tonic(), root) + 1, 12);
            boolean resolves = goal != null && at.here().aboveTonic(goal) == target;
            boolean home = target == 0;
            String of = home ? "" : Degrees.target(target, at.key());
            if (of != null && (resolves || !anyRoot)) {
                return Optional.of(leading(at, root, of, resolves));
            }
        }
        if (at.kind() == ChordKind.DIMINISHED_SEVENTH && at.next() != null && fallsByHalfStep(at)) {
            return Optional.of(at.reading(
                    Numeral.plain(at.chord(), at.key()),
                    Role.CHROMATIC,
                    at.function(at.aboveTonic()),
                    "it passes down by a half step to " + at.name(at.next().bass()),
                    ChordInContext.LIKELY));
        }
        String of = Degrees.target(Math.floorMod(at.aboveTonic() + 1, 12), at.key());
        if (at.aboveTonic() == 11) {
            return Optional.of(leading(at, at.chord().root(), "", false));
        }
        return of == null
                ? Optional.empty()
                : Optional.of(leading(at, at.chord().root(), of, false));
    }

    private static boolean fallsByHalfStep(ChordInContext at) {
        return Degrees.between(at.next().bass(), at.chord().bass()) == 1;
    }

    private static Reading leading(ChordInContext at, PitchClass root, String of, boolean resolves) {
        Chord asRoot = at.kind() == ChordKind.DIMINISHED_SEVENTH ? renamed(at, root) : at.chord();
        String roman = "vii" + (at.kind() == ChordKind.HALF_DIMINISHED ? "ø" : "°");
        Role role = of.isEmpty() ? at.isMinor() ? Role.DIATONIC : Role.BORROWED : Role.APPLIED;
        PitchClass goal = of.isEmpty() ? at.key().tonic() : Degrees.noteOf(of, at.key());
        return at.reading(
                Numeral.applied(roman, asRoot, of.isEmpty() ? null : of),
                role,
                Function.DOMINANT,
                "a leading-tone chord: " + withoutRoot(at, goal) + ", and it pulls up to " + at.name(goal),
                resolves ? ChordInContext.SURE : ChordInContext.OPEN);
    }

    /** The dominant of which a diminished chord is the upper part: "G7 without its root". */
    static String withoutRoot(ChordInContext at, PitchClass goal) {
        return at.name(goal.plus(Interval.PERFECT_FIFTH))
                + DOMINANTS.get(at.kind()).replace('b', '♭') + " without its root";
    }

    /** The same with its numeral: {@code "V9"} for a half-diminished seventh on the leading tone. */
    static Optional<Reading> dominantWithoutRoot(ChordInContext at) {
        return at.kind().isDiminished() && at.here().isLeadingTone()
                ? Optional.of(at.reading(
                        Numeral.parse("V" + DOMINANTS.get(at.kind())),
                        Role.DIATONIC,
                        Function.DOMINANT,
                        "",
                        ChordInContext.OPEN))
                : Optional.empty();
    }

    /** A diminished seventh by another of its notes, on the same bass. */
    private static Chord renamed(ChordInContext at, PitchClass root) {
        return new Chord(root, at.chord().quality(), at.chord().bass());
    }
}
