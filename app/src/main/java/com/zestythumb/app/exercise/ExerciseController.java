package com.zestythumb.app.exercise;

import com.zestythumb.app.http.Computations;
import com.zestythumb.core.exercise.ReadyMade;
import com.zestythumb.core.voiceleading.School;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Exercises as a teacher makes and reads them. */
@RestController
@RequestMapping("/api")
@Tag(name = "Exercises")
class ExerciseController {

    /** An exercise made from nothing. */
    @Schema(name = "ReadyMadeDraft")
    record ReadyMadeDraft(
            @Schema(example = "primary") @NotNull @Size(max = 40)
            String set,

            @Schema(description = "Which of the endless row; each key comes before one comes again.")
            @Min(0)
            @Max(100_000)
            int seed,

            @Schema(description = "The student's number; null where it is for anybody.", nullable = true)
            Long student,

            @Schema(example = "popular", defaultValue = "popular") @Size(max = 40)
            String school) {}

    /** A set of exercises. */
    @Schema(name = "ReadyMade")
    record Set(String id, String name, String words) {}

    /** What the teacher says of a try. */
    @Schema(name = "Said")
    record Said(
            @NotNull @Size(max = 1000) String words,

            @Schema(description = "Points by chord where she marks otherwise.") @NotNull @Size(max = 1000)
            Map<@NotNull Integer, @NotNull Integer> overruled) {}

    /** What a fault costs. */
    @Schema(name = "FaultPoints")
    record Points(
            @Schema(description = "0 to 4; null for as many as it costs by itself.", nullable = true) @Min(0) @Max(4)
            Integer points) {}

    private final Exercises exercises;
    private final PointsOfFaults points;
    private final Computations computations;

    ExerciseController(Exercises exercises, PointsOfFaults points, Computations computations) {
        this.exercises = exercises;
        this.points = points;
        this.computations = computations;
    }

    @GetMapping("/exercises")
    @Operation(summary = "All exercises with what came of them, the latest first.")
    List<ExerciseView> all() {
        return exercises.all();
    }

    @GetMapping("/exercises/overview")
    @Operation(
            summary =
                    "What came of all exercises: each student, what goes wrong in the class, the bars that hold it up.")
    Overview overview() {
        return exercises.overview();
    }

    @GetMapping("/exercises/report")
    @Operation(summary = "The class by student and by rule, of the last finished try of each exercise.")
    ClassReport report() {
        return exercises.report();
    }

    @GetMapping(value = "/exercises/report.csv", produces = "text/csv")
    @Operation(summary = "The same for a spreadsheet: a line for each try, a column for each fault.")
    String csv() {
        return exercises.csv();
    }

    @PutMapping("/exercises/points/{fault}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(summary = "Say what a fault costs from now on.")
    void cost(@PathVariable String fault, @Valid @RequestBody Points costs) {
        points.set(fault, costs.points());
    }

    @GetMapping("/tunes/{tune}/exercises")
    @Operation(summary = "The exercises of a tune, the latest first.")
    List<ExerciseView> ofTune(@PathVariable long tune) {
        return exercises.ofTune(tune);
    }

    @PostMapping("/tunes/{tune}/exercises")
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(summary = "Make an exercise of a tune: some bars whose left hand is to be found.")
    ExerciseView make(@PathVariable long tune, @Valid @RequestBody ExerciseDraft draft) {
        return computations.inTurn(() -> exercises.add(tune, draft));
    }

    @GetMapping("/ready-made")
    @Operation(summary = "Sets of exercises that are made from nothing.")
    List<Set> sets() {
        return ReadyMade.ALL.stream()
                .map(set -> new Set(set.id(), set.name(), set.words()))
                .toList();
    }

    @PostMapping("/ready-made")
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(summary = "Make an exercise from nothing.")
    ExerciseView make(@Valid @RequestBody ReadyMadeDraft draft) {
        School school = School.named(draft.school() == null ? School.POPULAR.id() : draft.school());
        return computations.inTurn(() -> exercises.add(draft.set(), draft.seed(), draft.student(), school));
    }

    @DeleteMapping("/exercises/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(summary = "Close an exercise: its link leads nowhere until it is put back; what was answered stays.")
    void withdraw(@PathVariable long id) {
        exercises.withdraw(id);
    }

    @PostMapping("/exercises/{id}/put-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(summary = "Open it again.")
    void putBack(@PathVariable long id) {
        exercises.putBack(id);
    }

    @PostMapping("/exercises/{id}/link")
    @Operation(summary = "Another link, for a year from now; the one before leads nowhere.")
    ExerciseView renew(@PathVariable long id) {
        return exercises.renew(id);
    }

    @PostMapping("/exercises/{id}/again")
    @Operation(summary = "Ask for it once more.")
    ExerciseView again(@PathVariable long id) {
        return exercises.again(id);
    }

    @GetMapping("/attempts/{id}/home")
    @Operation(summary = "What a student takes home of a finished try: her own bars, and a better way beside them.")
    TakeHome takeHome(@PathVariable long id) {
        return computations.inTurn(() -> exercises.takeHome(id));
    }

    @PutMapping("/attempts/{id}/said")
    @Operation(summary = "Say something of a try, and mark chords otherwise.")
    AttemptView say(@PathVariable long id, @Valid @RequestBody Said said) {
        return exercises.say(id, said.words(), said.overruled());
    }
}
