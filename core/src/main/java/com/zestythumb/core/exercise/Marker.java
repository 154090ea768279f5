package com.zestythumb.core.exercise;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.checking.Finding;
import com.zestythumb.core.checking.FindingWords;
import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.exercise.Exercise.Place;
import com.zestythumb.core.exercise.Exercise.Standard;
import com.zestythumb.core.exercise.Marking.Mark;
import com.zestythumb.core.exercise.Marking.Verdict;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.solving.Prices;
import com.zestythumb.core.solving.VoicingSolver.Alternative;
import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.voiceleading.Level;
import com.zestythumb.core.voicing.Member;
import com.zestythumb.core.voicing.Tone;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Marks one answer, chord by chord. */
final class Marker {

    /** A voicing that costs so many half steps more than the best between its neighbours is as good (a rule of thumb). */
    private static final int AS_GOOD = 7;

    /** What is marked in a chord of four parts by itself. */
    private static final Set<String> OF_PARTS = Set.of("too-few", "range", "spacing", "leading-doubled");

    /** Where the bass is asked for as the key has it. */
    private static final Set<Asked> TOLD = Set.of(Asked.INVERSIONS, Asked.FIGURES, Asked.FOUR_PARTS);

    private static final Set<String> OF_THE_HAND =
            Set.of("stretch", "stretch-within", "stretch-right", "held-too-far", "finger-twice");

    /** Rules whose matter is marked note by note, and what strains by coming again and again. */
    private static final Set<String> OTHERWISE = Set.of("tones", "strain");

    /** Why another voicing would be smoother, by what it saves. */
    private static final Map<String, String> SMOOTHER = Map.of(
            "missing-root", "without its root it may be heard as another chord; better",
            "motion", "the hand has a long way here; this is nearer",
            "opening", "a beginning is at home in root position",
            "closing", "an end comes to rest in root position",
            "root-at-closes", "a close comes to rest in root position",
            "mud", "this lies low and sounds muddy; higher it is clear",
            "register", "this is far from where the hand lies; nearer",
            "six-four-chord", "with its fifth at the bottom it is restless; better",
            "clash", "this grates against the tune; better",
            "collision", "this comes into the tune's way; better");

    private final Exercise exercise;
    private final Map<Integer, Voicing> laid;
    private final Arrangement played;
    private final List<Finding> findings;
    private final List<Solved> solved;
    private final Standard key;

    Marker(Exercise exercise, Map<Integer, List<Integer>> answers) {
        this.exercise = exercise;
        this.laid = exercise.laid(answers);
        this.played = exercise.played(answers);
        this.findings = Findings.in(played);
        this.solved = exercise.solved(laid);
        this.key = exercise.standard();
    }

    Marking marking() {
        List<Mark> marks = exercise.places().stream().map(this::mark).toList();
        boolean whole = laid.size() == marks.size() && marks.stream().allMatch(mark -> mark.points() == Marking.FULL);
        return new Marking(marks, whole ? exercise.smoother(laid) : 0);
    }

    private Mark mark(Place place) {
        Voicing answer = laid.get(place.chord());
        if (answer == null) {
            return new Mark(place.chord(), barOf(place), Verdict.NOT_ANSWERED, 0, List.of(), List.of(), List.of());
        }
        List<String> faults = new ArrayList<>();
        List<String> words = new ArrayList<>();
        Chord chord = place.event().chord();
        List<Tone> tones = tones(answer);
        List<Tone> foreign = tones.stream()
                .filter(tone -> tone.member() == Member.FOREIGN
                        && !place.key().contains(tone.pitch())
                        && !chord.bass().soundsLike(tone.pitch().pitchClass()))
                .toList();
        if (!foreign.isEmpty()) {
            faults.add("foreign");
            words.add(names(foreign) + (foreign.size() > 1 ? " are" : " is") + " not in " + symbol(chord) + ": it has "
                    + allOf(chord));
            int right = 2 * (tones.size() - foreign.size()) / tones.size();
            return mark(place, Math.min(right, exercise.asked() == Asked.BASS ? 0 : 1), faults, words, List.of());
        }
        int points = 1;
        points += tells(place, answer, faults, words) || !exercise.counts(Criterion.NOTES) ? 1 : 0;
        if (exercise.asked() == Asked.BASS && faults.contains("wrong-bass")) {
            return mark(place, 2, faults, words, List.of());
        }
        points += !exercise.counts(Criterion.HAND) || lies(place, faults, words) ? 1 : 0;
        List<Integer> nearer = exercise.counts(Criterion.WAY) ? nearer(place, faults) : List.of();
        points += !exercise.counts(Criterion.WAY) || isSmooth(place, faults, words, nearer) ? 1 : 0;
        return mark(place, points, faults, words, nearer);
    }

