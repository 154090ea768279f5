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
import com.zestythumb.core.solving.VoicingSolver.Alternative;
import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.Kind.Trait;
import com.zestythumb.core.voiceleading.Severity;
import com.zestythumb.core.voicing.ChordTone;
import com.zestythumb.core.voicing.Tone;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Marks one answer, chord by chord: is it the chord that is asked for; does it tell it, in the inversion that is asked; does it lie
 * where it can be played or sung; does the way to it keep the rules; is it smooth, where that is asked. What is wrong is charged once,
 * at the chord that does it.
 */
final class Marker {

    /** A voicing that costs so many half steps more than the best between its neighbours is as good (a rule of thumb). */
    private static final int AS_GOOD = 7;

    private static final int OCTAVE = 12;

    /** What a chord of four parts is marked for by itself, or cannot be told of an answer that is not whole. */
    private static final Set<Kind> BY_ITSELF = EnumSet.of(
            Kind.SPACING, Kind.RANGE, Kind.LEADING_DOUBLED, Kind.AT_THE_PIANO, Kind.STRAIN, Kind.STRAIN_WIDE);

    /** Where the bass is asked for as the key has it. */
    private static final Set<ExerciseKind> WITH_BASS =
            EnumSet.of(ExerciseKind.INVERSIONS, ExerciseKind.FIGURES, ExerciseKind.FOUR_PARTS);

    private static final List<ChordTone> MEMBERS =
            List.of(ChordTone.ROOT, ChordTone.THIRD, ChordTone.FIFTH, ChordTone.SEVENTH);
    private static final List<String> INVERSIONS =
            List.of("root position", "the first inversion", "the second inversion", "the third inversion");

    private final Exercise exercise;
    private final Map<Integer, Voicing> answers;
    private final Arrangement played;
    private final List<Finding> findings;
    private final Standard model;
    private List<Solved> solved;

    Marker(Exercise exercise, Map<Integer, List<Integer>> keys) {
        this.exercise = exercise;
        this.answers = exercise.voiced(keys);
        this.played = exercise.played(keys);
        this.findings = Findings.in(played);
        this.model = exercise.standard();
    }

    Marking marking() {
        List<Mark> marks = exercise.places().stream()
                .map(place -> new OfChord(place).mark())
                .toList();
        boolean whole =
                answers.size() == marks.size() && marks.stream().allMatch(mark -> mark.points() == Marking.FULL);
        return new Marking(marks, whole ? exercise.smoother(answers) : 0);
    }

    /** The mark of one chord as it comes about. */
    private final class OfChord {

        private final Place place;
        private final Chord chord;
        private final Voicing answer;
        private final List<String> faults = new ArrayList<>();
        private final List<String> words = new ArrayList<>();
        private List<Integer> nearer = List.of();

        OfChord(Place place) {
            this.place = place;
            this.chord = place.event().chord();
            this.answer = answers.get(place.chord());
        }

        Mark mark() {
            int bar = exercise.key().sheet().bars().get(place.event().bar()).number();
            if (answer == null) {
                return new Mark(place.chord(), bar, Verdict.NOT_ANSWERED, 0, List.of(), List.of(), List.of());
            }
            int points = points();
            if (isOctaveOff(answer, place.voiced())
                    && answer.first().lowest().midi()
                            != place.voiced().first().lowest().midi()) {
                boolean higher = answer.first().lowest().midi()
                        > place.voiced().first().lowest().midi();
                words.add("the same chord as in the model answer, an octave " + (higher ? "higher" : "lower"));
            }
            if (points == Marking.FULL) {
                words.add(0, "right: " + symbol(chord) + inversion());
            }
            Verdict verdict = points == Marking.FULL ? Verdict.RIGHT : points > 0 ? Verdict.NEARLY : Verdict.NOT_YET;
            return new Mark(
                    place.chord(), bar, verdict, points, faults, words, points == Marking.FULL ? List.of() : nearer);
        }

