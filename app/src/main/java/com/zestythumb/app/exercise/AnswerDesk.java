package com.zestythumb.app.exercise;

import com.zestythumb.app.arrange.ArrangementView;
import com.zestythumb.app.arrange.AskedPages;
import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.http.Links;
import com.zestythumb.app.http.ProblemKind;
import com.zestythumb.core.exercise.Answers;
import com.zestythumb.core.exercise.Exercise;
import com.zestythumb.core.exercise.ExerciseKind;
import com.zestythumb.core.exercise.Hint;
import com.zestythumb.core.exercise.Marking;
import com.zestythumb.core.exercise.Marking.Mark;
import com.zestythumb.core.exercise.Task;
import com.zestythumb.core.exercise.Task.Question;
import com.zestythumb.core.sheet.ChartWriter;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes answers from whoever knows an exercise's code: each chord as soon as it is played, so that nothing is lost. It computes
 * with what it has read, and holds neither row nor connection meanwhile.
 */
@Service
@Transactional(propagation = Propagation.NEVER)
public class AnswerDesk {

    /** So often in a row a bar is right before its notes go. */
    private static final int KNOWN = 3;

    private static final int LONGEST_NAME = 60;

    private final ExerciseRepository exercises;
    private final AttemptRepository attempts;
    private final RecentExercises recent;
    private final Links links;
    private final AskedPages pages;
    private final PointsOfFaults points;
    private final Moments moments;

    /** An exercise as it is kept at one moment, with the tries on one device, of which the last is going on. */
    private record Seen(KeptExercise kept, List<Attempt> made, Attempt latest, Map<String, Integer> points) {

        /** The try a page is at; one that is finished takes nothing more. */
        Attempt current(int number) {
            if (latest.number() != number || latest.finishedAt() != null) {
                throw ProblemKind.REFUSED.because(
                        "this try is finished already, perhaps in another tab; load the page anew to go on");
            }
            return latest;
        }

        boolean isHidden() {
            return latest.number() < kept.settings().marksAfter();
        }
    }

    AnswerDesk(
            ExerciseRepository exercises,
            AttemptRepository attempts,
            RecentExercises recent,
            Links links,
            AskedPages pages,
            PointsOfFaults points,
            Moments moments) {
        this.exercises = exercises;
        this.attempts = attempts;
        this.recent = recent;
        this.links = links;
        this.pages = pages;
        this.points = points;
        this.moments = moments;
    }

    /** The try that is going on, or the last where no other may follow. */
    public AnswerSheet sheet(Who who) {
        return sheet(look(who));
    }

    /**
     * The page of the try that is going on: what is given, what is answered and rests for the rest; once all is right as the
     * teacher plays it.
     *
     * @param heard whether it is what is heard where something else is seen
     * @param known marks of measures that need not be sent again
     */
    public ArrangementView page(Who who, boolean heard, Set<String> known) {
        Seen seen = look(who);
        KeptExercise kept = seen.kept();
        Task task = recent.of(kept);
        Attempt attempt = seen.latest();
        // Once all is found it is heard as the teacher plays it.
        boolean found = attempt.finishedAt() != null
                && attempt.points() == attempt.most()
                && task.asked() == ExerciseKind.CHORDS
                && !seen.isHidden();
        boolean whole = found || heard && task.asked() == ExerciseKind.RIDDLE;
        return pages.of(
                whole ? kept.chart() : ChartWriter.write(task.page(attempt.answers(), shown(seen, task))),
                found && task instanceof Exercise exercise
                        ? ChoicesDto.of(exercise.with(attempt.answers().keys()))
                        : kept.choices(),
                kept.hand(),
                task.hidden(),
                task.questions().stream().collect(Collectors.toMap(Question::chord, Question::figures)),
                known);
    }

    /**
     * Who answers.
     *
     * @param device what it calls itself; told apart where an exercise is for anybody
     * @param address from where it is asked
     */
    public record Who(String code, String device, String address) {}

