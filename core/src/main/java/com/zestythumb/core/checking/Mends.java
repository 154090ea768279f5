package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.HeardSheet;
import com.zestythumb.core.arrangement.Manner;
import com.zestythumb.core.arrangement.Pin;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.solving.Cost;
import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.voiceleading.Level;
import com.zestythumb.core.voicing.Member;
import com.zestythumb.core.voicing.Tone;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * Ways to mend what is to be minded at one chord: a note left out, played softly, a count later or by the right hand, or
 * the chord laid otherwise; what somebody wrote is written otherwise. Each is tried on the whole tune, solved anew around it; only what mends is told.
 */
public final class Mends {

    private static final int MOST = 6;
    /** Chords that are mended at one time. */
    private static final int STEPS = 40;

    /**
     * One way.
     *
     * @param what what to do, the notes as a hole: {@code "leave out %s"}
     * @param notes the notes it is done to
     * @param pin the chord as it is then fixed; null where somebody wrote it
     * @param sheet the page as it is then written; null where nobody wrote the chord
     * @param findings how many things there are to mind in the tune then
     * @param moved half steps that the fingers move in the tune then
     */
    public record Mend(String what, List<Pitch> notes, Pin pin, LeadSheet sheet, int findings, int moved) {

        /** As it is said, the notes as they are called: {@code "leave out B"}. */
        public String words(UnaryOperator<String> call) {
            String names = notes.stream()
                    .map(pitch -> call.apply(pitch.pitchClass().pretty()))
                    .collect(Collectors.joining(" "));
            return what.formatted(names);
        }

        /** The tune with it. */
        public Arrangement of(Arrangement arrangement) {
            return new Way(what, notes, pin, sheet).then(arrangement);
        }
    }

    /** One that is tried. */
    record Way(String what, List<Pitch> notes, Pin pin, LeadSheet sheet) {

        Arrangement then(Arrangement arrangement) {
            return pin == null
                    ? new HeardSheet(sheet, arrangement.analysis(), arrangement.transitions())
                            .arranged(arrangement.choices())
                    : arrangement.with(with(pin, arrangement.choices()));
        }
    }

    private final Arrangement arrangement;
    private final int chord;
    private final Map<String, Level> own;
    private final Map<Place, Level> now;

    /** What is found at a chord; what is gathered from many is found at each. */
    private record Place(String code, int chord) {}

    private Mends(Arrangement arrangement, int chord, Map<String, Level> own) {
        this.arrangement = arrangement;
        this.chord = chord;
        this.own = own;
        this.now = places(findings(arrangement, own));
    }

    /** The ways that leave less to mind at this chord and nothing as grave anywhere, the best of the whole tune first. */
    public static List<Mend> of(Arrangement arrangement, int chord) {
        return of(arrangement, chord, Map.of());
    }

    /** The same for a teacher who minds some things more or less than her school; see {@link Findings}. */
    public static List<Mend> of(Arrangement arrangement, int chord, Map<String, Level> own) {
        return new Mends(arrangement, chord, own).find();
    }

    private static List<Finding> findings(Arrangement tune, Map<String, Level> own) {
        return Findings.in(tune, tune.choices().school(), own);
    }

    /**
     * A whole second version.
     *
     * @param tune with every mend taken
     * @param steps the mends, each with the number of its bar
     */
    public record Mended(Arrangement tune, List<Step> steps) {}

    /** A mend that was taken. */
    public record Step(int bar, Mend mend) {}

    /** A mend of each chord at which there is more to mind than a word, one after another, the gravest first. */
    public static Mended all(Arrangement arrangement, Map<String, Level> own) {
        Arrangement tune = arrangement;
        List<Step> steps = new ArrayList<>();
        Set<Integer> tried = new HashSet<>();
        while (steps.size() < STEPS) {
            Finding next = findings(tune, own).stream()
                    .filter(finding -> finding.level().compareTo(Level.WORD) < 0 && !tried.contains(finding.chord()))
                    .min(Comparator.comparing(Finding::level).thenComparing(Finding::chord))
                    .orElse(null);
            if (next == null) {
                break;
            }
            tried.add(next.chord());
            Optional<Mend> mend = new Mends(tune, next.chord(), own).first();
            if (mend.isPresent()) {
                steps.add(new Step(next.bar(), mend.get()));
                tune = mend.get().of(tune);
            }
        }
        return new Mended(tune, steps);
    }

    /** The first that mends: another way to lay the chord before one that loses a note. */
    private Optional<Mend> first() {
        Set<String> here = at(now, chord);
        return ways().parallelStream()
                .map(way -> tried(way, here))
                .filter(Objects::nonNull)
                .findFirst();
    }

