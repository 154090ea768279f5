package com.zestythumb.app.exercise;

import com.zestythumb.core.exercise.Marking;
import com.zestythumb.core.exercise.Marking.Mark;
import com.zestythumb.core.exercise.Marking.Verdict;
import com.zestythumb.core.exercise.ReadyMade;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What came of all exercises together: each student, what goes wrong in the class, the bars that hold it up. */
@Schema(name = "ExerciseOverview")
record Overview(
        List<OfStudent> students,

        @Schema(description = "What goes wrong, what most students do first.")
        List<Common> troubles,

        @Schema(description = "Bars in which more than one try went wrong, the worst first.")
        List<Held> bars) {

    private static final int FEW = 6;

    /** How far a student has come. */
    @Schema(name = "StudentOverview")
    record OfStudent(
            @Schema(description = "Empty for exercises that are for anybody.")
            String student,

            int exercises,

            @Schema(description = "Of them finished at least once.")
            int finished,

            @Schema(description = "In the last try of each.")
            int points,

            int most,

            int minutes,

            @Schema(description = "What this student keeps doing; empty where nothing comes twice.")
            String habit,

            @Schema(description = "How often.") long times,

            @Schema(description = "A set that practises it; empty where there is no habit.")
            String next,

            @Schema(description = "Bars at which the student hesitates, by exercise.")
            List<Slow> slow,

            @Schema(description = "Null where nothing was played yet.", nullable = true)
            Instant last) {}

    /** A chord for which a student waits long. */
    @Schema(name = "Hesitation")
    record Slow(String title, int bar, int seconds) {}

    /** Something that goes wrong in a class. */
    @Schema(name = "CommonTrouble")
    record Common(String fault, String name, long times, List<String> students) {}

    /** A bar that holds a class up. */
    @Schema(name = "HeldUp")
    record Held(String title, int bar, long times, List<String> students) {}

    /** A mark that is not right, with whose it is. */
    private record Slip(String student, String title, Mark mark) {}

    /** Twice the middle wait of a try, and more than so many seconds. */
    private static final int LONG = 8;

    static Overview of(List<KeptExercise> exercises, Map<Long, List<Attempt>> attempts) {
        Map<String, List<KeptExercise>> byStudent =
                exercises.stream().collect(Collectors.groupingBy(Overview::whose, TreeMap::new, Collectors.toList()));
        List<OfStudent> students = new ArrayList<>();
        List<Slip> slips = new ArrayList<>();
        byStudent.forEach((student, own) -> {
            List<Slip> mine = own.stream().flatMap(one -> slips(one, attempts)).toList();
            slips.addAll(mine);
            students.add(student(student, own, mine, attempts));
        });
        return new Overview(students, troubles(slips), bars(slips));
    }

    private static String whose(KeptExercise exercise) {
        return exercise.student() == null ? "" : exercise.student().name();
    }

    private static Stream<Attempt> made(KeptExercise exercise, Map<Long, List<Attempt>> attempts) {
        return attempts.getOrDefault(exercise.id(), List.of()).stream();
    }

    private static Stream<Slip> slips(KeptExercise exercise, Map<Long, List<Attempt>> attempts) {
        return made(exercise, attempts)
                .flatMap(attempt -> attempt.marks().stream()
                        .filter(mark -> mark.verdict() != Verdict.RIGHT)
                        .map(mark -> new Slip(attempt.whose(), exercise.title(), mark)));
    }

    private static OfStudent student(
            String name, List<KeptExercise> own, List<Slip> slips, Map<Long, List<Attempt>> attempts) {
        List<Attempt> lasts = own.stream()
                .map(one -> made(one, attempts)
                        .filter(attempt -> attempt.finishedAt() != null)
                        .reduce((before, last) -> last)
                        .orElse(null))
                .filter(Objects::nonNull)
                .toList();
        List<String> faults =
                slips.stream().flatMap(slip -> slip.mark().faults().stream()).toList();
        Map.Entry<String, Long> habit = counted(faults).entrySet().stream()
                .filter(one -> one.getValue() > 1)
                .max(Map.Entry.comparingByValue())
                .orElse(null);
        List<Attempt> all = own.stream().flatMap(one -> made(one, attempts)).toList();
        return new OfStudent(
                name,
                own.size(),
                lasts.size(),
                lasts.stream().mapToInt(Attempt::points).sum(),
                lasts.stream().mapToInt(Attempt::most).sum(),
                all.stream().mapToInt(Attempt::seconds).sum() / 60,
                habit == null ? "" : Marking.nameOf(habit.getKey()),
                habit == null ? 0 : habit.getValue(),
                habit == null ? "" : ReadyMade.after(faults).id(),
                own.stream().flatMap(one -> slow(one, attempts)).limit(FEW).toList(),
                all.stream()
                        .map(Attempt::savedAt)
                        .max(Comparator.naturalOrder())
                        .orElse(null));
    }

    private static Stream<Slow> slow(KeptExercise exercise, Map<Long, List<Attempt>> attempts) {
        return made(exercise, attempts).flatMap(attempt -> {
            Map<Integer, Integer> waited = attempt.details().waited();
            List<Integer> waits = waited.values().stream().sorted().toList();
            int usual = waits.isEmpty() ? 0 : waits.get((waits.size() - 1) / 2);
            return attempt.marks().stream()
                    .filter(mark -> waited.getOrDefault(mark.chord(), 0) > Math.max(LONG, 2 * usual))
                    .map(mark -> new Slow(exercise.title(), mark.bar(), waited.get(mark.chord())));
        });
    }

    private static Map<String, Long> counted(List<String> faults) {
        return faults.stream().collect(Collectors.groupingBy(Function.identity(), TreeMap::new, Collectors.counting()));
    }

    private static List<Common> troubles(List<Slip> slips) {
        Map<String, List<Slip>> byFault = new TreeMap<>();
        slips.forEach(slip -> slip.mark()
                .faults()
                .forEach(fault ->
                        byFault.computeIfAbsent(fault, any -> new ArrayList<>()).add(slip)));
        return byFault.entrySet().stream()
                .map(one -> new Common(
                        one.getKey(),
                        Marking.nameOf(one.getKey()),
                        one.getValue().size(),
                        who(one.getValue())))
                .sorted(Comparator.<Common>comparingInt(one -> -one.students().size())
                        .thenComparing(one -> -one.times())
                        .thenComparing(Common::fault))
                .limit(FEW)
                .toList();
    }

    private static List<Held> bars(List<Slip> slips) {
        return slips.stream()
                .collect(Collectors.groupingBy(
                        slip -> slip.title() + "\n" + slip.mark().bar(), TreeMap::new, Collectors.toList()))
                .values()
                .stream()
                .filter(some -> some.size() > 1)
                .map(some -> new Held(some.get(0).title(), some.get(0).mark().bar(), some.size(), who(some)))
                .sorted(Comparator.comparing(Held::times).reversed().thenComparing(Held::title))
                .limit(FEW)
                .toList();
    }

    private static List<String> who(List<Slip> slips) {
        return slips.stream()
                .map(Slip::student)
                .map(name -> name.isEmpty() ? "anybody" : name)
                .distinct()
                .sorted()
                .toList();
    }
}
