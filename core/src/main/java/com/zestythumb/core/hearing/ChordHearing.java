package com.zestythumb.core.hearing;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.pitch.Spelling;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.stopping.StoppedException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Names the chords of written-out music, bar by bar, with their odds. Held and broken notes are gathered into one
 * harmony, notes that pass, neighbour, lean or are held over are left outside it; plain chords go before rich ones and
 * changes on strong beats before weak ones. See {@link HarmonySearch} for the method.
 */
public final class ChordHearing {

    private static final int MOST_OTHERS = 3;
    private static final double SHARP = 8;
    private static final double WORTH_A_THOUGHT = 0.06;
    /** Share of what sounds that a chord has to explain to be named at all. */
    private static final double HARDLY_A_CHORD = 0.62;

    /** B♭♭ and D♯ are as far out as roots are written. */
    private static final int FARTHEST_ROOT = 9;

    private static final double RELATIVE_KEY = 0.8;
    private static final double OTHER_KEY = 3.0;
    private static final String[] MAJOR = {"C", "Db", "D", "Eb", "E", "F", "F#", "G", "Ab", "A", "Bb", "B"};
    private static final String[] MINOR = {"C", "C#", "D", "Eb", "E", "F", "F#", "G", "G#", "A", "Bb", "B"};

    private final List<SoundingBar> bars;
    private final List<NoteWeights> weights = new ArrayList<>();
    private final HarmonyGrid grid;
    /** What is likely, place by place, and the one way that is cheapest as a whole. */
    private final HarmonySearch search;

    private final HarmonySearch best;

    private ChordHearing(List<SoundingBar> bars) {
        this.bars = bars;
        for (int bar = 0; bar < bars.size(); bar++) {
            weights.add(new NoteWeights(
                    bars.get(bar),
                    bar == 0 ? List.of() : ends(bars.get(bar - 1)),
                    bar + 1 == bars.size() ? List.of() : begins(bars.get(bar + 1))));
        }
        this.grid = new HarmonyGrid(bars, weights);
        List<Segment> segments = new ArrayList<>();
        for (int bar = 0; bar < bars.size(); bar++) {
            StoppedException.ifInterrupted();
            segments.addAll(segments(bar, weights.get(bar).factors));
        }
        grid.takePace(new HarmonySearch(grid, segments, firstKeys(), 1).begins);
        this.search = new HarmonySearch(grid, segments, firstKeys(), 1);
        this.best = new HarmonySearch(grid, segments, firstKeys(), SHARP);
    }

    /** The chords of each bar, filling it. O(bars). */
    public static List<List<HeardChord>> hear(List<SoundingBar> bars) {
        if (bars.isEmpty()) {
            return List.of();
        }
        ChordHearing hearing = new ChordHearing(List.copyOf(bars));
        return IntStream.range(0, bars.size()).mapToObj(hearing::bar).toList();
    }

    private List<Segment> segments(int index, double[] factors) {
        SoundingBar bar = bars.get(index);
        int first = grid.firstOf(index);
        int behind = grid.firstOf(index + 1);
        List<Segment> segments = new ArrayList<>();
        for (int from = first; from < behind; from++) {
            for (int to = from + 1; to <= behind; to++) {
                Fraction end = to < behind ? grid.starts.get(to) : bar.length();
                Segment segment = new Segment(from, to, bar, factors, grid.starts.get(from), end);
                // A rest within a bar belongs to the chord before it, unless all is silent.
                boolean whole = from == first && to == behind;
                if (!segment.silent || whole || from == first) {
                    segments.add(segment);
                }
            }
        }
        return segments;
    }

    private static List<Sounding> ends(SoundingBar bar) {
        return bar.notes().stream()
                .filter(note -> note.end().equals(bar.length()))
                .toList();
    }

    private static List<Sounding> begins(SoundingBar bar) {
        return bar.notes().stream()
                .filter(note -> note.onset().equals(Fraction.ZERO))
                .toList();
    }