    private List<Mend> find() {
        Set<String> here = at(now, chord);
        if (here.isEmpty()) {
            return List.of();
        }
        Set<String> said = new HashSet<>();
        // Each is a tune of its own, and none knows of the others.
        return ways().parallelStream()
                .map(way -> tried(way, here))
                .filter(Objects::nonNull)
                .sorted(Comparator.comparingInt(Mend::findings).thenComparingInt(Mend::moved))
                .toList()
                .stream()
                // The same notes in another octave are the same words.
                .filter(mend -> said.add(mend.what()
                        + mend.notes().stream()
                                .map(note -> note.pitchClass().toString())
                                .toList()))
                .limit(MOST)
                .toList();
    }

    private Mend tried(Way way, Set<String> here) {
        Arrangement tune = way.then(arrangement);
        Map<Place, Level> then = places(findings(tune, own));
        Set<String> left = at(then, chord);
        Level cleared = here.stream()
                .filter(code -> !left.contains(code))
                .map(code -> now.get(new Place(code, chord)))
                .min(Comparator.naturalOrder())
                .orElse(Level.NONE);
        boolean worse = then.entrySet().stream()
                .anyMatch(
                        one -> !now.containsKey(one.getKey()) && one.getValue().compareTo(cleared) <= 0);
        return cleared == Level.NONE || worse
                ? null
                : new Mend(way.what(), way.notes(), way.pin(), way.sheet(), then.size(), moved(tune));
    }

    /** What strains by coming again and again is mended by rest and not at one chord. */
    private static Map<Place, Level> places(List<Finding> findings) {
        Map<Place, Level> places = new HashMap<>();
        for (Finding finding : findings) {
            String code = finding.fault().code()
                    + Objects.requireNonNullElse(finding.fault().measures().get("note"), "");
            if (!code.startsWith("strain")) {
                places.merge(new Place(code, finding.chord()), finding.level(), Mends::graver);
                finding.others()
                        .forEach(other -> places.merge(
                                new Place(finding.fault().code(), other.chord()), finding.level(), Mends::graver));
            }
        }
        return places;
    }

    private static Level graver(Level one, Level other) {
        return one.compareTo(other) <= 0 ? one : other;
    }

    private static Set<String> at(Map<Place, Level> places, int chord) {
        return places.keySet().stream()
                .filter(place -> place.chord() == chord)
                .map(Place::code)
                .collect(Collectors.toSet());
    }

    private static int moved(Arrangement arrangement) {
        return arrangement.chords().stream()
                .mapToInt(chord ->
                        chord.solved().map(Solved::cost).map(Cost::semitones).orElse(0))
                .sum();
    }

    private static Choices with(Pin pin, Choices choices) {
        List<Pin> pins = new ArrayList<>(choices.pins().stream()
                .filter(other -> other.bar() != pin.bar() || !other.start().equals(pin.start()))
                .toList());
        pins.add(pin);
        return choices.withPins(pins);
    }

    private List<Way> ways() {
        ArrangedChord here = arrangement.chords().get(chord);
        if (here.isWritten()) {
            return WrittenMends.of(arrangement, here);
        }
        Pin asItIs = pin(here, here.voicing().pitches());
        List<Pitch> notes = asItIs.notes();
        List<Way> ways = new ArrayList<>();
        here.solved()
                .ifPresent(solved -> solved.alternatives().forEach(other -> {
                    List<Pitch> laid = other.voicing().pitches();
                    ways.add(new Way("play it as %s", laid, pin(here, laid), null));
                }));
        for (Pitch note : notes) {
            List<Pitch> without =
                    notes.stream().filter(other -> !other.equals(note)).toList();
            if (canGo(arrangement, here, note)) {
                ways.add(new Way("leave out %s", List.of(note), pin(here, without), null));
            }
            ways.add(new Way("play %s softly", List.of(note), asItIs.with(note, Manner.SOFT), null));
            ways.add(new Way("bring in %s a count later", List.of(note), asItIs.with(note, Manner.LATE), null));
        }
        if (notes.size() > 1) {
            Pitch top = notes.get(notes.size() - 1);
            ways.add(new Way("give %s to the right hand", List.of(top), asItIs.with(top, Manner.RIGHT_HAND), null));
        }
        return ways;
    }

    /** Never the third or seventh while a fifth is there and the tune has it not, and never the last note. */
    static boolean canGo(Arrangement arrangement, ArrangedChord chord, Pitch note) {
        Voicing voicing = chord.voicing();
        Member member = Member.of(voicing.chord(), note.pitchClass());
        boolean tells = member == Member.THIRD || member == Member.SEVENTH;
        boolean twice = voicing.tones().stream()
                        .filter(tone -> tone.member() == member)
                        .map(Tone::pitch)
                        .distinct()
                        .count()
                > 1;
        boolean sung = arrangement.leftHand().task().around(chord.index()).tune().stream()
                .anyMatch(tune -> tune.pitchClass().soundsLike(note.pitchClass()));
        return voicing.pitches().stream().distinct().count() > 1
                && (!tells || twice || sung || !voicing.has(Member.FIFTH));
    }

    private static Pin pin(ArrangedChord chord, List<Pitch> notes) {
        return new Pin(chord.event().bar(), chord.event().start(), List.copyOf(new HashSet<>(notes)));
    }
}
