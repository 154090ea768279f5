package com.zestythumb.bench;

import com.zestythumb.core.arrangement.AnalysedSheet;
import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.checking.Findings;
import com.zestythumb.core.checking.Fixes;
import com.zestythumb.core.exercise.Answers;
import com.zestythumb.core.exercise.Criterion;
import com.zestythumb.core.exercise.ExerciseKind;
import com.zestythumb.core.exercise.Task;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.voiceleading.School;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * What is said of a student's page by the strict rules: four parts, a chord a bar, with two parallels in every sixteen bars; and of an
 * answer in four parts.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 5, time = 2)
public class CheckingBenchmark {

    private static final String CHORDS = "| C | F | G | C | Am | Dm | G | C |\n";
    private static final String UPPER = "m: [c E]8 | [c F]8 | [B D]8 | [c E]8 | [c E]8 | [d F]8 | [B D]8 | [c E]8 |\n";
    private static final String TUNE = "m: c8 | c8 | B8 | c8 | c8 | d8 | B8 | c8 |\n";
    private static final String LOWER =
            "l: [C, G,]8 | [F,, A,]8 | [G,, G,]8 | [C, G,]8 | [A,, A,]8 | [D, A,]8 | [G,, G,]8 | [C, G,]8 |\n";
    /** The sixth bar's alto goes with the bass. */
    private static final String PARALLEL = UPPER.replace("[d F]", "[f A]");

    private Arrangement bars64;
    private Arrangement bars304;
    private Arrangement laid64;
    private Task exercise;
    private Answers answers;

    @Setup
    public void writeThem() {
        bars64 = page(64);
        bars304 = page(304);
        laid64 = arranged("key: C major\n" + (CHORDS + TUNE).repeat(8));
        Set<Integer> bars = IntStream.range(0, 8).boxed().collect(Collectors.toSet());
        exercise = Task.of(
                arranged("key: C major\n" + CHORDS + TUNE),
                bars,
                ExerciseKind.FOUR_PARTS,
                null,
                Set.of(Criterion.values()));
        answers = exercise.solution();
    }

    private static Arrangement page(int bars) {
        StringBuilder chart = new StringBuilder("key: C major\n");
        for (int line = 0; line < bars / 8; line++) {
            chart.append(CHORDS).append(line % 2 == 0 ? UPPER : PARALLEL).append(LOWER);
        }
        return arranged(chart.toString());
    }

    private static Arrangement arranged(String chart) {
        return AnalysedSheet.of(Chart.parse(chart)).arranged(Choices.USUAL.with(School.STRICT));
    }

    @Benchmark
    public int arrange64Bars() {
        return bars64.with(bars64.choices()).chords().size();
    }

    @Benchmark
    public int check64Bars() {
        return Findings.in(bars64).size();
    }

    @Benchmark
    public int check64BarsOfHands() {
        return Findings.in(laid64).size();
    }

    @Benchmark
    public int fixesOfOneChord() {
        return Fixes.of(bars64, 13).size();
    }

    @Benchmark
    public int fixAllOf304Bars() {
        return Fixes.all(bars304, Map.of()).steps().size();
    }

    @Benchmark
    public int markOfAnAnswer() {
        return exercise.marked(answers).points();
    }
}
