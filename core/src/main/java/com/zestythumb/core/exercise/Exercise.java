package com.zestythumb.core.exercise;

import com.zestythumb.core.arrangement.AnalysedSheet;
import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.KeptVoicing;
import com.zestythumb.core.arrangement.WrittenOut;
import com.zestythumb.core.checking.Finding;
import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.solving.VoicingSolver;
import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.solving.VoicingTask;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Some bars of a tune whose left hand a student is to find, as the teacher began it in the others. */
public sealed class Exercise implements Task permits FourParts {

    private static final int LOWEST = 21;
    private static final int HIGHEST = 108;
    private static final int MOST_KEYS = 10;
    /** Other voicings that are looked at. */
    private static final int NEARBY = 6;

    private final Arrangement key;
    private final Set<Integer> bars;
    private final ExerciseKind asked;
    private final Set<Criterion> counts;
    private final List<Place> places;
    /** Computed when it is first asked for. */
    private volatile Standard standard;

    /**
     * A chord that is asked for.
     *
     * @param chord its index among the sounding chords of the tune
     * @param voiced how the key has it
     */
    public record Place(int chord, ChordEvent event, Voicing voiced) {

        /** The key of the music in its bar. */
        Key barKey(Exercise exercise) {
            return exercise.key.sheet().bars().get(event.bar()).key();
        }

        /** The keys of the key, from the lowest. */
        public List<Pitch> key() {
            return voiced.pitches().stream().distinct().sorted().toList();
        }
    }

    /**
     * Blanks some bars of a tune.
     *
     * @param key the tune as the teacher has it
     * @param bars by their index
     * @throws IllegalArgumentException where nothing is left to find
     */
    public Exercise(Arrangement key, Set<Integer> bars, ExerciseKind asked) {
        this(key, bars, asked, Criterion.USUAL);
    }

    /** The same where some criteria alone count. */
    public Exercise(Arrangement key, Set<Integer> bars, ExerciseKind asked, Set<Criterion> counts) {
        this(key, bars, asked, counts, places(key, bars, asked));
    }

    /** Where it is told how the key has what is asked for. */
    Exercise(Arrangement key, Set<Integer> bars, ExerciseKind asked, Set<Criterion> counts, List<Place> places) {
        this.key = key;
        this.counts = Set.copyOf(counts);
        this.bars = new TreeSet<>(bars);
        this.asked = asked;
        this.places = List.copyOf(places);
        if (bars.isEmpty()) {
            throw new IllegalArgumentException("name a bar or more that the student is to find");
        }
        if (places.isEmpty()) {
            throw new IllegalArgumentException("these bars have no chord to find; choose others");
        }
    }

    private static List<Place> places(Arrangement key, Set<Integer> bars, ExerciseKind asked) {
        return key.chords().stream()
                .filter(chord -> bars.contains(chord.event().bar()))
                .filter(chord -> !chord.voicing().isSilent())
                .map(chord -> place(chord, asked))
                .toList();
    }

    private static Place place(ArrangedChord chord, ExerciseKind asked) {
        Voicing whole = chord.voicing();
        Voicing left = new Voicing(
                whole.chord(), whole.soundingBass(), asked == ExerciseKind.FIGURES ? whole.bothHands() : whole.grips());
        return new Place(chord.index(), chord.event(), asked == ExerciseKind.BASS ? bass(left) : left);
    }

    private static Voicing bass(Voicing voiced) {
        return Voicing.inOneGrip(voiced.chord(), List.of(voiced.first().lowest()));
    }

    @Override
    public Arrangement key() {
        return key;
    }

    /** Where the hand lives, and where the key goes. */
    @Override
    public List<Integer> range() {
        Hand hand = key.choices().hand();
        int highest = places.stream()
                .flatMap(place -> place.key().stream())
                .mapToInt(Pitch::midi)
                .max()
                .orElse(0);
        return List.of(hand.lowest().midi(), Math.max(hand.highest().midi(), highest));
    }

    @Override
    public ExerciseKind asked() {
        return asked;
    }

    @Override
    public List<Question> questions() {
        return places.stream()
                .map(place -> new Question(
                        place.chord(),
                        key.sheet().bars().get(place.event().bar()).number(),
                        Prompts.of(this, place),
                        List.of(),
                        Prompts.figures(this, place)))
                .toList();
    }

