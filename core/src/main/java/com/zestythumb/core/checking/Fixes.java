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
import com.zestythumb.core.stopping.StoppedException;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.Kind.Trait;
import com.zestythumb.core.voiceleading.Severity;
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
 * Ways to fix what is found at one chord. Of a written page the voice that erred goes to another note of its chord, by the smallest
 * move; of what the app plays the chord is voiced otherwise, or a note given to the right hand; what grates is softened or comes
 * later. A note is left out last. Each is tried on the tune and looked at again; only what clears something and brings nothing as
 * grave is offered, first what brings least, keeps most and moves least.
 */
public final class Fixes {

    private static final int MOST = 6;
    /** What is tried later is so much dearer. */
    private static final int ORDER = 30;
    /** What a tone of the chord is worth that goes missing. */
    private static final int LOST = 8;
    /** Chords that are fixed at one time. */
    private static final int STEPS = 40;

    /** How long a whole second version may take, in nanoseconds. */
    private static final long PATIENCE = 8_000_000_000L;

    /**
     * One fix.
     *
     * @param what what to do, the notes as a hole: {@code "leave out %s"}
     * @param notes the notes it is done to
     * @param pin the chord as it is then kept; null where somebody wrote it
     * @param sheet the page as it is then written; null where nobody wrote the chord
     * @param findings how many things are found in the tune then
     * @param moved half steps that the fingers move in the tune then
     */
    public record Fix(String what, List<Pitch> notes, Pin pin, LeadSheet sheet, int findings, int moved) {

        /** As it is said, the notes as they are called: {@code "leave out B"}. */
        public String words(UnaryOperator<String> call) {
            String names = notes.stream()
                    .map(pitch -> call.apply(pitch.pitchClass().pretty()))
                    .collect(Collectors.joining(" "));
            return what.formatted(names);
        }

        /** The tune with it. */
        public Arrangement of(Arrangement arrangement) {
            return then(arrangement, pin, sheet);
        }
    }

    /**
     * One that is tried.
     *
     * @param order what is tried rather: 0 a voice on another note, then two of them, then what loses a note
     * @param lost tones of the chord that are no longer there
     * @param distance half steps by which notes move, and what speaks against it in the same measure
     */
    record Candidate(String what, List<Pitch> notes, Pin pin, LeadSheet sheet, int order, int lost, int distance) {}

    /**
     * A candidate and what is found with it.
     *
     * @param dearness by which the better goes first, in half steps: what it brings and leaves, what it loses, how far it moves
     */
    private record Tried(Candidate candidate, int dearness, int findings, int moved) {

        Fix fix() {
            return new Fix(candidate.what(), candidate.notes(), candidate.pin(), candidate.sheet(), findings, moved);
        }
    }

    private final Arrangement arrangement;
    private final int chord;
    private final Map<Kind, Severity> own;
    private final Map<Finding.Id, Severity> now;
    private final List<Finding> here;

    private Fixes(Arrangement arrangement, int chord, Kind kind, Map<Kind, Severity> own, List<Finding> findings) {
        this.arrangement = arrangement;
        this.chord = chord;
        this.own = own;
        this.now = byId(findings);
        this.here = findings.stream()
                .filter(finding -> finding.chord() == chord && !isOfRepetition(finding))
                .filter(finding -> kind == null || finding.kind() == kind)
                .toList();
    }

    /** What strains by coming again and again is eased by rest, and not at one chord. */
    private static boolean isOfRepetition(Finding finding) {
        return finding.kind().page() == Kind.STRAIN;
    }

    /** The ways that leave less to watch out for at this chord and nothing as grave anywhere, the best first. */
    public static List<Fix> of(Arrangement arrangement, int chord) {
        return of(arrangement, chord, Map.of());
    }

    /** The same for a teacher who holds some things more or less grave than her school; see {@link Findings}. */
    public static List<Fix> of(Arrangement arrangement, int chord, Map<Kind, Severity> own) {
        return of(arrangement, chord, null, own);
    }

    /** The same for one thing that is found there; null for whatever is gravest. */
    public static List<Fix> of(Arrangement arrangement, int chord, Kind kind, Map<Kind, Severity> own) {
        return new Fixes(arrangement, chord, kind, own, findings(arrangement, own)).find();
    }

