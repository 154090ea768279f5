package com.zestythumb.bench;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Chart;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.Transitions;
import com.zestythumb.core.solving.Candidates;
import com.zestythumb.core.solving.VoicingSolver;
import com.zestythumb.core.solving.VoicingTask;
import com.zestythumb.core.voicing.CostTerm;
import com.zestythumb.core.voicing.Hand;
import com.zestythumb.core.voicing.Inversions;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.Voicing;
import com.zestythumb.core.voicing.VoicingStyle;
import com.zestythumb.core.voicing.VoicingStyles;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
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
 * The smoothest path through a progression over the whole keyboard, at least 40 candidates a chord:
 * how long for 64 chords, and how it grows to 10,000. Once a song's few chords come round again and
 * again; once chord follows chord at random out of all there are, and little comes twice.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class SolverBenchmark {

    private static final Hand WHOLE_KEYBOARD = new Hand(12, Pitch.parse("A0"), Pitch.parse("C8"));
    private static final String[] ROUND = "Dm9 G9 Cmaj9 Am9 Fmaj9 Bb9 Ebmaj9 G7b9".split(" ");
    private static final String[] ROOTS = "C Db D Eb E F F# G Ab A Bb B".split(" ");
    private static final List<Quality> RICH = Quality.common().stream()
            .filter(quality -> quality.intervals().size() > 3
                    && quality.numbered(5) != null
                    && quality.numbered(5).semitones() == 7)
            .toList();

    @Param({"64", "640", "10000"})
    int chords;

    @Param({"song", "random", "repeats", "rich"})
    String kind;

    private static final int RICHEST = 200;
    /** So many of all styles, the same however many styles there come to be. */
    private static final int MOST = 256;

    private List<Chord> progression;
    private VoicingTask task;

    @Setup
    public void writeAProgression() {
        Random random = new Random(1);
        progression = IntStream.range(0, chords)
                .mapToObj(i -> kind.equals("random") ? any(random) : Chord.parse(ROUND[i % ROUND.length]))
                .toList();
        Transitions transitions = Transitions.inOrder(chords);
        if (kind.equals("repeats")) {
            // Eight chords to a bar, each two bars played twice, as far as a chart goes.
            String bar = String.join(" ", ROUND);
            LeadSheet sheet = Chart.parse(("|: " + bar + " | " + bar + " :|\n").repeat(Math.min(500, chords / 16)));
            progression = sheet.events().stream().map(ChordEvent::chord).toList();
            transitions = Transitions.of(sheet);
        }
        StyleChoice style = kind.equals("rich")
                ? new StyleChoice(new Everything(), Map.of())
                : StyleChoice.close(Inversions.NEAREST);
        task = VoicingTask.of(progression, style, WHOLE_KEYBOARD).with(transitions);
        int fewest = Candidates.of(task).stream().mapToInt(List::size).min().orElseThrow();
        if (fewest < (kind.equals("rich") ? RICHEST : 40)) {
            throw new IllegalStateException("only " + fewest + " candidates");
        }
    }

    private static Chord any(Random random) {
        PitchClass root = PitchClass.parse(ROOTS[random.nextInt(ROOTS.length)]);
        return Chord.of(root, RICH.get(random.nextInt(RICH.size())));
    }

    @Benchmark
    public List<VoicingSolver.Solved> solve() {
        return VoicingSolver.solve(task);
    }

    /** All styles at once: no lesson's way to lay a chord, but 256 ways. */
    private static final class Everything implements VoicingStyle {

        private final Map<Chord, List<Voicing>> known = new HashMap<>();

        @Override
        public Label label() {
            return new Label("everything", "Everything", "every voicing of every style", 5);
        }

        @Override
        public List<CostTerm> terms() {
            return VoicingStyles.CLOSE.terms();
        }

        @Override
        public List<Voicing> candidates(Chord chord, Wishes wishes) {
            // No style that is measured: what takes the time is the path.
            return known.computeIfAbsent(chord, one -> all(one, wishes));
        }

        private static List<Voicing> all(Chord chord, Wishes wishes) {
            return VoicingStyles.all().stream()
                    .flatMap(style ->
                            style.candidates(chord, new Wishes(wishes.hand(), wishes.mostNotes(), Map.of())).stream())
                    .distinct()
                    .limit(MOST)
                    .toList();
        }
    }
}
