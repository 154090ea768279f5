package com.zestythumb.app.exercise;

import com.zestythumb.app.arrange.ArrangementView;
import com.zestythumb.app.arrange.AskedPages;
import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.http.Links;
import com.zestythumb.app.http.NotFoundException;
import com.zestythumb.app.http.RefusedException;
import com.zestythumb.core.exercise.Answers;
import com.zestythumb.core.exercise.Asked;
import com.zestythumb.core.exercise.Exercise;
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
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes answers from whoever knows an exercise's code: each chord as soon as it is played, so that nothing is lost. */
@Service
@Transactional
public class AnswerDesk {

    /** So often in a row a bar is right before its notes go. */
    private static final int KNOWN = 3;

    private final ExerciseRepository exercises;
    private final AttemptRepository attempts;
    private final RecentExercises recent;
    private final Links links;
    private final AskedPages pages;
    private final PointsOfFaults points;

    AnswerDesk(
            ExerciseRepository exercises,
            AttemptRepository attempts,
            RecentExercises recent,
            Links links,
            AskedPages pages,
            PointsOfFaults points) {
        this.exercises = exercises;
        this.attempts = attempts;
        this.recent = recent;
        this.links = links;
        this.pages = pages;
        this.points = points;
    }

    /** The try that is going on, or the last where no other may follow. */
    @Transactional(readOnly = true)
    public AnswerSheet sheet(String code, String from) {
        KeptExercise kept = exercises.findByCode(code).orElse(null);
        return sheet(open(kept, from), latest(kept));
    }

    /**
     * The page of the try that is going on: what is given, what is answered and rests for the rest; once all is right as the
     * teacher plays it.
     *
     * @param heard whether it is what is heard where something else is seen
     * @param known marks of measures that need not be sent again
     */
    @Transactional(readOnly = true)
    public ArrangementView page(String code, String from, boolean heard, Set<String> known) {
        KeptExercise kept = open(exercises.findByCode(code).orElse(null), from);
        Task task = recent.of(kept);
        Attempt attempt = latest(kept);
        // Once all is found it is heard as the teacher plays it.
        boolean found = attempt.finishedAt() != null
                && attempt.points() == attempt.most()
                && task.asked() == Asked.CHORDS
                && !isHidden(kept, attempt);
        boolean whole = found || heard && task.asked() == Asked.RIDDLE;
        return pages.of(
                whole ? kept.chart() : ChartWriter.write(task.page(attempt.answers(), shown(kept, task))),
                found && task instanceof Exercise exercise
                        ? ChoicesDto.of(exercise.with(attempt.answers().keys()))
                        : kept.choices(),
                kept.hand(),
                task.hidden(),
                task.questions().stream().collect(Collectors.toMap(Question::chord, Question::figures)),
                known);
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
    public AnswerSheet answer(String code, String from, int attempt, Answered answered) {
        KeptExercise kept = locked(code, from);
        Attempt current = current(kept, attempt);
        int chord = answered.chord();
        String word = answered.word() == null ? "" : answered.word();
        // What makes no sense is refused before it is kept.
        recent.of(kept).page(current.answers().with(chord, answered.keys(), word), Set.of());
        current.answer(chord, answered.keys(), word, answered.waited(), answered.seconds(), Instant.now());
        return sheet(kept, attempts.save(current));
    }

    /** Something that helps at a chord, more each time, where the teacher allows it. */
    public Hint help(String code, String from, int attempt, int chord) {
        KeptExercise kept = locked(code, from);
        if (!kept.settings().help()) {
            throw new RefusedException("your teacher wants this without help");
        }
        Attempt current = current(kept, attempt);
        int asked = 1 + current.details().helped().getOrDefault(chord, 0);
        Hint hint = recent.of(kept).hint(chord, current.answers(), asked);
        current.help(chord, Instant.now());
        attempts.save(current);
        return hint;
    }

    /** Marks the whole. */
    public AnswerSheet finish(String code, String from, int attempt, int seconds) {
        KeptExercise kept = locked(code, from);
        Attempt current = current(kept, attempt);
        current.finish(marking(kept, current), seconds, Instant.now());
        return sheet(kept, attempts.save(current));
    }

    /** Begins another try; what was right stays. */
    public AnswerSheet again(String code, String from) {
        KeptExercise kept = locked(code, from);
        Attempt last = latest(kept);
        if (last.finishedAt() == null) {
            return sheet(kept, last);
        }
        if (kept.tries() > 0 && last.number() >= kept.tries()) {
            throw new RefusedException("this was the last try; ask your teacher for one more");
        }
        return sheet(kept, attempts.save(new Attempt(kept, last.number() + 1, begunWith(kept, last), Instant.now())));
    }

    /** What stays for another try: nothing of what is played by heart, all where the marks are not seen yet, else what was right. */
    private static Answers begunWith(KeptExercise kept, Attempt last) {
        if (kept.settings().fading()) {
            return Answers.NONE;
        }
        return isHidden(kept, last) ? last.answers() : right(last);
    }

    private static boolean isHidden(KeptExercise kept, Attempt attempt) {
        return attempt.number() < kept.settings().marksAfter();
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

    private AnswerSheet sheet(KeptExercise kept, Attempt attempt) {
        Task task = recent.of(kept);
        boolean hidden = isHidden(kept, attempt);
        boolean seen = kept.atOnce() && attempt.finishedAt() == null && !hidden;
        return AnswerSheet.of(kept, task, attempt, seen ? marking(kept, attempt) : null, hidden);
    }

    /** With the points that the teacher gives. */
    private Marking marking(KeptExercise kept, Attempt attempt) {
        return recent.of(kept).marked(attempt.answers()).weighted(points.of(kept.studio()));
    }

    /** Bars whose hand is seen although it is asked for. */
    private Set<Integer> shown(KeptExercise kept, Task task) {
        return kept.settings().fading() ? notYetKnown(kept, task) : Set.of();
    }

    /** Bars that were not right three times in a row up to now: their hand is seen. */
    private Set<Integer> notYetKnown(KeptExercise kept, Task task) {
        Map<Integer, Integer> inARow = new TreeMap<>();
        Map<Integer, Integer> barOf = task.key().chords().stream()
                .collect(Collectors.toMap(
                        chord -> chord.index(), chord -> chord.event().bar()));
        for (Attempt made : attempts.findByExerciseOrderByNumber(kept)) {
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
        Set<Integer> shown = new TreeSet<>(kept.bars());
        shown.removeIf(bar -> inARow.getOrDefault(bar, 0) >= KNOWN);
        return shown;
    }

    private KeptExercise locked(String code, String from) {
        return open(exercises.findLockedByCode(code).orElse(null), from);
    }

    private KeptExercise open(KeptExercise kept, String from) {
        if (kept == null) {
            links.missed(from);
            throw new NotFoundException("this link leads to no exercise; ask your teacher for it again");
        }
        if (kept.withdrawnAt() != null) {
            throw new NotFoundException("your teacher has closed this exercise");
        }
        return kept;
    }

    private Attempt latest(KeptExercise kept) {
        List<Attempt> made = attempts.findByExerciseOrderByNumber(kept);
        return made.isEmpty() ? new Attempt(kept, 1, Answers.NONE, Instant.now()) : made.get(made.size() - 1);
    }

    /** The try a page is at; one that is finished takes nothing more. */
    private Attempt current(KeptExercise kept, int number) {
        Attempt last = latest(kept);
        if (last.number() != number || last.finishedAt() != null) {
            throw new RefusedException(
                    "this try is finished already, perhaps in another tab; load the page anew to go on");
        }
        return last;
    }
}
