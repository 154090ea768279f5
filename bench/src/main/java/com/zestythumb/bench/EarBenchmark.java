package com.zestythumb.bench;

import com.zestythumb.core.analysis.Analysis;
import com.zestythumb.core.harmonising.Harmoniser;
import com.zestythumb.core.harmonising.Proposal;
import com.zestythumb.core.hearing.ChordHearing;
import com.zestythumb.core.hearing.HeardChord;
import com.zestythumb.core.hearing.Sounding;
import com.zestythumb.core.hearing.SoundingBar;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Meter;
import java.util.ArrayList;
import java.util.List;
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

/** What the ear takes: a song without its key, a piano score without symbols, a tune without chords. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(value = 1, jvmArgs = "-XX:+UseParallelGC")
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 5, time = 2)
public class EarBenchmark {

    private static final String SONG = "| C | Am F | G7 | C E7 |\n| Am | D7 G | Dm7 G7 | C |\n";
    private static final String TUNE =
            "m: c2 e2 g2 e2 | f2 a2 g4 | e2 d2 c2 d2 | G8 |\nm: c2 e2 g2 e2 | a2 g2 f2 e2 | d2 e2 d2 B2 | c8 |\n";
    private static final int[][] CHORDS = {{60, 64, 67}, {65, 69, 72}, {67, 71, 74}, {57, 60, 64}};

    /** How many times as long as what is wanted: 64 bars of chords, a score of 300 bars, a tune of 32. */
    @Param({"1", "4"})
    int times;

    private LeadSheet song;
    private LeadSheet tune;
    private List<SoundingBar> score;

    @Setup
    public void write() {
        song = Chart.parse(SONG.repeat(8 * times));
        tune = Chart.parse(TUNE.repeat(4 * times));
        score = new ArrayList<>();
        for (int bar = 0; bar < Math.min(1000, 300 * times); bar++) {
            int[] chord = CHORDS[bar % CHORDS.length];
            List<Sounding> notes = new ArrayList<>();
            for (int i = 0; i < 16; i++) {
                notes.add(new Sounding(chord[i % 3] - 12, Fraction.of(i, 4), Fraction.of(1, 4)));
            }
            for (int i = 0; i < 4; i++) {
                notes.add(new Sounding(chord[i % 3] + 12 + i % 2, Fraction.of(i), Fraction.of(1)));
            }
            score.add(new SoundingBar(notes, Fraction.of(4), Meter.FOUR_FOUR, null));
        }
    }

    @Benchmark
    public Analysis songWithoutKey() {
        return Analysis.of(song);
    }

    @Benchmark
    public List<List<HeardChord>> scoreWithoutSymbols() {
        return ChordHearing.hear(score);
    }

    @Benchmark
    public List<Proposal> tuneInThreeWays() {
        return Harmoniser.propose(tune);
    }
}