    /** Takes the name of whoever answers an exercise that is for anybody. */
    public AnswerSheet name(Who who, String name) {
        String stripped = name.strip();
        return sheet(change(who, now -> {
            now.latest().call(stripped.substring(0, Math.min(LONGEST_NAME, stripped.length())));
            return now.latest();
        }));
    }

    /**
     * What is answered at one chord.
     *
     * @param word may be null
     * @param waited seconds from when it was looked at to its first key
     * @param seconds how long the student has sat at this try
     */
    public record Answered(int chord, List<Integer> keys, String word, int waited, int seconds) {}

    /** Keeps the keys of one chord; two tabs do not undo one another's. */
    public AnswerSheet answer(Who who, int attempt, Answered answered) {
        int chord = answered.chord();
        String word = answered.word() == null ? "" : answered.word();
        Seen before = look(who);
        Answers answers = before.current(attempt).answers().with(chord, answered.keys(), word);
        // What makes no sense is refused before it is kept.
        recent.of(before.kept()).page(answers, Set.of());
        boolean isGuess = isGuess(before, answers, chord);
        return sheet(change(who, now -> {
            Attempt current = now.current(attempt);
            // What a page sends again, for it did not hear that it came, is no other guess.
            boolean isAnother = !word.equals(current.answers().words().get(chord));
            current.answer(chord, answered.keys(), word, answered.waited(), answered.seconds(), Instant.now());
            if (isAnother && isGuess) {
                current.guess(chord);
            }
            return current;
        }));
    }

    /** One of several was chosen, and it is seen at once that it is not the right one. */
    private boolean isGuess(Seen seen, Answers answers, int chord) {
        Task task = recent.of(seen.kept());
        return seen.kept().atOnce()
                && !seen.isHidden()
                && task.asked().how() == ExerciseKind.How.CHOSEN
                && answers.words().containsKey(chord)
                && task.marked(answers).marks().stream()
                        .anyMatch(mark -> mark.chord() == chord && mark.verdict() == Marking.Verdict.NOT_YET);
    }

    /** Something that helps at a chord, more each time, where the teacher allows it. */
    public Hint help(Who who, int attempt, int chord) {
        Seen before = look(who);
        if (!before.kept().settings().help()) {
            throw ProblemKind.REFUSED.because("your teacher wants this without help");
        }
        Attempt current = before.current(attempt);
        int asked = 1 + current.details().helped().getOrDefault(chord, 0);
        Hint hint = recent.of(before.kept()).hint(chord, current.answers(), asked);
        change(who, now -> {
            now.current(attempt).help(chord, Instant.now());
            return now.latest();
        });
        return hint;
    }

    /** Marks the whole; what is answered in another tab meanwhile is marked too. */
    public AnswerSheet finish(Who who, int attempt, int seconds) {
        while (true) {
            Seen before = look(who);
            Answers answers = before.current(attempt).answers();
            Marking marking = marking(before);
            Seen after = change(who, now -> {
                Attempt current = now.current(attempt);
                if (current.answers().equals(answers)) {
                    current.finish(marking, seconds, Instant.now());
                }
                return current;
            });
            if (after.latest().finishedAt() != null) {
                return sheet(after);
            }
        }
    }

    /** Begins another try; what was right stays. */
    public AnswerSheet again(Who who) {
        return sheet(change(who, now -> {
            Attempt last = now.latest();
            if (last.finishedAt() == null) {
                return last;
            }
            if (now.kept().tries() > 0 && last.number() >= now.kept().tries()) {
                throw ProblemKind.REFUSED.because("this was the last try; ask your teacher for one more");
            }
            return new Attempt(now.kept(), last, begunWith(now), Instant.now());
        }));
    }

    /** What stays for another try: nothing of what is played by heart, all where the marks are not seen yet, else what was right. */
    private static Answers begunWith(Seen seen) {
        if (seen.kept().settings().fading()) {
            return Answers.NONE;
        }
        return seen.isHidden() ? seen.latest().answers() : right(seen.latest());
    }

