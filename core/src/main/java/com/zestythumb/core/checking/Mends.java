package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.arrangement.Manner;
import com.zestythumb.core.arrangement.Pin;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.solving.Cost;
import com.zestythumb.core.solving.VoicingSolver.Solved;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * Ways to mend what is to be minded at one chord: a note left out, played softly, a count later or by the right hand, or
 * the chord laid otherwise. Each is tried on the whole tune, solved anew around it; only what mends is told.
 */
public final class Mends {

    private static final int MOST = 6;

    /**
     * One way.
     *
     * @param what what to do, the notes as a hole: {@code "leave out %s"}
     * @param notes the notes it is done to
     * @param pin the chord as it is then fixed
     * @param findings how many things there are to mind in the tune then
     * @param moved half steps that the fingers move in the tune then
     */
    public record Mend(String what, List<Pitch> notes, Pin pin, int findings, int moved) {

        /** As it is said, the notes as they are called: {@code "leave out B"}. */
        public String words(UnaryOperator<String> call) {
            String names = notes.stream()
                    .map(pitch -> call.apply(pitch.pitchClass().pretty()))
                    .collect(Collectors.joining(" "));
            return what.formatted(names);
        }
    }

    private Mends() {}

    /** The ways that leave less to mind at this chord, the best of the whole tune first; none where nothing is to mend. */
    public static List<Mend> of(Arrangement arrangement, int chord) {
        if (arrangement.chords().get(chord).isWritten()) {
            return List.of();
        }
        Set<String> now = codes(Findings.in(arrangement), chord);
        if (now.isEmpty()) {
            return List.of();
        }
        List<Mend> mends = new ArrayList<>();
        for (Way way : ways(arrangement.chords().get(chord))) {
            Arrangement then = arrangement.with(with(way.pin(), arrangement.choices()));
            List<Finding> findings = Findings.in(then);
            Set<String> left = codes(findings, chord);
            if (left.size() < now.size() && now.containsAll(left)) {
                mends.add(new Mend(way.what(), way.notes(), way.pin(), findings.size(), moved(then)));
            }
        }
        Set<String> said = new HashSet<>();
        return mends.stream()
                .sorted(Comparator.comparingInt(Mend::findings).thenComparingInt(Mend::moved))
                // The same notes in another octave are the same words.
                .filter(mend -> said.add(mend.what()
                        + mend.notes().stream()
                                .map(note -> note.pitchClass().toString())
                                .toList()))
                .limit(MOST)
                .toList();
    }

    private record Way(String what, List<Pitch> notes, Pin pin) {}

    /** What strains by coming again and again is mended by rest and not at one chord. */
    private static Set<String> codes(List<Finding> findings, int chord) {
        return findings.stream()
                .filter(finding ->
                        finding.chord() == chord && !finding.fault().code().startsWith("strain"))
                .map(finding ->
                        finding.fault().code() + finding.fault().measures().get("note"))
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

    private static List<Way> ways(ArrangedChord chord) {
        Pin asItIs = pin(chord, chord.voicing().pitches());
        List<Pitch> notes = asItIs.notes();
        List<Way> ways = new ArrayList<>();
        for (Pitch note : notes) {
            List<Pitch> without =
                    notes.stream().filter(other -> !other.equals(note)).toList();
            if (notes.size() > 1) {
                ways.add(new Way("leave out %s", List.of(note), pin(chord, without)));
            }
            ways.add(new Way("play %s softly", List.of(note), asItIs.with(note, Manner.SOFT)));
            ways.add(new Way("bring in %s a count later", List.of(note), asItIs.with(note, Manner.LATE)));
        }
        if (notes.size() > 1) {
            Pitch top = notes.get(notes.size() - 1);
            ways.add(new Way("give %s to the right hand", List.of(top), asItIs.with(top, Manner.RIGHT_HAND)));
        }
        chord.solved()
                .ifPresent(solved -> solved.alternatives().forEach(other -> {
                    List<Pitch> laid = other.voicing().pitches();
                    ways.add(new Way("play it as %s", laid, pin(chord, laid)));
                }));
        return ways;
    }

    private static Pin pin(ArrangedChord chord, List<Pitch> notes) {
        return new Pin(chord.event().bar(), chord.event().start(), List.copyOf(new HashSet<>(notes)));
    }
}
