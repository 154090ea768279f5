package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.KeptVoicing;
import com.zestythumb.core.checking.FixTrial.Tried;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.stopping.StoppedException;
import com.zestythumb.core.voiceleading.Kind;
import com.zestythumb.core.voiceleading.Severity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * Ways to fix what is found at one chord. Of a written page the voice that erred goes to another note of its chord, by the smallest
 * move; of what the app plays the chord is voiced otherwise, or a note given to the right hand; what grates is softened or comes
 * later. A note is left out last. Each is tried on the bars around it and, where it is offered, on the tune; only what clears
 * something and brings nothing as grave is offered, first what brings least, keeps most and moves least.
 */
public final class Fixes {

    private static final int MOST = 6;

    /** How long a whole second version may take, in nanoseconds. */
    private static final long PATIENCE = 2_000_000_000L;

    /**
     * One fix.
     *
     * @param what what to do, the notes as a hole: {@code "leave out %s"}
     * @param notes the notes it is done to
     * @param pin the chord as it is then kept; null where somebody wrote it
     * @param bars the bars as they are then written; none where nobody wrote the chord
     * @param findings how many things are found then
     * @param moved half steps that the fingers move then
     */
    public record Fix(String what, List<Pitch> notes, KeptVoicing pin, List<Bar> bars, int findings, int moved) {

        /** As it is said, the notes as they are called: {@code "leave out B"}. */
        public String words(UnaryOperator<String> call) {
            String names = notes.stream()
                    .map(pitch -> call.apply(pitch.pitchClass().pretty()))
                    .collect(Collectors.joining(" "));
            return what.formatted(names);
        }

        /** The tune with it. */
        public Arrangement of(Arrangement arrangement) {
            return new Candidate(what, notes, pin, bars, 0, 0, 0).in(arrangement);
        }

        /** Whether it changes what somebody wrote. */
        public boolean isWritten() {
            return pin == null;
        }
    }

    private final Function<Arrangement, List<Finding>> check;

    private Fixes(Map<Kind, Severity> own) {
        this.check = tune -> Findings.in(tune, tune.choices().school(), own);
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
        return new Fixes(own).of(arrangement, chord, kind);
    }

    private List<Fix> of(Arrangement tune, int chord, Kind kind) {
        FixTrial whole = new FixTrial(tune, chord, kind, false, check, check.apply(tune));
        if (whole.hasNothing()) {
            return List.of();
        }
        // Around a chord that is voiced otherwise, others may be as well.
        boolean isWritten = tune.chords().get(chord).isWritten();
        Thread asker = Thread.currentThread();
        List<Tried> tried = isWritten
                ? within(tune, chord, whole, MOST).parallelStream()
                        .map(one -> StoppedException.askedBy(asker, () -> whole.tried(one.candidate())))
                        .filter(Objects::nonNull)
                        .sorted(Tried.BEST_FIRST)
                        .toList()
                : whole.best(MOST);
        return tried.stream().map(Fixes::fix).toList();
    }

    /** By an excerpt, unless something else is found there than in the whole. */
    private static List<Tried> within(Arrangement tune, int chord, FixTrial whole, int most) {
        FixTrial inside = whole.within(Excerpt.around(tune, chord));
        return inside.sees(whole) ? inside.best(most) : whole.best(most);
    }

    private static Fix fix(Tried one) {
        Candidate done = one.candidate();
        return new Fix(done.what(), done.notes(), done.pin(), done.bars(), one.findings(), one.moved());
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

    /** One that is about to be taken, with the chord at which it is. */
    private record Taken(int chord, Step step) {

        boolean isNear(Finding other) {
            return Math.abs(chord - other.chord()) <= 2 * Excerpt.AROUND;
        }

        /** Whether a fix there might touch the same notes. */
        boolean touches(Finding other) {
            return isNear(other) || Math.abs(step.bar() - other.bar()) <= 1;
        }
    }

    /**
     * A fix of each thing above a hint, the gravest first, and no fix that brings another such thing. Those that are far from one another
     * are found in one round, and the tune is looked at again after it. As many as there is time for, since a teacher rather has the
     * gravest now than none.
     */
    public static Fixed all(Arrangement arrangement, Map<Kind, Severity> own) {
        return new Fixes(own).all(arrangement);
    }

    private Fixed all(Arrangement arrangement) {
        long end = System.nanoTime() + PATIENCE;
        Arrangement tune = arrangement;
        List<Finding> findings = check.apply(tune);
        List<Step> steps = new ArrayList<>();
        Set<Finding.Id> asked = new HashSet<>();
        while (System.nanoTime() < end) {
            List<Taken> round = round(tune, findings, asked, end);
            if (round.isEmpty()) {
                break;
            }
            Arrangement then = with(tune, round);
            List<Finding> after = check.apply(then);
            // What is brought further off goes again with whatever brought it; where that cannot be told, with all of
            // the round.
            for (List<Finding> news = news(findings, after); !news.isEmpty(); news = news(findings, after)) {
                List<Finding> brought = news;
                boolean told = round.removeIf(one -> brought.stream().anyMatch(one::isNear));
                if (!told || System.nanoTime() > end) {
                    round.clear();
                }
                then = with(tune, round);
                after = check.apply(then);
            }
            round.forEach(one -> steps.add(one.step()));
            tune = then;
            findings = after;
        }
        return new Fixed(tune, steps);
    }

    /** Fixes that do not touch one another, the gravest first. */
    private List<Taken> round(Arrangement tune, List<Finding> findings, Set<Finding.Id> asked, long end) {
        List<Taken> round = new ArrayList<>();
        List<Finding> gravest = findings.stream()
                .filter(finding -> finding.severity().isAboveHint())
                .sorted(Comparator.comparing(Finding::severity).thenComparing(Finding::chord))
                .toList();
        for (Finding next : gravest) {
            StoppedException.ifInterrupted();
            boolean waits = round.stream().anyMatch(one -> one.touches(next));
            if (!waits && System.nanoTime() < end && asked.add(next.id())) {
                FixTrial whole = new FixTrial(tune, next.chord(), next.kind(), true, check, findings);
                within(tune, next.chord(), whole, 1)
                        .forEach(one -> round.add(new Taken(next.chord(), new Step(next.bar(), fix(one)))));
            }
        }
        return round;
    }

    private static Arrangement with(Arrangement tune, List<Taken> round) {
        Arrangement then = tune;
        for (Taken one : round) {
            then = one.step().fix().of(then);
        }
        return then;
    }

    /** What is found above a hint that was not there. */
    private static List<Finding> news(List<Finding> before, List<Finding> after) {
        Map<Finding.Id, Severity> known = FixTrial.byId(before);
        return after.stream()
                .filter(finding -> finding.severity().isAboveHint()
                        && !FixTrial.isOfRepetition(finding)
                        && !known.containsKey(finding.id()))
                .toList();
    }
}
