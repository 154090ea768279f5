package com.zestythumb.app.exercise;

import com.zestythumb.app.http.Resource;
import com.zestythumb.core.exercise.ExerciseKind;
import com.zestythumb.core.exercise.Marking;
import com.zestythumb.core.exercise.Marking.Mark;
import com.zestythumb.core.exercise.Marking.Verdict;
import com.zestythumb.core.exercise.ReadyMade;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** An exercise and what came of it, as the teacher sees it. */
@Schema(name = "Exercise")
public record ExerciseView(
        long id,

        @Schema(description = "Whoever knows it may answer, at /answer/ and this.")
        String code,

        String title,

        @Schema(description = "The tune's number; null where it was made from nothing.", nullable = true)
        Long tune,

        @Schema(description = "Whose it is; empty where it is for anybody.")
        String student,

        ExerciseKind asked,
        Set<Integer> bars,
        int tries,
        boolean atOnce,
        String words,
        ExerciseSettings settings,
        Instant createdAt,
        boolean withdrawn,
        List<AttemptView> attempts,

        @Schema(description = "What went wrong oftenest in all tries.")
        List<Trouble> troubles,

        @Schema(description = "Bars as a teacher calls them in which something went wrong, the worst first.")
        List<HardBar> hardBars,

        @Schema(description = "A set that practises it; empty while nothing went wrong.")
        String next)
        implements Resource {

    @Override
    public String address() {
        return "/api/exercises/" + id;
    }

    /** What went wrong, and how often. */
    public record Trouble(String fault, String name, long times) {}

    /** A bar that holds up, and how often. */
    public record HardBar(int bar, long times) {}

    static ExerciseView of(KeptExercise exercise, List<Attempt> attempts) {
        List<String> faults = attempts.stream()
                .flatMap(attempt -> attempt.marks().stream())
                .map(Mark::faults)
                .flatMap(List::stream)
                .toList();
        Map<String, Long> often =
                faults.stream().collect(Collectors.groupingBy(Function.identity(), Collectors.counting()));
        return new ExerciseView(
                exercise.id(),
                exercise.code(),
                exercise.title(),
                exercise.tune() == null ? null : exercise.tune().id(),
                exercise.student() == null ? "" : exercise.student().name(),
                exercise.asked(),
                exercise.bars(),
                exercise.tries(),
                exercise.atOnce(),
                exercise.words(),
                exercise.settings(),
                exercise.createdAt(),
                exercise.withdrawnAt() != null,
                attempts.stream().map(AttemptView::of).toList(),
                often.entrySet().stream()
                        .map(one -> new Trouble(one.getKey(), Marking.nameOf(one.getKey()), one.getValue()))
                        .sorted(Comparator.comparing(Trouble::times).reversed().thenComparing(Trouble::fault))
                        .toList(),
                attempts.stream()
                        .flatMap(attempt -> attempt.marks().stream())
                        .filter(mark -> mark.verdict() != Verdict.RIGHT)
                        .collect(Collectors.groupingBy(Mark::bar, Collectors.counting()))
                        .entrySet()
                        .stream()
                        .map(one -> new HardBar(one.getKey(), one.getValue()))
                        .sorted(Comparator.comparing(HardBar::times).reversed().thenComparing(HardBar::bar))
                        .toList(),
                faults.isEmpty() ? "" : ReadyMade.after(faults).id());
    }
}
