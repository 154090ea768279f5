package com.zestythumb.app.exercise;

import com.zestythumb.app.backup.BackupPart;
import com.zestythumb.app.backup.KeptReader;
import com.zestythumb.app.backup.Numbers;
import com.zestythumb.app.exercise.Attempt.Details;
import com.zestythumb.app.http.Links;
import com.zestythumb.app.student.Student;
import com.zestythumb.app.student.Students;
import com.zestythumb.app.studio.Studios;
import com.zestythumb.app.tune.Tune;
import com.zestythumb.core.exercise.Marking.Mark;
import jakarta.persistence.EntityManager;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Exercises with all that was answered, in the backup. */
@Component
@Order(4)
@Transactional
class ExerciseBackup implements BackupPart {

    /** An exercise in the file; its tune and its student by the file's numbers. */
    record Kept(
            @NotNull @Pattern(regexp = "[A-Za-z0-9_-]{20,40}")
            String code,

            Instant codeUntil,
            Integer tune,
            Integer student,
            @NotNull @Valid ExerciseDraft draft,
            @NotNull Instant createdAt,
            Instant withdrawnAt,
            @NotNull List<@NotNull @Valid KeptAttempt> attempts) {}

    /** A try in the file. */
    record KeptAttempt(
            @Size(max = 40) String device,
            @Size(max = 60) String name,
            int number,
            @NotNull Map<@NotNull Integer, @NotNull List<@NotNull Integer>> answers,
            @NotNull List<@NotNull Mark> marks,
            @NotNull Instant begunAt,
            @NotNull Instant savedAt,
            Instant finishedAt,
            int seconds,
            int most,
            int smoother,
            @NotNull String said,
            @NotNull Map<@NotNull Integer, @NotNull Integer> overruled,
            Details details) {}

    private final ExerciseRepository exercises;
    private final AttemptRepository attempts;
    private final Students students;
    private final Studios studios;
    private final KeptReader reader;
    private final Links links;
    private final EntityManager session;

    ExerciseBackup(
            ExerciseRepository exercises,
            AttemptRepository attempts,
            Students students,
            Studios studios,
            KeptReader reader,
            Links links,
            EntityManager session) {
        this.exercises = exercises;
        this.attempts = attempts;
        this.students = students;
        this.studios = studios;
        this.reader = reader;
        this.links = links;
        this.session = session;
    }

    @Override
    public String list() {
        return "exercises";
    }

    @Override
    @Transactional(readOnly = true)
    public void write(Numbers numbers, Consumer<Object> out) {
        write(exercises.findByStudioOrderByCreatedAtDescIdDesc(studios.current()), one -> true, numbers, out);
    }

    /** What the student was asked; of what anybody was asked, the tries under this name. */
    @Override
    @Transactional(readOnly = true)
    public void writeOf(long student, Numbers numbers, Consumer<Object> out) {
        String name = students.find(student).name();
        write(
                exercises.ofStudent(studios.current(), student, name),
                attempt -> attempt.whose().equalsIgnoreCase(name),
                numbers,
                out);
    }

    private void write(List<KeptExercise> all, Predicate<Attempt> which, Numbers numbers, Consumer<Object> out) {
        Map<Long, List<Attempt>> made = attempts.findByExerciseInOrderByNumber(all).stream()
                .filter(which)
                .collect(Collectors.groupingBy(attempt -> attempt.exercise().id()));
        all.stream()
                .map(one -> new Kept(
                        one.code(),
                        one.codeUntil(),
                        one.tune() == null
                                ? null
                                : numbers.of("tunes", one.tune().id()),
                        one.student() == null
                                ? null
                                : numbers.of("students", one.student().id()),
                        one.draft(),
                        one.createdAt(),
                        one.withdrawnAt(),
                        made.getOrDefault(one.id(), List.of()).stream()
                                .map(Attempt::kept)
                                .toList()))
                .forEach(out);
    }

    @Override
    public Taker begin(Numbers numbers) {
        return one -> {
            restore(numbers, reader.read(list(), one, Kept.class));
            return Came.BESIDE;
        };
    }

    private void restore(Numbers numbers, Kept kept) {
        if (exercises.findByCode(kept.code()).isPresent()) {
            return;
        }
        Student student = kept.student() == null ? null : students.find(numbers.row("students", kept.student()));
        Tune tune = kept.tune() == null ? null : session.getReference(Tune.class, numbers.row("tunes", kept.tune()));
        KeptExercise exercise = new KeptExercise(
                studios.current(),
                tune,
                student,
                kept.code(),
                kept.codeUntil() == null ? links.until() : kept.codeUntil(),
                kept.draft(),
                kept.draft().task(),
                kept.createdAt());
        exercise.withdraw(kept.withdrawnAt());
        exercises.save(exercise);
        kept.attempts().forEach(attempt -> attempts.save(new Attempt(exercise, attempt)));
    }
}
