package com.zestythumb.app.exercise;

import com.zestythumb.core.exercise.Marking;
import com.zestythumb.core.exercise.Marking.Verdict;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A class by student and by rule, of the last finished try of each exercise. */
@Schema(name = "ClassReport")
record ClassReport(
        @Schema(description = "By name; empty for exercises that are for anybody.")
        List<Row> students,

        @Schema(description = "What goes wrong, most often first; and what has points of the teacher's own.")
        List<Rule> rules) {

    /** A student, or those who have no name. */
    @Schema(name = "ClassReportStudent")
    record Row(
            String student,
            int finished,
            int points,
            int most,

            @Schema(description = "How often, by fault.") Map<String, Long> times) {}

    /** Something that goes wrong. */
    @Schema(name = "ClassReportRule")
    record Rule(
            @Schema(example = "parallel-fifths") String fault,
            @Schema(example = "Parallel fifths") String name,
            long times,

            @Schema(description = "Points that it costs by the teacher's word; null where as usual.", nullable = true)
            Integer points) {}

    /** A finished try with its exercise. */
    record Finished(String student, String exercise, Attempt attempt) {

        /** How often each fault was made in it. */
        Map<String, Long> times() {
            return attempt.marks().stream()
                    .filter(mark -> mark.verdict() != Verdict.RIGHT)
                    .flatMap(mark -> mark.faults().stream())
                    .collect(Collectors.groupingBy(fault -> fault, TreeMap::new, Collectors.counting()));
        }
    }

    static ClassReport of(List<Finished> tries, Map<String, Integer> points) {
        Map<String, List<Finished>> byStudent =
                tries.stream().collect(Collectors.groupingBy(Finished::student, TreeMap::new, Collectors.toList()));
        List<Row> rows = new ArrayList<>();
        Map<String, Long> all = new TreeMap<>();
        points.keySet().forEach(fault -> all.put(fault, 0L));
        byStudent.forEach((student, own) -> {
            Map<String, Long> times = new TreeMap<>();
            own.forEach(one -> one.times().forEach((fault, count) -> times.merge(fault, count, Long::sum)));
            times.forEach((fault, count) -> all.merge(fault, count, Long::sum));
            rows.add(new Row(
                    student,
                    own.size(),
                    own.stream().mapToInt(one -> one.attempt().points()).sum(),
                    own.stream().mapToInt(one -> one.attempt().most()).sum(),
                    times));
        });
        List<Rule> rules = all.entrySet().stream()
                .map(one ->
                        new Rule(one.getKey(), Marking.nameOf(one.getKey()), one.getValue(), points.get(one.getKey())))
                .sorted(Comparator.comparing(Rule::times).reversed().thenComparing(Rule::name))
                .toList();
        return new ClassReport(rows, rules);
    }

    /** For a spreadsheet: a line for each try, a column for each fault. */
    static String csv(List<Finished> tries) {
        List<String> faults = new ArrayList<>(new TreeSet<>(
                tries.stream().flatMap(one -> one.times().keySet().stream()).toList()));
        Stream<String> head = Stream.concat(
                Stream.of("Student", "Exercise", "Try", "Finished", "Points", "Of"),
                faults.stream().map(Marking::nameOf));
        Stream<Stream<String>> lines = tries.stream().map(one -> {
            Map<String, Long> times = one.times();
            Attempt attempt = one.attempt();
            return Stream.concat(
                    Stream.of(
                            one.student().isEmpty() ? "anybody" : one.student(),
                            one.exercise(),
                            String.valueOf(attempt.number()),
                            attempt.finishedAt().toString(),
                            String.valueOf(attempt.points()),
                            String.valueOf(attempt.most())),
                    faults.stream().map(fault -> String.valueOf(times.getOrDefault(fault, 0L))));
        });
        return Stream.concat(Stream.of(head), lines)
                .map(cells -> cells.map(ClassReport::cell).collect(Collectors.joining(",")))
                .collect(Collectors.joining("\r\n", "", "\r\n"));
    }

    /** RFC 4180; what a spreadsheet would compute is text. */
    private static String cell(String text) {
        String safe = text.matches("[=+@\\t\\r-].*") ? "'" + text : text;
        return safe.matches("(?s).*[\",\\r\\n].*") ? '"' + safe.replace("\"", "\"\"") + '"' : safe;
    }
}