        private int points() {
            List<Tone> tones = tones(answer);
            List<Tone> foreign = tones.stream()
                    .filter(tone -> tone.member() == ChordTone.FOREIGN
                            && !place.key().contains(tone.pitch())
                            && !chord.bass().soundsLike(tone.pitch().pitchClass()))
                    .toList();
            boolean bassAlone = exercise.asked() == ExerciseKind.BASS;
            if (!foreign.isEmpty()) {
                faults.add("foreign");
                sayForeign(tones, foreign);
                int right = 2 * (tones.size() - foreign.size()) / tones.size();
                return Math.min(right, bassAlone ? 0 : 1);
            }
            // One note alone is no chord yet.
            boolean single =
                    !bassAlone && tones.size() == 1 && tones(place.voiced()).size() > 1;
            int points = single ? 0 : 1;
            points += !exercise.counts(Criterion.NOTES) || tells() ? 1 : 0;
            if (bassAlone && faults.contains("wrong-bass")) {
                return 2;
            }
            points += !exercise.counts(Criterion.HAND) || lies() ? 1 : 0;
            boolean kept = !exercise.counts(Criterion.WAY) || keeps(false);
            boolean smooth = !exercise.counts(Criterion.SMOOTH) || isSmooth();
            return points + (kept && smooth ? 1 : 0);
        }

        /** Which inversion it was, where that was free. */
        private String inversion() {
            PitchClass bass = answer.first().lowest().pitchClass();
            return WITH_BASS.contains(exercise.asked())
                            || exercise.asked() == ExerciseKind.BASS
                            || bass.soundsLike(chord.bass())
                    ? ""
                    : ", " + name(bass) + " in the bass";
        }

        /** What was played instead, and what to move. */
        private void sayForeign(List<Tone> tones, List<Tone> foreign) {
            Place other = changedPlaceWith();
            if (other != null) {
                words.add("bars " + number(Math.min(place.chord(), other.chord())) + " and "
                        + number(Math.max(place.chord(), other.chord())) + " have changed places");
                return;
            }
            List<Integer> semitones = tones.stream()
                    .map(tone -> tone.pitch().pitchClass().semitone())
                    .toList();
            List<String> moves = new ArrayList<>();
            Set<Integer> taken = new HashSet<>();
            for (Tone tone : foreign) {
                int at = tone.pitch().pitchClass().semitone();
                for (int way : List.of(1, -1, 2, -2)) {
                    int to = Math.floorMod(at + way, OCTAVE);
                    boolean wanted = chord.tones().stream().anyMatch(one -> one.semitone() == to);
                    if (wanted && !semitones.contains(to) && taken.add(to)) {
                        moves.add((way > 0 ? "raise " : "lower ") + name(asWas(tone, to, way)));
                        break;
                    }
                }
            }
            Optional<String> called = PlayedChord.of(semitones, chord, place.barKey(exercise))
                    .map(said -> "you played " + name(said.root()) + " "
                            + said.quality().description());
            String what =
                    called.orElse(names(foreign) + (foreign.size() > 1 ? " are" : " is") + " not in " + symbol(chord));
            boolean isNamed = called.isEmpty() && foreign.size() == 1;
            String how = isNamed ? String.join("", moves).replaceAll(" .*", " it") : String.join(", ", moves);
            words.add(
                    moves.size() == foreign.size()
                            ? what + ": " + how
                            : what + "; " + symbol(chord) + " has " + allOf(chord));
        }

        /** The name that says it best beside the note where it belongs: A flat beneath A. */
        private PitchClass asWas(Tone tone, int to, int way) {
            PitchClass wanted = chord.tones().stream()
                    .filter(one -> one.semitone() == to)
                    .findFirst()
                    .orElseThrow();
            PitchClass same = new PitchClass(wanted.letter(), wanted.alteration() - way);
            return Math.abs(same.alteration()) <= 1
                            && same.soundsLike(tone.pitch().pitchClass())
                    ? same
                    : tone.pitch().pitchClass();
        }

        /** The chord whose answer this is, where that chord's own is the answer here. */
        private Place changedPlaceWith() {
            return exercise.places().stream()
                    .filter(other -> other != place && answers.containsKey(other.chord()))
                    .filter(other -> isOf(answer, other.event().chord()) && isOf(answers.get(other.chord()), chord))
                    .findFirst()
                    .orElse(null);
        }