    private double[] firstKeys() {
        double[] costs = new double[ChordLabel.KEYS];
        Key told = bars.get(0).key();
        if (told == null) {
            return costs;
        }
        Arrays.fill(costs, OTHER_KEY);
        boolean minor = told.mode().degree(3).semitones() == 3;
        costs[told.tonic().semitone() + (minor ? 12 : 0)] = 0;
        costs[Key.ofSignature(told.signature(), Mode.MAJOR).tonic().semitone()] = minor ? RELATIVE_KEY : 0;
        costs[12 + Key.ofSignature(told.signature(), Mode.MINOR).tonic().semitone()] = minor ? 0 : RELATIVE_KEY;
        return costs;
    }

    private List<HeardChord> bar(int index) {
        List<HeardChord> heard = new ArrayList<>();
        int behind = grid.firstOf(index + 1);
        for (int from = grid.firstOf(index); from < behind; ) {
            int label = likeliest(from);
            int to = from + 1;
            while (to < behind && likeliest(to) == label) {
                to++;
            }
            Fraction start = grid.starts.get(from);
            Fraction end = to < behind ? grid.starts.get(to) : bars.get(index).length();
            heard.add(heard(index, from, to, start, end));
            from = to;
        }
        return heard;
    }

    /** The label that a place has on the cheapest way. */
    private int likeliest(int place) {
        double[] labels = best.labels[place];
        int most = 0;
        for (int label = 1; label < labels.length; label++) {
            most = labels[label] > labels[most] ? label : most;
        }
        return most;
    }

    private HeardChord heard(int bar, int from, int to, Fraction start, Fraction end) {
        double[] odds = new double[ChordLabel.COUNT + 1];
        double[] keys = new double[ChordLabel.KEYS];
        for (int place = from; place < to; place++) {
            for (int label = 0; label < odds.length; label++) {
                odds[label] += search.labels[place][label] / (to - from);
            }
            for (int key = 0; key < keys.length; key++) {
                keys[key] += search.keys[place][key];
            }
        }
        Fraction duration = end.minus(start);
        if (likeliest(from) == HarmonySearch.SILENT) {
            return new HeardChord(start, duration, null, odds[HarmonySearch.SILENT], List.of());
        }
        Segment segment = new Segment(from, to, bars.get(bar), weights.get(bar).factors, start, end);
        Key key = bars.get(bar).key() != null ? bars.get(bar).key() : key(keys);
        int first = likeliest(from);
        List<HeardChord.Other> others = IntStream.range(0, ChordLabel.COUNT)
                .boxed()
                .filter(label -> odds[label] >= WORTH_A_THOUGHT && label != first)
                .sorted(Comparator.comparingDouble(label -> -odds[label]))
                .limit(MOST_OTHERS)
                .map(label -> new HeardChord.Other(chord(label, segment, key), odds[label]))
                .toList();
        return segment.explained(first) < HARDLY_A_CHORD
                ? new HeardChord(start, duration, null, 0, List.of())
                : new HeardChord(start, duration, chord(first, segment, key), odds[first], others);
    }

    private static Key key(double[] odds) {
        int best = 0;
        for (int key = 1; key < odds.length; key++) {
            best = odds[key] > odds[best] ? key : best;
        }
        return Key.parse(best < 12 ? MAJOR[best] : MINOR[best - 12] + "m");
    }

    /** The file's own spelling names the root; where it has none the key does. */
    private static Chord chord(int label, Segment segment, Key key) {
        Quality quality = ChordLabel.quality(label);
        Map<Integer, PitchClass> names = new HashMap<>(segment.names);
        PitchClass written = names.get(ChordLabel.root(label));
        boolean usual = written != null && Math.abs(written.fifths()) <= FARTHEST_ROOT;
        PitchClass root = usual ? written : Spelling.of(ChordLabel.root(label), key, quality.intervals());
        PitchClass bass = names.getOrDefault(segment.bass, Spelling.of(segment.bass, key, Quality.MAJOR.intervals()));
        return ChordLabel.spelled(label, root, segment.bass, bass);
    }
}