    private static List<Finding> findings(Arrangement tune, Map<Kind, Severity> own) {
        return Findings.in(tune, tune.choices().school(), own);
    }

    /**
     * A whole second version.
     *
     * @param tune with every fix taken
     * @param steps the fixes, each with the number of its bar
     */
    public record Fixed(Arrangement tune, List<Step> steps) {}

    /** A fix that was taken. */
    public record Step(int bar, Fix fix) {}

    /**
     * A fix of each chord at which more than a hint is found, one after another, the gravest first; as many as there is time for, since
     * a teacher rather has the gravest now than none.
     */
    public static Fixed all(Arrangement arrangement, Map<Kind, Severity> own) {
        Arrangement tune = arrangement;
        List<Finding> findings = findings(tune, own);
        List<Step> steps = new ArrayList<>();
        Set<Integer> tried = new HashSet<>();
        long begun = System.nanoTime();
        while (steps.size() < STEPS && System.nanoTime() - begun < PATIENCE) {
            StoppedException.ifInterrupted();
            Finding next = findings.stream()
                    .filter(finding -> finding.severity().isAboveHint() && !tried.contains(finding.chord()))
                    .min(Comparator.comparing(Finding::severity).thenComparing(Finding::chord))
                    .orElse(null);
            if (next == null) {
                break;
            }
            tried.add(next.chord());
            Optional<Fix> fix = new Fixes(tune, next.chord(), next.kind(), own, findings)
                    .find().stream().findFirst();
            if (fix.isPresent()) {
                steps.add(new Step(next.bar(), fix.get()));
                tune = fix.get().of(tune);
                findings = findings(tune, own);
            }
        }
        return new Fixed(tune, steps);
    }

    private static Arrangement then(Arrangement arrangement, Pin pin, LeadSheet sheet) {
        return pin == null
                ? new HeardSheet(sheet, arrangement.analysis(), arrangement.transitions())
                        .arranged(arrangement.choices())
                : arrangement.with(with(pin, arrangement.choices()));
    }

    private static Choices with(Pin pin, Choices choices) {
        List<Pin> pins = new ArrayList<>(choices.pins().stream()
                .filter(other -> other.bar() != pin.bar() || !other.start().equals(pin.start()))
                .toList());
        pins.add(pin);
        return choices.withPins(pins);
    }

    private List<Fix> find() {
        if (here.isEmpty()) {
            return List.of();
        }
        ArrangedChord arranged = arrangement.chords().get(chord);
        if (!arranged.isWritten()) {
            return best(tried(ofVoicing(arranged)));
        }
        WrittenFixes written = new WrittenFixes(arrangement, arranged, here);
        List<Tried> tried = tried(written.ofOneVoice());
        if (tried.stream().noneMatch(one -> one.dearness() < ORDER)) {
            tried.addAll(tried(written.ofTwoVoices()));
        }
        return best(tried);
    }

    /** Each is a tune of its own, and none knows of the others. */
    private List<Tried> tried(List<Candidate> candidates) {
        return new ArrayList<>(candidates.parallelStream()
                .map(this::tried)
                .filter(Objects::nonNull)
                .toList());
    }

    private static List<Fix> best(List<Tried> tried) {
        Set<String> said = new HashSet<>();
        return tried.stream()
                .sorted(Comparator.comparingInt(Tried::dearness).thenComparingInt(Tried::moved))
                // The same notes in another octave are the same words.
                .filter(one -> said.add(one.candidate().what()
                        + one.candidate().notes().stream()
                                .map(note -> note.pitchClass().toString())
                                .toList()))
                .limit(MOST)
                .map(Tried::fix)
                .toList();
    }