    @Override
    public String counted() {
        String lowest = switch (asked) {
            case BASS -> "in any octave";
            case INVERSIONS -> "the note that is told at the bottom";
            case FIGURES -> "the given bass at the bottom";
            case FOUR_PARTS -> "any four parts will do";
            default -> counts(Criterion.SMOOTH) ? "" : "any inversion will do";
        };
        return Stream.of(
                        counts(Criterion.NOTES) ? "the right notes" : "",
                        counts(Criterion.HAND)
                                ? asked == ExerciseKind.FOUR_PARTS ? "what voices can sing" : "what your hand can reach"
                                : "",
                        counts(Criterion.WAY) ? "the rules from chord to chord" : "",
                        counts(Criterion.SMOOTH) ? "moving little" : "",
                        lowest)
                .filter(word -> !word.isEmpty())
                .collect(Collectors.joining(", "));
    }

    @Override
    public LeadSheet page(Answers answers, Set<Integer> shown) {
        Map<Integer, List<Integer>> all = new HashMap<>(own(shown));
        all.putAll(answers.keys());
        return page(all);
    }

    @Override
    public Marking marked(Answers answers) {
        return Marking.of(this, answers.keys());
    }

    @Override
    public Answers solution() {
        return Answers.played(own(bars));
    }

    @Override
    public Hint hint(int chord, Answers answers, int times) {
        return places.stream()
                .filter(place -> place.chord() == chord)
                .findFirst()
                .map(place -> new PlayedHints(this, place, answers.keys().getOrDefault(chord, List.of())).hint(times))
                .orElse(Hint.NONE);
    }

    /** What of the key is to be found. */
    List<Pitch> wanted(Place place) {
        Pitch bass = place.voiced().first().lowest();
        return asked == ExerciseKind.FIGURES
                ? place.key().stream().filter(pitch -> !pitch.equals(bass)).toList()
                : place.key();
    }

    /** The keys of the key in some bars. */
    private Map<Integer, List<Integer>> own(Set<Integer> some) {
        return places.stream()
                .filter(place -> some.contains(place.event().bar()))
                .collect(Collectors.toMap(
                        Place::chord,
                        place -> place.key().stream().map(Pitch::midi).toList()));
    }

    boolean counts(Criterion criterion) {
        return counts.contains(criterion);
    }

    /** The chords that are asked for, in their order. */
    public List<Place> places() {
        return places;
    }

    /**
     * The tune as the student sees it: what is given as the key has it, what is answered as it was played, and rests where
     * nothing is answered yet.
     *
     * @param answers MIDI keys, by the index of the chord
     */
    LeadSheet page(Map<Integer, List<Integer>> answers) {
        Set<Integer> given = IntStream.range(0, key.sheet().bars().size())
                .filter(bar -> !bars.contains(bar))
                .boxed()
                .collect(Collectors.toSet());
        Map<Integer, Voicing> voiced = new HashMap<>(voiced(answers));
        if (asked == ExerciseKind.FIGURES) {
            // The bass is given.
            places.forEach(place -> voiced.putIfAbsent(place.chord(), bass(place.voiced())));
        }
        return WrittenOut.of(key, given)
                .mapBars(bar ->
                        bars.contains(bar.index()) ? bar.withLeft(List.of(AnswerVoice.of(bar, places, voiced))) : bar);
    }

    /** How the tune is played with the chords that were found: in the teacher's own pattern. */
    public Choices with(Map<Integer, List<Integer>> answers) {
        Map<Integer, Voicing> found = voiced(answers);
        Set<Integer> asked = places.stream().map(Place::chord).collect(Collectors.toSet());
        List<KeptVoicing> pins = new ArrayList<>(key.choices().pins());
        key.leftHand().kept().forEach((chord, pin) -> pins.removeIf(one -> asked.contains(chord) && one.equals(pin)));
        for (Place place : places) {
            Voicing voicing = found.get(place.chord());
            if (voicing != null) {
                pins.add(new KeptVoicing(
                        place.event().bar(),
                        place.event().start(),
                        voicing.pitches().stream().distinct().toList()));
            }
        }
        return key.choices().withPins(pins);
    }

    /** What is found in the key, and what it costs: no answer is asked to be better. */
    record Standard(List<Finding> findings, List<Solved> solved) {}

    Standard standard() {
        if (standard == null) {
            standard = new Standard(Findings.in(played(own(bars))), solved(Map.of()));
        }
        return standard;
    }