        /** Whether the bass is the one that is asked for, and nothing is missing by which the chord is known. */
        private boolean tells() {
            PitchClass lowest = answer.first().tones().get(0).pitch().pitchClass();
            PitchClass wanted = place.voiced().first().lowest().pitchClass();
            boolean alone = exercise.asked() == ExerciseKind.BASS;
            if (alone && tones(answer).size() > 1) {
                faults.add("too-many");
                words.add("one note is asked for, the bass alone");
                return false;
            }
            boolean told = WITH_BASS.contains(exercise.asked());
            boolean slash = chord.hasSlash() && chord.bass().soundsLike(wanted);
            if ((alone || told || slash) && !lowest.soundsLike(wanted)) {
                faults.add("wrong-bass");
                words.add(
                        alone
                                ? name(lowest) + " is in " + symbol(chord) + ", but the bass is " + name(wanted)
                                : (told ? "that is " + called(lowest) : "the symbol says " + symbol(chord)) + ": "
                                        + name(wanted) + " is the lowest note");
                return false;
            }
            return alone || isWhole();
        }

        private String called(PitchClass lowest) {
            int inversion = MEMBERS.indexOf(ChordTone.of(chord, lowest));
            return inversion < 0 ? name(lowest) + " at the bottom" : INVERSIONS.get(inversion);
        }

        /** Where the key gives the chord to both hands, no one hand has to hold it. */
        private boolean isForBothHands() {
            return !whole().right().isEmpty();
        }

        private Voicing whole() {
            return exercise.key().chords().get(place.chord()).voicing();
        }

        /** Of a shell third or seventh is enough, whichever the key has there. */
        private boolean isWhole() {
            List<Tone> own = tones(place.voiced());
            Set<ChordTone> had = own.stream().map(Tone::member).collect(Collectors.toSet());
            boolean shell = own.size() == 2
                    && had.contains(ChordTone.ROOT)
                    && (had.contains(ChordTone.THIRD) || had.contains(ChordTone.SEVENTH));
            boolean guided = shell && (answer.has(ChordTone.THIRD) || answer.has(ChordTone.SEVENTH));
            List<Tone> missing = own.stream()
                    .filter(tone -> isTelling(tone, chord))
                    .filter(tone -> !answer.has(tone.member()))
                    .filter(tone -> !guided || tone.member() == ChordTone.ROOT)
                    .toList();
            if (!missing.isEmpty()) {
                ChordTone first = missing.get(0).member();
                faults.add("missing-" + first.name().toLowerCase(Locale.ROOT));
                boolean several = missing.stream().map(Tone::member).distinct().count() > 1;
                words.add(names(missing) + (several ? " are" : " is") + " missing, the "
                        + first.name().toLowerCase(Locale.ROOT) + ": without it nobody hears that this is "
                        + symbol(chord));
            }
            return missing.isEmpty();
        }

        private boolean lies() {
            if (exercise.asked() != ExerciseKind.FOUR_PARTS) {
                return isForBothHands() || keeps(true);
            }
            // Four parts are sung; no hand has to hold them.
            Map<String, String> beyond = exercise.beyond(place, answer);
            faults.addAll(beyond.keySet());
            words.addAll(beyond.values());
            return beyond.isEmpty();
        }

        /** What the rules find that this chord does, and do not find in the key; whether that is nothing. */
        private boolean keeps(boolean ofTheHand) {
            Set<Kind> inKey = model.findings().stream()
                    .filter(finding -> finding.chord() == place.chord())
                    .map(Finding::kind)
                    .collect(Collectors.toSet());
            List<Finding> found = findings.stream()
                    .filter(finding -> finding.chord() == place.chord() && isAnswered(finding))
                    .filter(finding -> finding.kind().is(Trait.HAND) == ofTheHand)
                    .filter(finding -> finding.severity().isAboveHint() && !inKey.contains(finding.kind()))
                    .filter(finding -> !finding.kind().is(Trait.NOTES) && !BY_ITSELF.contains(finding.kind()))
                    .toList();
            boolean kept = true;
            for (Finding finding : found) {
                FindingWords said = FindingWords.of(finding, played);
                boolean named = said.message().contains(said.title().toLowerCase(Locale.ROOT));
                words.add(named ? said.message() : said.title() + ": " + said.message());
                // How low it lies and how far the hand goes is worth a word, where neither was asked.
                if (!ofTheHand || finding.severity() == Severity.FAULT) {
                    faults.add(finding.kind().code());
                    kept = false;
                }
            }
            return kept;
        }