    private static Answers right(Attempt last) {
        Answers right = Answers.NONE;
        for (Mark mark : last.marks()) {
            if (mark.verdict() == Marking.Verdict.RIGHT) {
                right = right.with(
                        mark.chord(),
                        last.answers().keys().getOrDefault(mark.chord(), List.of()),
                        last.answers().words().getOrDefault(mark.chord(), ""));
            }
        }
        return right;
    }

    private AnswerSheet sheet(Seen seen) {
        KeptExercise kept = seen.kept();
        boolean isMarked = kept.atOnce() && seen.latest().finishedAt() == null && !seen.isHidden();
        return AnswerSheet.of(kept, recent.of(kept), seen.latest(), isMarked ? marking(seen) : null, seen.isHidden());
    }

    /** With the points that the teacher gives. */
    private Marking marking(Seen seen) {
        return recent.of(seen.kept())
                .marked(seen.latest().answers())
                .weighted(seen.points())
                .guessed(seen.latest().details().guessed());
    }

    /** Bars whose hand is seen although it is asked for. */
    private static Set<Integer> shown(Seen seen, Task task) {
        return seen.kept().settings().fading() ? notYetKnown(seen, task) : Set.of();
    }

    /** Bars that were not right three times in a row up to now: their hand is seen. */
    private static Set<Integer> notYetKnown(Seen seen, Task task) {
        Map<Integer, Integer> inARow = new TreeMap<>();
        Map<Integer, Integer> barOf = task.key().chords().stream()
                .collect(Collectors.toMap(
                        chord -> chord.index(), chord -> chord.event().bar()));
        for (Attempt made : seen.made()) {
            if (made.finishedAt() == null) {
                continue;
            }
            Map<Integer, Boolean> right = made.marks().stream()
                    .collect(Collectors.toMap(
                            mark -> barOf.get(mark.chord()),
                            mark -> mark.verdict() == Marking.Verdict.RIGHT,
                            Boolean::logicalAnd));
            right.forEach((bar, all) -> inARow.merge(bar, all ? 1 : 0, (before, now) -> all ? before + 1 : 0));
        }
        Set<Integer> shown = new TreeSet<>(seen.kept().bars());
        shown.removeIf(bar -> inARow.getOrDefault(bar, 0) >= KNOWN);
        return shown;
    }

    private Seen look(Who who) {
        return moments.read(() -> seen(exercises.findByCode(who.code()).orElse(null), who));
    }

    /** Whoever changes it at the same moment waits for so long as this takes; the change computes nothing. */
    private Seen change(Who who, Function<Seen, Attempt> change) {
        return moments.write(() -> {
            Seen before = seen(exercises.findLockedByCode(who.code()).orElse(null), who);
            Attempt changed = attempts.save(change.apply(before));
            return new Seen(before.kept(), before.made(), changed, before.points());
        });
    }

    private Seen seen(KeptExercise found, Who who) {
        KeptExercise kept = open(found, who);
        // Who has an exercise alone has it on any device; of one for anybody each device has its own.
        String device = kept.student() == null ? who.device() : "";
        List<Attempt> made = attempts.findByExerciseAndDeviceOrderByNumber(kept, device);
        Attempt latest =
                made.isEmpty() ? new Attempt(kept, device, 1, Answers.NONE, Instant.now()) : made.get(made.size() - 1);
        return new Seen(kept, made, latest, points.of(kept.studio()));
    }

    private KeptExercise open(KeptExercise kept, Who who) {
        if (kept == null) {
            links.missed(who.address());
            throw ProblemKind.NOT_FOUND.because("this link leads to no exercise; ask your teacher for it again");
        }
        if (kept.codeUntil().isBefore(Instant.now())) {
            throw ProblemKind.NOT_FOUND.because(
                    "this link is a year old and leads nowhere any more; ask your teacher for a new one");
        }
        if (kept.withdrawnAt() != null
                || kept.student() != null && kept.student().removedAt() != null) {
            throw ProblemKind.NOT_FOUND.because("your teacher has closed this exercise");
        }
        return kept;
    }
}