    /** The page as it is played. Its chords are the key's, and are not heard anew. */
    Arrangement played(Map<Integer, List<Integer>> answers) {
        return new AnalysedSheet(page(answers), key.analysis(), key.transitions()).arranged(key.choices());
    }

    /** The whole hand as it is answered, and as the key has it elsewhere. */
    List<Solved> solved(Map<Integer, Voicing> answers) {
        return VoicingSolver.solution(pinned(answers), NEARBY).chords();
    }

    /** What of an answer does not lie where it should, in words by fault; what a hand cannot do the rules find. */
    Map<String, String> beyond(Place place, Voicing answer) {
        return Map.of();
    }

    /** By how many half steps an answer is smoother than the key. */
    int smoother(Map<Integer, Voicing> answers) {
        return Math.max(0, total(standard().solved()) - total(solved(answers)));
    }

    private static int total(List<Solved> row) {
        return row.stream().mapToInt(one -> one.cost().total()).sum();
    }

    /** Keys that would be better between the same neighbours, where the solver is not asked; none where there are none. */
    List<Integer> nearer(Place place, Map<Integer, Voicing> answers) {
        return List.of();
    }

    /** Other keys for a chord between its neighbours as they are answered, the nearest first. */
    List<List<Integer>> ways(int chord, Answers answers) {
        return solved(voiced(answers.keys())).get(chord).alternatives().stream()
                .map(other ->
                        other.voicing().pitches().stream().map(Pitch::midi).toList())
                .toList();
    }

    VoicingTask pinned(Map<Integer, Voicing> answers) {
        Map<Integer, Voicing> pins = new HashMap<>();
        key.chords().forEach(chord -> pins.put(chord.index(), chord.voicing()));
        for (Place place : places) {
            Voicing answer = answers.get(place.chord());
            if (answer != null && !answer.equals(place.voiced())) {
                pins.put(place.chord(), answer);
            }
        }
        return key.leftHand().task().withPins(pins);
    }

    /** Each answer as it lies under the hand, by the index of its chord; those that are empty are left out. */
    Map<Integer, Voicing> voiced(Map<Integer, List<Integer>> answers) {
        answers.forEach(this::check);
        return places.stream()
                .filter(place -> !answers.getOrDefault(place.chord(), List.of()).isEmpty())
                .collect(Collectors.toMap(Place::chord, place -> voiced(place, answers.get(place.chord()))));
    }

    private void check(int chord, List<Integer> keys) {
        if (chord < 0 || chord >= key.chords().size()) {
            throw new IllegalArgumentException("there is no chord number " + chord + "; load the page anew");
        }
        int bar = key.chords().get(chord).event().bar();
        String where = "bar " + key.sheet().bars().get(bar).number() + ": ";
        if (places.stream().noneMatch(place -> place.chord() == chord)) {
            throw new IllegalArgumentException(where + "this chord is not asked for; load the page anew");
        }
        if (keys.size() > MOST_KEYS) {
            throw new IllegalArgumentException(where + "more than ten keys; let some go, a key may be stuck");
        }
        keys.stream().filter(one -> one < LOWEST || one > HIGHEST).findFirst().ifPresent(one -> {
            throw new IllegalArgumentException(
                    where + "a piano has the keys " + LOWEST + " to " + HIGHEST + ", not " + one);
        });
    }

    /** In a style that goes from a bass to a chord the lowest note is a grip of its own. */
    Voicing voiced(Place place, List<Integer> keys) {
        List<Pitch> pitches = keys.stream()
                .distinct()
                .sorted()
                .map(midi -> spelled(place.event(), midi))
                .toList();
        List<Integer> own = place.key().stream().map(Pitch::midi).toList();
        if (own.equals(pitches.stream().map(Pitch::midi).toList())) {
            return place.voiced();
        }
        Chord chord = place.event().chord();
        int low = place.voiced().grips().size() < 2 || pitches.size() < 2
                ? 0
                : Math.min(place.voiced().first().tones().size(), pitches.size() - 1);
        List<Grip> grips = Stream.of(pitches.subList(0, low), pitches.subList(low, pitches.size()))
                .filter(notes -> !notes.isEmpty())
                .map(notes -> Grip.of(chord, notes))
                .toList();
        return new Voicing(chord, pitches.get(0).pitchClass(), grips);
    }

    Pitch spelled(ChordEvent event, int midi) {
        return AnswerVoice.spelled(key.sheet().bars().get(event.bar()), event, midi);
    }
}
