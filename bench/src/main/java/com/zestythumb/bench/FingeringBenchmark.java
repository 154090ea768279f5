package com.zestythumb.bench;

import com.zestythumb.core.fingering.LineFingering;
import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
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

/** Fingers for a line of single notes, exact: how long for a hundred notes, and how it grows. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 3, time = 1)
public class FingeringBenchmark {

    @Param({"100", "1000", "10000"})
    int notes;

    private final List<Pitch> line = new ArrayList<>();

    @Setup
    public void writeALine() {
        Random random = new Random(3);
        String[] names = "C D E F G A Bb B F#".split(" ");
        int at = 48;
        for (int i = 0; i < notes; i++) {
            at = Math.max(36, Math.min(60, at + random.nextInt(11) - 5));
            line.add(Pitch.atOrAbove(PitchClass.parse(names[random.nextInt(names.length)]), at));
        }
    }

    @Benchmark
    public List<Integer> finger() {
        return LineFingering.of(Side.LEFT, line);
    }
}
