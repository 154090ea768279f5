package com.zestythumb.app.exercise;

import com.zestythumb.app.exercise.Attempt.Details;
import com.zestythumb.app.student.Student;
import com.zestythumb.app.student.Students;
import com.zestythumb.app.studio.Studios;
import com.zestythumb.app.tune.BackupPart;
import com.zestythumb.core.exercise.Marking.Mark;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Valid;
import jakarta.validation.Validator;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Exercises with all that was answered, in the backup. The tune goes with the exercise, and is not tied to the shelf's. */
@Component
class ExerciseBackup implements BackupPart {

    /** An exercise in the file; its student by the file's number. */
    record Kept(
            @NotNull @Pattern(regexp = "[A-Za-z0-9_-]{20,40}")
            String code,

            Integer student,
            @NotNull @Valid ExerciseDraft draft,
            @NotNull Instant createdAt,
            Instant withdrawnAt,
            @NotNull List<@NotNull @Valid KeptAttempt> attempts) {}

    /** A try in the file. */
    record KeptAttempt(
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
    private final JsonMapper json;
    private final Validator validator;

    ExerciseBackup(
            ExerciseRepository exercises,
            AttemptRepository attempts,
            Students students,
            Studios studios,
            JsonMapper json,
            Validator validator) {
        this.exercises = exercises;
        this.attempts = attempts;
        this.students = students;
        this.studios = studios;
        this.json = json;
        this.validator = validator;
    }

    @Override
    public String list() {
        return "exercises";
    }

    @Override
    public List<Kept> everything(Map<Long, Integer> numbers) {
        List<KeptExercise> all = exercises.findByStudioOrderByCreatedAtDescIdDesc(studios.current());
        Map<Long, List<Attempt>> made = attempts.findByExerciseInOrderByNumber(all).stream()
                .collect(Collectors.groupingBy(attempt -> attempt.exercise().id()));
        return all.stream()
                .map(one -> new Kept(
                        one.code(),
                        one.student() == null ? null : numbers.get(one.student().id()),
                        one.draft(),
                        one.createdAt(),
                        one.withdrawnAt(),
                        made.getOrDefault(one.id(), List.of()).stream()
                                .map(Attempt::kept)
                                .toList()))
                .toList();
    }

    @Override
    public void restore(JsonNode one, Function<Integer, Long> ids) {
        Kept kept = json.treeToValue(one, Kept.class);
        for (ConstraintViolation<Kept> fault : validator.validate(kept)) {
            throw new IllegalArgumentException("exercises: " + fault.getPropertyPath() + " " + fault.getMessage());
        }
        if (exercises.findByCode(kept.code()).isPresent()) {
            return;
        }
        Student student = kept.student() == null ? null : students.find(ids.apply(kept.student()));
        KeptExercise exercise =
                new KeptExercise(studios.current(), null, student, kept.code(), kept.draft(), kept.createdAt());
        exercise.withdraw(kept.withdrawnAt());
        exercises.save(exercise);
        kept.attempts().forEach(attempt -> attempts.save(new Attempt(exercise, attempt)));
    }
}
