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
    public AnswerSheet sheet(Who who) {
        KeptExercise kept = exercises.findByCode(who.code()).orElse(null);
        return sheet(open(kept, who), latest(kept, who));
    }

    /**
     * The page of the try that is going on: what is given, what is answered and rests for the rest; once all is right as the
     * teacher plays it.
     *
     * @param heard whether it is what is heard where something else is seen
     * @param known marks of measures that need not be sent again
     */
    @Transactional(readOnly = true)
    public ArrangementView page(Who who, boolean heard, Set<String> known) {
        KeptExercise kept = open(exercises.findByCode(who.code()).orElse(null), who);
        Task task = recent.of(kept);
        Attempt attempt = latest(kept, who);
        // Once all is found it is heard as the teacher plays it.
        boolean found = attempt.finishedAt() != null
                && attempt.points() == attempt.most()
                && task.asked() == Asked.CHORDS
                && !isHidden(kept, attempt);
        boolean whole = found || heard && task.asked() == Asked.RIDDLE;
        return pages.of(
                whole
                        ? kept.chart()
                        : ChartWriter.write(task.page(attempt.answers(), shown(kept, task, attempt.device()))),
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
        KeptExercise kept = locked(who);
        Attempt last = latest(kept, who);
        last.call(name.strip().substring(0, Math.min(LONGEST_NAME, name.strip().length())));
        return sheet(kept, attempts.save(last));
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
        KeptExercise kept = locked(who);
        Attempt current = current(kept, who, attempt);
        int chord = answered.chord();
        String word = answered.word() == null ? "" : answered.word();
        // What makes no sense is refused before it is kept.
        recent.of(kept).page(current.answers().with(chord, answered.keys(), word), Set.of());
        // What a page sends again, for it did not hear that it came, is no other guess.
        boolean isAnother = !word.equals(current.answers().words().get(chord));
        current.answer(chord, answered.keys(), word, answered.waited(), answered.seconds(), Instant.now());
        if (isAnother && isGuess(kept, current, chord)) {
            current.guess(chord);
        }
        return sheet(kept, attempts.save(current));
    }

    /** One of several was chosen, and it is seen at once that it is not the right one. */
    private boolean isGuess(KeptExercise kept, Attempt attempt, int chord) {
        Task task = recent.of(kept);
        return kept.atOnce()
                && !isHidden(kept, attempt)
                && task.asked().how() == Asked.How.CHOSEN
                && attempt.answers().words().containsKey(chord)
                && task.marked(attempt.answers()).marks().stream()
                        .anyMatch(mark -> mark.chord() == chord && mark.verdict() == Marking.Verdict.NOT_YET);
    }

    /** Something that helps at a chord, more each time, where the teacher allows it. */
    public Hint help(Who who, int attempt, int chord) {
        KeptExercise kept = locked(who);
        if (!kept.settings().help()) {
            throw new RefusedException("your teacher wants this without help");
        }
        Attempt current = current(kept, who, attempt);
        int asked = 1 + current.details().helped().getOrDefault(chord, 0);
        Hint hint = recent.of(kept).hint(chord, current.answers(), asked);
        current.help(chord, Instant.now());
        attempts.save(current);
        return hint;
    }

    /** Marks the whole. */
    public AnswerSheet finish(Who who, int attempt, int seconds) {
        KeptExercise kept = locked(who);
        Attempt current = current(kept, who, attempt);
        current.finish(marking(kept, current), seconds, Instant.now());
        return sheet(kept, attempts.save(current));
    }

    /** Begins another try; what was right stays. */
    public AnswerSheet again(Who who) {
        KeptExercise kept = locked(who);
        Attempt last = latest(kept, who);
        if (last.finishedAt() == null) {
            return sheet(kept, last);
        }
        if (kept.tries() > 0 && last.number() >= kept.tries()) {
            throw new RefusedException("this was the last try; ask your teacher for one more");
        }
        return sheet(kept, attempts.save(new Attempt(kept, last, begunWith(kept, last), Instant.now())));
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
        return recent.of(kept)
                .marked(attempt.answers())
                .weighted(points.of(kept.studio()))
                .guessed(attempt.details().guessed());
    }

    /** Bars whose hand is seen although it is asked for. */
    private Set<Integer> shown(KeptExercise kept, Task task, String device) {
        return kept.settings().fading() ? notYetKnown(kept, task, device) : Set.of();
    }

    /** Bars that were not right three times in a row up to now: their hand is seen. */
    private Set<Integer> notYetKnown(KeptExercise kept, Task task, String device) {
        Map<Integer, Integer> inARow = new TreeMap<>();
        Map<Integer, Integer> barOf = task.key().chords().stream()
                .collect(Collectors.toMap(
                        chord -> chord.index(), chord -> chord.event().bar()));
        for (Attempt made : made(kept, device)) {
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

    private KeptExercise locked(Who who) {
        return open(exercises.findLockedByCode(who.code()).orElse(null), who);
    }

    private static final int LONGEST_NAME = 60;

    private KeptExercise open(KeptExercise kept, Who who) {
        if (kept == null) {
            links.missed(who.address());
            throw new NotFoundException("this link leads to no exercise; ask your teacher for it again");
        }
        if (kept.codeUntil().isBefore(Instant.now())) {
            throw new NotFoundException(
                    "this link is a year old and leads nowhere any more; ask your teacher for a new one");
        }
        if (kept.withdrawnAt() != null
                || kept.student() != null && kept.student().removedAt() != null) {
            throw new NotFoundException("your teacher has closed this exercise");
        }
        return kept;
    }

    private Attempt latest(KeptExercise kept, Who who) {
        List<Attempt> made = made(kept, device(kept, who));
        return made.isEmpty()
                ? new Attempt(kept, device(kept, who), 1, Answers.NONE, Instant.now())
                : made.get(made.size() - 1);
    }

    /** Who has an exercise alone has it on any device; of one for anybody each device has its own. */
    private static String device(KeptExercise kept, Who who) {
        return kept.student() == null ? who.device() : "";
    }

    private List<Attempt> made(KeptExercise kept, String device) {
        return attempts.findByExerciseAndDeviceOrderByNumber(kept, device);
    }

    /** The try a page is at; one that is finished takes nothing more. */
    private Attempt current(KeptExercise kept, Who who, int number) {
        Attempt last = latest(kept, who);
        if (last.number() != number || last.finishedAt() != null) {
            throw new RefusedException(
                    "this try is finished already, perhaps in another tab; load the page anew to go on");
        }
        return last;
    }
}
