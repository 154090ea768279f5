package com.zestythumb.bench;

import com.zestythumb.formats.Imported;
import com.zestythumb.formats.importing.Importer;
import java.nio.charset.StandardCharsets;
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

/**
 * Reading files, in a heap of 256 MB: a written-out piano piece of 300 bars in sixteenths, whose chords are
 * named from its notes, and the largest files that are taken.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(value = 1, jvmArgs = "-Xmx256m")
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 3)
public class ImportBenchmark {

    @Param({"piano 300 bars", "MusicXML 15 MB", "ABC 20,000 bars", "text 4 MB"})
    String kind;

    private byte[] file;

    @Setup
    public void write() {
        file = switch (kind) {
            case "piano 300 bars" -> piano(300);
            case "MusicXML 15 MB" -> piano(3_600);
            case "ABC 15 MB" ->
                ("X:1\nL:1/16\nK:C\n" + "\"C\"CEGc egc'e' gec'g ecGE|".repeat(500_000))
                        .getBytes(StandardCharsets.UTF_8);
            default -> "Am      F\nla la   la la\n".repeat(170_000).getBytes(StandardCharsets.UTF_8);
        };
        if (file.length > Importer.MAX_BYTES) {
            throw new IllegalStateException("too large: " + file.length);
        }
    }

    private static byte[] piano(int bars) {
        String[][] chords = {{"C", "E", "G"}, {"F", "A", "C"}, {"G", "B", "D"}, {"A", "C", "E"}};
        StringBuilder score = new StringBuilder("<score-partwise><part-list/><part id='P1'>");
        for (int bar = 0; bar < bars; bar++) {
            String[] chord = chords[bar % chords.length];
            score.append("<measure number='").append(bar + 1).append("'>");
            if (bar == 0) {
                score.append("<attributes><divisions>4</divisions><staves>2</staves></attributes>");
            }
            for (int i = 0; i < 16; i++) {
                note(score, chord[i % 3], 5, 1);
            }
            score.append("<backup><duration>16</duration></backup>");
            for (int i = 0; i < 16; i++) {
                note(score, chord[i * 2 % 3], 3, 2);
            }
            score.append("</measure>");
        }
        return score.append("</part></score-partwise>").toString().getBytes(StandardCharsets.UTF_8);
    }

    private static void note(StringBuilder score, String step, int octave, int staff) {
        score.append("<note><pitch><step>")
                .append(step)
                .append("</step><octave>")
                .append(octave)
                .append("</octave></pitch><duration>1</duration><voice>")
                .append(staff)
                .append("</voice><type>16th</type><staff>")
                .append(staff)
                .append("</staff></note>");
    }

    @Benchmark
    public List<Imported> read() {
        return Importer.read("", file);
    }
}