    private Mark mark(Place place, int points, List<String> faults, List<String> words, List<Integer> nearer) {
        if (points == Marking.FULL) {
            words.add("right: " + symbol(place.event().chord()));
        }
        Verdict verdict = points == Marking.FULL ? Verdict.RIGHT : points > 0 ? Verdict.NEARLY : Verdict.NOT_YET;
        return new Mark(
                place.chord(),
                barOf(place),
                verdict,
                points,
                faults,
                words,
                points == Marking.FULL ? List.of() : nearer);
    }

    /** Whether the bass is the one that is asked for, and nothing is missing by which the chord is known. */
    private boolean tells(Place place, Voicing answer, List<String> faults, List<String> words) {
        Chord chord = place.event().chord();
        Tone lowest = answer.first().tones().get(0);
        PitchClass asked = place.laid().first().lowest().pitchClass();
        boolean alone = exercise.asked() == Asked.BASS;
        if (alone && tones(answer).size() > 1) {
            faults.add("too-many");
            words.add("one note is asked for, the bass alone");
            return false;
        }
        boolean told = TOLD.contains(exercise.asked());
        if ((alone || told || chord.hasSlash() && chord.bass().soundsLike(asked))
                && !lowest.pitch().pitchClass().soundsLike(asked)) {
            faults.add("wrong-bass");
            words.add(
                    alone
                            ? name(lowest.pitch().pitchClass()) + " is in " + symbol(chord) + ", but the bass is "
                                    + name(asked)
                            : (told ? "this inversion of " : "the symbol says ")
                                    + symbol(chord)
                                    + (told ? " has " : ": ")
                                    + name(asked)
                                    + (told ? " as its lowest note" : " is the lowest note"));
            return false;
        }
        if (alone) {
            return true;
        }
        List<Tone> missing = tones(place.laid()).stream()
                .filter(tone -> tells(tone, chord))
                .filter(tone -> !answer.has(tone.member()))
                .toList();
        if (!missing.isEmpty()) {
            faults.add("missing-" + missing.get(0).member().name().toLowerCase(Locale.ROOT));
            words.add(names(missing) + (missing.size() > 1 ? " are" : " is") + " missing, the "
                    + missing.get(0).member().words() + ": without it nobody hears that this is " + symbol(chord));
        }
        return missing.isEmpty();
    }

    /** Root, third, sixth, seventh and what stands for them, and a fifth that is not perfect, tell a chord. */
    private static boolean tells(Tone tone, Chord chord) {
        int above = Math.floorMod(
                tone.pitch().pitchClass().semitone() - chord.root().semitone(), 12);
        return switch (tone.member()) {
            case ROOT, SECOND, THIRD, FOURTH, SIXTH, SEVENTH -> true;
            case FIFTH -> above != 7;
            default -> false;
        };
    }

    private boolean lies(Place place, List<String> faults, List<String> words) {
        if (exercise.asked() != Asked.FOUR_PARTS) {
            return told(place, true, faults, words);
        }
        // Four parts are sung; no hand has to hold them.
        exercise.beyond(place, laid.get(place.chord())).forEach((fault, said) -> {
            faults.add(fault);
            words.add(said);
        });
        return faults.stream().noneMatch(OF_PARTS::contains);
    }

    private boolean isSmooth(Place place, List<String> faults, List<String> words, List<Integer> nearer) {
        boolean kept = told(place, false, faults, words);
        if (nearer.isEmpty() || exercise.asked() == Asked.FOUR_PARTS) {
            return kept;
        }
        String why = why(place);
        // What is missing was told, and costs its point, already.
        if (!why.equals("motion") && faults.stream().anyMatch(fault -> fault.startsWith("missing-"))) {
            return kept;
        }
        boolean known = faults.contains(why);
        faults.add(why.equals("motion") ? "far" : why);
        words.add((known ? "better" : SMOOTHER.getOrDefault(why, "there is a smoother one")) + ": "
                + nearer.stream().map(midi -> spelled(place, midi)).collect(Collectors.joining(" ")));
        return false;
    }

