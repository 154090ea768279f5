package com.zestythumb.bench;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Choices;
import com.zestythumb.core.pattern.AccompanimentPatterns;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.List;
import java.util.Map;
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

/** A left hand of 32 bars, from the sheet to the fingers: a song, one with a repeat and a waltz, in a style and its pattern. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 3)
@Measurement(iterations = 5, time = 2)
public class ArrangementBenchmark {

    private static final String LINES = "| C | Am7 | F | G7 |\n| C/E | F | Dm7 G7 | C |\n";
    private static final String MIDDLE = "| Em | A7 | Dm | G7 |\n| Em | A7 | Dm7 | G7 |\n";
    private static final String WALTZ = "key: G\nmeter: 3/4\n"
            + "| G | C | D7 | G | Em | Am | D7 | D7 |\n| G | Bm | Em | C | Am | D7 | G | E7 |\n"
            + "| Am | F#m7b5 | B7 | Em | A7 | D | A7 | D7 |\n| G | C | Bm | Em | Am | D7 | G | G |\n";

    @Param({
        "close/BLOCK",
        "close/ALBERTI",
        "bass-then-chord/BASS_AND_CHORDS",
        "held-thumb/BLOCK",
        "shells/BLOCK",
        "rootless/BLOCK"
    })
    String style;

    private List<LeadSheet> sheets;
    private Choices choices;

    @Setup
    public void chooseThem() {
        String repeated = "|: " + LINES.substring(2).stripTrailing().replaceAll("\\|$", ":|") + "\n";
        sheets = List.of(
                Chart.parse(LINES + LINES + MIDDLE + LINES),
                Chart.parse(repeated + MIDDLE + LINES),
                Chart.parse(WALTZ));
        String[] parts = style.split("/");
        choices = Choices.of(
                new StyleChoice(VoicingStyles.named(parts[0]), Map.of()),
                AccompanimentPatterns.named(parts[1]),
                Hand.OCTAVE,
                School.POPULAR);
    }

    @Benchmark
    public int arrange() {
        int notes = 0;
        for (LeadSheet sheet : sheets) {
            notes += Arrangement.of(sheet, choices).notes().size();
        }
        return notes;
    }
}
