package com.zestythumb.bench;

import com.zestythumb.core.analysis.Analysis;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The analysis of a tune with melody and two chords in every other bar, and how it grows. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(value = 1, jvmArgs = "-XX:+UseParallelGC")
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 5, time = 2)
public class AnalysisBenchmark {

    private static final String EIGHT_BARS =
            "[Part]\n| C | Am F | G7 | C E7 |\nm: c2d2 e4 | a2ag f4 | d2 ed B4 | c4 B4 |\n"
                    + "| Am | D7 G | Dm7 G7 | C |\nm: c2BA e4 | d2 ^f2 g4 | fedc B2 d2 | c8 |\n";

    @Param({"64", "320", "960"})
    int bars;

    private LeadSheet sheet;

    @Setup
    public void writeATune() {
        sheet = Chart.parse(EIGHT_BARS.repeat(bars / 8));
    }

    @Benchmark
    public Analysis analyse() {
        return Analysis.of(sheet);
    }
}