    /** What the rules find at this chord and do not find in the key; whether that is nothing. */
    private boolean told(Place place, boolean ofTheHand, List<String> faults, List<String> words) {
        Set<String> expected = at(key.findings(), place.chord())
                .map(finding -> finding.fault().code())
                .collect(Collectors.toSet());
        List<Finding> found = at(findings, place.chord())
                .filter(finding -> OF_THE_HAND.contains(finding.fault().code()) == ofTheHand)
                .filter(finding -> !expected.contains(finding.fault().code()) && isAbout(finding))
                .filter(finding -> !OF_PARTS.contains(finding.fault().code()))
                .filter(finding -> finding.level() != Level.WORD
                        && !OTHERWISE.contains(finding.rule().id()))
                .toList();
        for (Finding finding : found) {
            FindingWords said = FindingWords.of(finding, played);
            faults.add(finding.fault().code());
            words.add(said.title() + (finding.chord() == place.chord() ? ": " + said.message() : ""));
        }
        return found.isEmpty();
    }

    private static Stream<Finding> at(List<Finding> findings, int chord) {
        return findings.stream()
                .filter(finding -> finding.chord() == chord
                        || finding.others().stream().anyMatch(other -> other.chord() == chord));
    }

    /** Whether a finding is about what is given or answered alone. */
    private boolean isAbout(Finding finding) {
        return finding.before() < 0
                || laid.containsKey(finding.before())
                || exercise.places().stream().noneMatch(place -> place.chord() == finding.before());
    }

    /** What the other voicing saves most. */
    private String why(Place place) {
        return Prices.of(exercise.pinned(laid), place.chord(), 1).stream()
                .flatMap(price -> price.terms().entrySet().stream())
                .min(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse("motion");
    }

    /** A voicing of the style that would be much cheaper between the same neighbours; none where there is none. */
    private List<Integer> nearer(Place place, List<String> faults) {
        if (exercise.asked() == Asked.FOUR_PARTS) {
            return exercise.nearer(place, laid);
        }
        Voicing whole = exercise.key().chords().get(place.chord()).voicing();
        if (exercise.asked() == Asked.BASS || !whole.right().isEmpty() || faults.contains("stretch")) {
            return List.of();
        }
        Alternative best = cheapest(solved, place.chord());
        Alternative ofKey = cheapest(key.solved(), place.chord());
        int more = laid.get(place.chord()).pitches().size()
                - place.laid().pitches().size();
        int slack = AS_GOOD * (1 + Math.max(0, more)) + (ofKey == null ? 0 : Math.max(0, -ofKey.price()));
        return best == null || best.price() >= -slack
                ? List.of()
                : best.voicing().pitches().stream().map(Pitch::midi).toList();
    }

    private static Alternative cheapest(List<Solved> row, int chord) {
        List<Alternative> others = row.get(chord).alternatives();
        return others.isEmpty() ? null : others.get(0);
    }

    private static List<Tone> tones(Voicing voicing) {
        return voicing.grips().stream().flatMap(grip -> grip.tones().stream()).toList();
    }

    private int barOf(Place place) {
        return exercise.key().sheet().bars().get(place.event().bar()).number();
    }

    private Heading heading() {
        return exercise.key().sheet().heading();
    }

    private String symbol(Chord chord) {
        return heading().print(chord);
    }

    private String name(PitchClass note) {
        return heading().names().fromEnglish(note.pretty());
    }

    private String spelled(Place place, int midi) {
        return name(exercise.spelled(place.event(), midi).pitchClass());
    }

    private String names(List<Tone> tones) {
        return listed(
                tones.stream().map(tone -> name(tone.pitch().pitchClass())).toList());
    }

    private String allOf(Chord chord) {
        return listed(chord.tones().stream().map(this::name).toList());
    }

    private static String listed(List<String> names) {
        List<String> each = names.stream().distinct().toList();
        int last = each.size() - 1;
        return last == 0 ? each.get(0) : String.join(", ", each.subList(0, last)) + " and " + each.get(last);
    }
}
