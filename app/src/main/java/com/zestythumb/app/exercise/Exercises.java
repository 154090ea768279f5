package com.zestythumb.app.exercise;

import com.zestythumb.app.arrange.ChoicesDto;
import com.zestythumb.app.arrange.HandDto;
import com.zestythumb.app.http.Links;
import com.zestythumb.app.http.ProblemKind;
import com.zestythumb.app.student.Student;
import com.zestythumb.app.student.StudentErased;
import com.zestythumb.app.student.Students;
import com.zestythumb.app.studio.Purge;
import com.zestythumb.app.studio.Studios;
import com.zestythumb.app.tune.Tune;
import com.zestythumb.app.tune.Tunes;
import com.zestythumb.core.exercise.ReadyMade;
import com.zestythumb.core.exercise.Task;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.voiceleading.School;
import java.time.Instant;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Keeps exercises and what came of them, for the teacher; what has to be computed is computed between transactions. */
@Service
@Transactional
public class Exercises {

    private final ExerciseRepository exercises;
    private final AttemptRepository attempts;
    private final Tunes tunes;
    private final Students students;
    private final Studios studios;
    private final Links links;
    private final PointsOfFaults points;
    private final Moments moments;

    Exercises(
            ExerciseRepository exercises,
            AttemptRepository attempts,
            Tunes tunes,
            Students students,
            Studios studios,
            Links links,
            PointsOfFaults points,
            Moments moments) {
        this.exercises = exercises;
        this.attempts = attempts;
        this.tunes = tunes;
        this.students = students;
        this.studios = studios;
        this.links = links;
        this.points = points;
        this.moments = moments;
    }

    /** All of the studio, the latest first. */
    @Transactional(readOnly = true)
    public List<ExerciseView> all() {
        return views(exercises.findByStudioOrderByCreatedAtDescIdDesc(studios.current()));
    }

    /** Those of a tune, the latest first. */
    @Transactional(readOnly = true)
    public List<ExerciseView> ofTune(long tune) {
        return views(exercises.findByTuneOrderByCreatedAtDescIdDesc(tunes.find(tune)));
    }

    /** What came of all of them. */
    @Transactional(readOnly = true)
    Overview overview() {
        List<KeptExercise> all = exercises.findByStudioOrderByCreatedAtDescIdDesc(studios.current());
        return Overview.of(
                all,
                attempts.findByExerciseInOrderByNumber(all).stream()
                        .collect(Collectors.groupingBy(
                                attempt -> attempt.exercise().id())));
    }

    /** The class by student and rule. */
    @Transactional(readOnly = true)
    ClassReport report() {
        return ClassReport.of(finished(), points.of(studios.current()));
    }

    /** The same for a spreadsheet. */
    @Transactional(readOnly = true)
    String csv() {
        return ClassReport.csv(finished());
    }

    /** The last finished try of each exercise, by student and then by exercise. */
    private List<ClassReport.Finished> finished() {
        List<KeptExercise> all = exercises.findByStudioOrderByCreatedAtDescIdDesc(studios.current());
        Map<Long, String> titles = all.stream().collect(Collectors.toMap(KeptExercise::id, KeptExercise::title));
        Map<List<Object>, Attempt> lasts = new LinkedHashMap<>();
        attempts.findByExerciseInOrderByNumber(all).stream()
                .filter(attempt -> attempt.finishedAt() != null)
                .forEach(attempt -> lasts.put(List.of(attempt.exercise().id(), attempt.device()), attempt));
        return lasts.values().stream()
                .map(attempt -> new ClassReport.Finished(
                        attempt.whose(), titles.get(attempt.exercise().id()), attempt))
                .sorted(Comparator.comparing(ClassReport.Finished::student)
                        .thenComparing(ClassReport.Finished::exercise))
                .toList();
    }

    /** What a student takes home of a finished try. */
    @Transactional(propagation = Propagation.NEVER)
    TakeHome takeHome(long attempt) {
        Attempt made = moments.read(() -> attempts.findByIdAndStudio(attempt, studios.current())
                .filter(one -> one.finishedAt() != null)
                .orElseThrow(() -> ProblemKind.NOT_FOUND.because("there is no finished try number " + attempt)));
        return TakeHome.of(made.exercise(), made.exercise().task(), made);
    }

