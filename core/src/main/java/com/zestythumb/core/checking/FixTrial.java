package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.ArrangedChord;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.solving.Cost;
import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.stopping.StoppedException;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.Severity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Tries fixes of one chord in a tune, or in an excerpt of it, the cheapest first, and looks again at what is found with each. */
final class FixTrial {

    /** So many are tried at one time. */
    private static final int LOT = 8;

    /** More are not tried of one sort: what comes later lies further off than a teacher would look. */
    private static final int AT_MOST = 12 * LOT;

    /**
     * A candidate and what is found with it.
     *
     * @param dearness by which the better goes first, in half steps: what it brings and leaves, what it loses, how far it moves
     */
    record Tried(Candidate candidate, int dearness, int findings, int moved) {

        static final Comparator<Tried> BEST_FIRST =
                Comparator.comparingInt(Tried::dearness).thenComparingInt(Tried::moved);

        /** The same notes in another octave are the same words. */
        private List<Object> said() {
            return List.of(
                    candidate.what(),
                    candidate.notes().stream()
                            .map(note -> note.pitchClass().toString())
                            .toList());
        }
    }

    private final Arrangement tune;
    private final int chord;
    private final Kind kind;
    private final boolean cleanly;
    private final Function<Arrangement, List<Finding>> check;
    private final Map<Finding.Id, Severity> now;
    private final List<Finding> here;

    /**
     * @param kind what is to be fixed; null for whatever is gravest
     * @param cleanly whether nothing may be brought but hints; else what is less grave than what is cleared
     * @param check how a tune is looked at
     * @param findings what it finds in the tune as it is
     */
    FixTrial(
            Arrangement tune,
            int chord,
            Kind kind,
            boolean cleanly,
            Function<Arrangement, List<Finding>> check,
            List<Finding> findings) {
        this.tune = tune;
        this.chord = chord;
        this.kind = kind;
        this.cleanly = cleanly;
        this.check = check;
        this.now = byId(findings);
        this.here = findings.stream()
                .filter(finding -> finding.chord() == chord && !isOfRepetition(finding))
                .filter(finding -> kind == null || finding.kind() == kind)
                .toList();
    }

    /** What strains by coming again and again is eased by rest, and not at one chord. */
    static boolean isOfRepetition(Finding finding) {
        return finding.kind().page() == Kind.STRAIN;
    }

    boolean hasNothing() {
        return here.isEmpty();
    }

    /** The same tried in an excerpt. */
    FixTrial within(Excerpt near) {
        return new FixTrial(near.tune(), near.chord(), kind, cleanly, check, check.apply(near.tune()));
    }

    /** Whether the same is found at the chord as there. */
    boolean sees(FixTrial other) {
        return found().equals(other.found());
    }

    private Set<List<Object>> found() {
        return here.stream()
                .map(Finding::id)
                .map(id -> List.<Object>of(id.kind(), id.voices(), id.notes()))
                .collect(Collectors.toSet());
    }

    /** As many of the best as are wanted, in other words each, the best first. */
    List<Tried> best(int most) {
        ArrangedChord arranged = tune.chords().get(chord);
        List<Tried> tried = new ArrayList<>();
        if (!arranged.isWritten()) {
            tryOut(VoicedFixes.of(tune, arranged, here), most, tried);
        } else {
            WrittenFixes written = new WrittenFixes(tune, arranged, here);
            tryOut(written.ofOneVoice(), most, tried);
            if (tried.stream().noneMatch(one -> one.dearness() < Candidate.ORDER)) {
                tryOut(written.ofTwoVoices(), most, tried);
            }
        }
        return told(tried).stream().limit(most).toList();
    }

    private static List<Tried> told(List<Tried> tried) {
        Set<Object> said = new HashSet<>();
        return tried.stream()
                .sorted(Tried.BEST_FIRST)
                .filter(one -> said.add(one.said()))
                .toList();
    }

    /** Each is a tune of its own, and none knows of the others; what cannot be among the best is not tried. */
    private void tryOut(List<Candidate> candidates, int most, List<Tried> tried) {
        List<Candidate> ordered = candidates.stream()
                .sorted(Comparator.comparingInt(Candidate::price))
                .limit(AT_MOST)
                .toList();
        Thread asker = Thread.currentThread();
        for (int from = 0; from < ordered.size(); from += LOT) {
            int price = ordered.get(from).price();
            if (told(tried).stream().filter(one -> one.dearness() < price).count() >= most) {
                return;
            }
            tried.addAll(ordered.subList(from, Math.min(from + LOT, ordered.size())).parallelStream()
                    .map(one -> StoppedException.askedBy(asker, () -> tried(one)))
                    .filter(Objects::nonNull)
                    .toList());
        }
    }

    /** What is found with it; null where it leaves the gravest, or brings something as grave. */
    Tried tried(Candidate candidate) {
        Arrangement changed = candidate.in(tune);
        List<Finding> findings = check.apply(changed);
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
                if (one.getValue().compareTo(cleared) <= 0
                        || cleanly && one.getValue().isAboveHint()) {
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
        return new Tried(candidate, candidate.price() + brings + leaves / 10, then.size(), moved(changed));
    }

    private static int weight(Severity severity) {
        return switch (severity) {
            case FAULT -> 200;
            case WARNING -> 60;
            case HINT -> 1;
            case OFF -> 0;
        };
    }

    static Map<Finding.Id, Severity> byId(List<Finding> findings) {
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
}