    private Tried tried(Candidate candidate) {
        Arrangement tune = then(arrangement, candidate.pin(), candidate.sheet());
        List<Finding> findings = findings(tune, own);
        Map<Finding.Id, Severity> then = byId(findings);
        Severity cleared = here.stream()
                .filter(finding -> !then.containsKey(finding.id()))
                .map(Finding::severity)
                .min(Comparator.naturalOrder())
                .orElse(Severity.OFF);
        Severity gravest = here.stream()
                .map(Finding::severity)
                .min(Comparator.naturalOrder())
                .orElseThrow();
        int brings = 0;
        for (Map.Entry<Finding.Id, Severity> one : then.entrySet()) {
            if (!now.containsKey(one.getKey())) {
                if (one.getValue().compareTo(cleared) <= 0) {
                    return null;
                }
                brings += weight(one.getValue());
            }
        }
        // What leaves the gravest as it is fixes nothing that was asked about.
        if (cleared != gravest) {
            return null;
        }
        int leaves = findings.stream()
                .filter(finding -> finding.chord() == chord)
                .mapToInt(finding -> weight(finding.severity()))
                .sum();
        int dearness =
                ORDER * candidate.order() + brings + leaves / 10 + LOST * candidate.lost() + candidate.distance();
        return new Tried(candidate, dearness, then.size(), moved(tune));
    }

    private static int weight(Severity severity) {
        return switch (severity) {
            case FAULT -> 200;
            case WARNING -> 60;
            case HINT -> 1;
            case OFF -> 0;
        };
    }

    private static Map<Finding.Id, Severity> byId(List<Finding> findings) {
        Map<Finding.Id, Severity> ids = new HashMap<>();
        findings.stream()
                .filter(finding -> !isOfRepetition(finding))
                .forEach(finding -> ids.merge(
                        finding.id(), finding.severity(), (one, other) -> one.compareTo(other) <= 0 ? one : other));
        return ids;
    }

    private static int moved(Arrangement arrangement) {
        return arrangement.chords().stream()
                .mapToInt(chord ->
                        chord.solved().map(Solved::cost).map(Cost::semitones).orElse(0))
                .sum();
    }

    /** Of a chord that the app plays. */
    private List<Candidate> ofVoicing(ArrangedChord arranged) {
        Pin asItIs = pin(arranged, arranged.voicing().pitches());
        List<Pitch> notes = asItIs.notes();
        List<Candidate> candidates = new ArrayList<>();
        arranged.solved()
                .ifPresent(solved -> solved.alternatives().forEach(other -> {
                    List<Pitch> laid = other.voicing().pitches();
                    candidates.add(
                            new Candidate("play it as %s", laid, pin(arranged, laid), null, 0, 0, other.price()));
                }));
        if (notes.size() > 1) {
            Pitch top = notes.get(notes.size() - 1);
            candidates.add(new Candidate(
                    "give %s to the right hand", List.of(top), asItIs.with(top, Manner.RIGHT_HAND), null, 1, 0, 0));
        }
        boolean grates = here.stream().anyMatch(finding -> finding.kind().page() == Kind.CLASH);
        for (Pitch note : notes) {
            if (grates) {
                candidates.add(
                        new Candidate("play %s softly", List.of(note), asItIs.with(note, Manner.SOFT), null, 0, 0, 1));
                candidates.add(new Candidate(
                        "bring in %s a count later", List.of(note), asItIs.with(note, Manner.LATE), null, 0, 0, 2));
            }
            if (canGo(arrangement, arranged, note)) {
                List<Pitch> without =
                        notes.stream().filter(other -> !other.equals(note)).toList();
                candidates.add(new Candidate(
                        "leave out %s", List.of(note), pin(arranged, without), null, grates ? 0 : 2, 1, 3));
            }
        }
        return candidates;
    }

    /** Never the bass, the third or the seventh, unless it is there twice or the tune has it, and never the last note. */
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
        boolean bass = note.midi()
                == voicing.pitches().stream().mapToInt(Pitch::midi).min().orElse(0);
        return !bass && voicing.pitches().stream().distinct().count() > 1 && (!tells || twice || sung);
    }

    private static Pin pin(ArrangedChord chord, List<Pitch> notes) {
        return new Pin(chord.event().bar(), chord.event().start(), List.copyOf(new HashSet<>(notes)));
    }

    /** Whether what is found is a matter of fingers or of holding on. */
    static boolean isOfFingers(Finding finding) {
        return finding.kind().is(Trait.HAND);
    }
}