    private List<ExerciseView> views(List<KeptExercise> some) {
        Map<Long, List<Attempt>> made = attempts.findByExerciseInOrderByNumber(some).stream()
                .collect(Collectors.groupingBy(attempt -> attempt.exercise().id()));
        return some.stream()
                .map(exercise -> ExerciseView.of(exercise, made.getOrDefault(exercise.id(), List.of())))
                .toList();
    }

    /** Makes one of a tune, which stays as it is now. */
    @Transactional(propagation = Propagation.NEVER)
    public ExerciseView add(long tune, ExerciseDraft draft) {
        return add(() -> tunes.find(tune), draft);
    }

    /** Makes one from nothing. */
    @Transactional(propagation = Propagation.NEVER)
    public ExerciseView add(String set, int seed, Long student, School school) {
        ReadyMade ready = ReadyMade.named(set);
        HandDto hand =
                student == null ? ChoicesDto.anyHand() : students.find(student).hand();
        String chart = ready.chart(seed);
        return add(
                () -> null,
                new ExerciseDraft(
                        student,
                        chart,
                        ChoicesDto.of(ready.choices(hand.toHand(), school)),
                        hand,
                        ready.blank(Chart.read(chart).sheet()),
                        ready.asked(),
                        0,
                        true,
                        ready.words(),
                        null));
    }

    private ExerciseView add(Supplier<Tune> tune, ExerciseDraft draft) {
        // What makes no sense is refused before it is kept.
        Task task = draft.task();
        return moments.write(() -> {
            Student student = draft.student() == null ? null : students.find(draft.student());
            KeptExercise added = exercises.save(new KeptExercise(
                    studios.current(),
                    tune.get(),
                    student,
                    links.newCode(),
                    links.until(),
                    draft,
                    task,
                    Instant.now()));
            return ExerciseView.of(added, List.of());
        });
    }

    /** What is asked in one, with its key. */
    @Transactional(propagation = Propagation.NEVER)
    public Task asked(long id) {
        return moments.read(() -> find(id)).task();
    }

    /** From now on its link leads nowhere; what was answered stays. */
    public void withdraw(long id) {
        find(id).withdraw(Instant.now());
    }

    public void putBack(long id) {
        find(id).withdraw(null);
    }

    /** Another link for a year from now; the one before leads nowhere. */
    public ExerciseView renew(long id) {
        KeptExercise exercise = find(id);
        exercise.link(links.newCode(), links.until());
        return ExerciseView.of(exercises.saveAndFlush(exercise), attempts.findByExerciseOrderByNumber(exercise));
    }

    /** Asks for one try more. */
    public ExerciseView again(long id) {
        KeptExercise exercise = find(id);
        List<Attempt> made = attempts.findByExerciseOrderByNumber(exercise);
        exercise.once((int)
                made.stream().filter(attempt -> attempt.finishedAt() != null).count());
        return ExerciseView.of(exercise, made);
    }

    /** Says something of a try, and marks chords otherwise. */
    public AttemptView say(long attempt, String words, Map<Integer, Integer> points) {
        Attempt made = attempts.findByIdAndStudio(attempt, studios.current())
                .orElseThrow(() -> ProblemKind.NOT_FOUND.because("there is no try number " + attempt));
        made.say(words.strip(), points);
        // What makes no sense is refused before it is kept.
        return AttemptView.of(made);
    }

    @EventListener
    void forget(StudentErased erased) {
        if (!erased.isNameShared()) {
            attempts.eraseOf(erased.student().studio(), erased.student().name());
        }
        exercises.eraseOf(erased.student().id());
    }

    @EventListener
    @Order(Ordered.HIGHEST_PRECEDENCE)
    void purge(Purge purge) {
        exercises.partFromTunes(purge.before());
    }

    private KeptExercise find(long id) {
        return exercises
                .findByIdAndStudio(id, studios.current())
                .orElseThrow(() -> ProblemKind.NOT_FOUND.because("there is no exercise number " + id));
    }
}