        /** Whether a finding is about what is given or answered alone. */
        private boolean isAnswered(Finding finding) {
            return finding.before() < 0
                    || answers.containsKey(finding.before())
                    || exercise.places().stream().noneMatch(one -> one.chord() == finding.before());
        }

        private boolean isSmooth() {
            nearer = nearerKeys();
            if (nearer.isEmpty()) {
                return true;
            }
            faults.add("far");
            words.add("one note can stay, or the hand move less: "
                    + nearer.stream()
                            .map(midi ->
                                    name(exercise.spelled(place.event(), midi).pitchClass()))
                            .collect(Collectors.joining(" ")));
            return false;
        }

        /**
         * A voicing of the style that would be much nearer between the same neighbours; none where there is none. No other inversion
         * where one is asked for, not the same an octave off, and none of fewer notes; a beginning stands where it likes.
         */
        private List<Integer> nearerKeys() {
            if (exercise.asked() == ExerciseKind.FOUR_PARTS) {
                return exercise.nearer(place, answers);
            }
            boolean first = exercise.places().get(0) == place && place.chord() == 0;
            if (exercise.asked() == ExerciseKind.BASS || isForBothHands() || first || !faults.isEmpty()) {
                return List.of();
            }
            solved = solved == null ? exercise.solved(answers) : solved;
            int inKey = Math.min(0, price(model.solved()));
            PitchClass bass = answer.first().lowest().pitchClass();
            return solved.get(place.chord()).alternatives().stream()
                    .filter(other -> other.price() < inKey - AS_GOOD)
                    .filter(other ->
                            other.voicing().pitches().size() >= answer.pitches().size())
                    .filter(other -> !isOctaveOff(other.voicing(), answer))
                    .filter(other -> !WITH_BASS.contains(exercise.asked())
                            || other.voicing().first().lowest().pitchClass().soundsLike(bass))
                    .findFirst()
                    .map(other ->
                            other.voicing().pitches().stream().map(Pitch::midi).toList())
                    .orElse(List.of());
        }

        private int price(List<Solved> row) {
            List<Alternative> others = row.get(place.chord()).alternatives();
            return others.isEmpty() ? 0 : others.get(0).price();
        }
    }

    private static boolean isOctaveOff(Voicing one, Voicing other) {
        List<Pitch> keys = one.pitches();
        List<Pitch> others = other.pitches();
        if (keys.size() != others.size()) {
            return false;
        }
        int by = keys.get(0).midi() - others.get(0).midi();
        for (int i = 0; i < keys.size(); i++) {
            if (keys.get(i).midi() - others.get(i).midi() != by) {
                return false;
            }
        }
        return by % OCTAVE == 0;
    }

    private static boolean isOf(Voicing answer, Chord chord) {
        return tones(answer).stream()
                .allMatch(tone -> ChordTone.of(chord, tone.pitch().pitchClass()) != ChordTone.FOREIGN);
    }

    /** Root, third, sixth, seventh and what stands for them, and a fifth that is not perfect, tell a chord. */
    private static boolean isTelling(Tone tone, Chord chord) {
        int above = Math.floorMod(
                tone.pitch().pitchClass().semitone() - chord.root().semitone(), OCTAVE);
        return switch (tone.member()) {
            case ROOT, SECOND, THIRD, FOURTH, SIXTH, SEVENTH -> true;
            case FIFTH -> above != 7;
            default -> false;
        };
    }

    private static List<Tone> tones(Voicing voicing) {
        return voicing.grips().stream().flatMap(grip -> grip.tones().stream()).toList();
    }

    private int number(int chord) {
        return exercise.key()
                .sheet()
                .bars()
                .get(exercise.key().chords().get(chord).event().bar())
                .number();
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
