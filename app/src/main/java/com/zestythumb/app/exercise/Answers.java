package com.zestythumb.app.exercise;

import com.zestythumb.app.http.NotFoundException;
import com.zestythumb.app.http.RefusedException;
import com.zestythumb.core.exercise.Exercise;
import com.zestythumb.core.exercise.Marking;
import com.zestythumb.core.exercise.Marking.Mark;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes answers from whoever knows an exercise's code: each chord as soon as it is played, so that nothing is lost. */
@Service
@Transactional
public class Answers {

    private final ExerciseRepository exercises;
    private final AttemptRepository attempts;
    private final RecentExercises recent;
    private final Guesses guesses;

    Answers(ExerciseRepository exercises, AttemptRepository attempts, RecentExercises recent, Guesses guesses) {
        this.exercises = exercises;
        this.attempts = attempts;
        this.recent = recent;
        this.guesses = guesses;
    }

    /** The try that is going on, or the last where no other may follow. */
    @Transactional(readOnly = true)
    public AnswerSheet sheet(String code, String from) {
        KeptExercise kept = exercises.findByCode(code).orElse(null);
        return sheet(open(kept, from), latest(kept));
    }

    /** Keeps the keys of one chord; two tabs do not undo one another's. */
    public AnswerSheet answer(String code, String from, int attempt, int chord, List<Integer> keys, int seconds) {
        KeptExercise kept = locked(code, from);
        Attempt current = current(kept, attempt);
        Map<Integer, List<Integer>> with = current.answers();
        with.put(chord, keys);
        // What makes no sense is refused before it is kept.
        recent.of(kept).page(with);
        current.answer(chord, keys, seconds, Instant.now());
        return sheet(kept, attempts.save(current));
    }

    /** Marks the whole. */
    public AnswerSheet finish(String code, String from, int attempt, int seconds) {
        KeptExercise kept = locked(code, from);
        Attempt current = current(kept, attempt);
        current.finish(Marking.of(recent.of(kept), current.answers()), seconds, Instant.now());
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
        Map<Integer, List<Integer>> right = new TreeMap<>();
        last.marks().stream()
                .filter(mark -> mark.verdict() == Marking.Verdict.RIGHT)
                .map(Mark::chord)
                .forEach(chord -> right.put(chord, last.answers().get(chord)));
        return sheet(kept, attempts.save(new Attempt(kept, last.number() + 1, right, Instant.now())));
    }

    private AnswerSheet sheet(KeptExercise kept, Attempt attempt) {
        Exercise exercise = recent.of(kept);
        boolean seen = kept.atOnce() && attempt.finishedAt() == null;
        return AnswerSheet.of(kept, exercise, attempt, seen ? Marking.of(exercise, attempt.answers()) : null);
    }

    private KeptExercise locked(String code, String from) {
        return open(exercises.findLockedByCode(code).orElse(null), from);
    }

    private KeptExercise open(KeptExercise kept, String from) {
        if (kept == null) {
            guesses.missed(from);
            throw new NotFoundException("this link leads to no exercise; ask your teacher for it again");
        }
        if (kept.withdrawnAt() != null) {
            throw new NotFoundException("your teacher has closed this exercise");
        }
        return kept;
    }

    private Attempt latest(KeptExercise kept) {
        List<Attempt> made = attempts.findByExerciseOrderByNumber(kept);
        return made.isEmpty() ? new Attempt(kept, 1, Map.of(), Instant.now()) : made.get(made.size() - 1);
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
