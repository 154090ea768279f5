package com.zestythumb.core.hearing;

import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Fraction;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A stretch of a bar under one chord: what sounds in it, and what it costs to hear it as each chord. */
final class Segment {

    private static final int KEPT = 10;
    private static final int DIP = 7;
    private static final int BLOCK = 3;
    private static final int FIGURE = 4;
    private static final double CLEARLY_THERE = 0.12;
    private static final double MEMBER_IN_BASS = 0.5;
    private static final double FOREIGN_BASS = 1.1;
    private static final double SPELLED_OTHERWISE = 1.0;

    /** First place and the one behind the last. */
    final int from;

    final int to;
    final boolean silent;
    /** The labels worth a thought, and what each costs. */
    final int[] labels;

    final double[] costs;
    /** The lowest note that tells the bass, 0 (C) to 11 (B); −1 in silence. */
    final int bass;

    /** How each key is spelled, where somebody tells. */
    final Map<Integer, PitchClass> names = new HashMap<>();

    /** What each key costs outside the chord, 0 (C) to 11 (B). */
    private final double[] foreign = new double[12];

    private final Map<PitchClass, Double> written = new HashMap<>();

    Segment(int from, int to, SoundingBar bar, double[] factors, Fraction start, Fraction end) {
        this.from = from;
        this.to = to;
        double[] present = new double[12];
        int lowest = Integer.MAX_VALUE;
        int opening = Integer.MAX_VALUE;
        for (int i = 0; i < factors.length; i++) {
            Sounding note = bar.notes().get(i);
            Fraction on = note.onset().max(start);
            double length = note.end().min(end).minus(on).toDouble();
            if (length > 0) {
                int key = note.midi() % 12;
                foreign[key] += factors[i] * NoteWeights.length(length);
                present[key] += length;
                lowest = Math.min(lowest, note.midi());
                opening = on.equals(start) ? Math.min(opening, note.midi()) : opening;
                spell(note, length);
            }
        }
        this.silent = lowest == Integer.MAX_VALUE;
        // A pattern is named by the note it starts from, though it may dip below it later.
        this.bass = silent ? -1 : (opening < Integer.MAX_VALUE && opening - lowest <= DIP ? opening : lowest) % 12;
        if (silent) {
            this.labels = new int[0];
            this.costs = new double[0];
            return;
        }
        double[] all = costs(blocks(bar, start, end, present));
        this.labels = cheapest(all);
        this.costs = Arrays.stream(labels).mapToDouble(label -> all[label]).toArray();
    }

    /** Share of what sounds that belongs to a chord, 0 to 1. */
    double explained(int label) {
        double own = Arrays.stream(ChordLabel.tones(label))
                .mapToDouble(tone -> foreign[tone])
                .sum();
        return own / Arrays.stream(foreign).sum();
    }

    private static int[] cheapest(double[] all) {
        int[] kept = new int[KEPT];
        int count = 0;
        for (int label = 0; label < all.length; label++) {
            if (count < KEPT || all[label] < all[kept[KEPT - 1]]) {
                int at = count < KEPT ? count++ : KEPT - 1;
                for (; at > 0 && all[kept[at - 1]] > all[label]; at--) {
                    kept[at] = kept[at - 1];
                }
                kept[at] = label;
            }
        }
        return kept;
    }

    /** The spelling that sounds longest names each key. */
    private void spell(Sounding note, double length) {
        if (note.name() != null) {
            double sum = written.merge(note.name(), length, Double::sum);
            PitchClass known = names.get(note.midi() % 12);
            if (known == null || sum > written.get(known)) {
                names.put(note.midi() % 12, note.name());
            }
        }
    }

    /**
     * What sounds, by which tones are missed: each chord that is struck as one has to be there by itself; of broken
     * ones all notes count together.
     */
    private static List<double[]> blocks(SoundingBar bar, Fraction start, Fraction end, double[] present) {
        List<double[]> blocks = new ArrayList<>();
        bar.notes().stream()
                .map(Sounding::onset)
                .filter(onset -> !onset.isBefore(start) && onset.isBefore(end))
                .distinct()
                .forEach(onset -> {
                    long struck = bar.notes().stream()
                            .filter(note -> note.onset().equals(onset))
                            .count();
                    if (struck >= BLOCK) {
                        double[] block = new double[12];
                        bar.notes().stream()
                                .filter(note -> !note.onset().isAfter(onset)
                                        && note.end().isAfter(onset))
                                .forEach(note -> block[note.midi() % 12] += 1);
                        blocks.add(block);
                    }
                });
        return blocks.size() < 2 ? patterns(bar, start, end, present) : blocks;
    }

    /** Of a pattern that runs in halves of the bar each half has to hold the chord by itself. */
    private static List<double[]> patterns(SoundingBar bar, Fraction start, Fraction end, double[] present) {
        Fraction half = bar.meter().figureGroup();
        List<double[]> halves = new ArrayList<>();
        for (Fraction from = start; !from.plus(half).isAfter(end); from = from.plus(half)) {
            Fraction on = from;
            Fraction off = from.plus(half);
            double[] there = new double[12];
            long struck = bar.notes().stream()
                    .filter(note -> !note.onset().isBefore(on) && note.onset().isBefore(off))
                    .map(Sounding::onset)
                    .distinct()
                    .count();
            bar.notes().stream()
                    .filter(note -> note.onset().isBefore(off) && note.end().isAfter(on))
                    .forEach(note -> there[note.midi() % 12] += 1);
            if (struck < FIGURE) {
                return List.of(present);
            }
            halves.add(there);
        }
        return halves.size() < 2 ? List.of(present) : halves;
    }

    private double[] costs(List<double[]> blocks) {
        double allForeign = Arrays.stream(foreign).sum();
        double[][] there = new double[blocks.size()][12];
        for (int block = 0; block < there.length; block++) {
            double all = Arrays.stream(blocks.get(block)).sum();
            for (int key = 0; key < 12; key++) {
                there[block][key] = Math.sqrt(Math.min(1, blocks.get(block)[key] / (all * CLEARLY_THERE)));
            }
        }
        double[] costs = new double[ChordLabel.COUNT];
        for (int label = 0; label < ChordLabel.COUNT; label++) {
            int[] tones = ChordLabel.tones(label);
            double[] lacking = ChordLabel.lacking(label);
            double cost = allForeign + ChordLabel.rarity(label);
            boolean member = false;
            for (int i = 0; i < tones.length; i++) {
                cost -= foreign[tones[i]];
                for (double[] block : there) {
                    cost += lacking[i] * (1 - block[tones[i]]) / there.length;
                }
                member |= tones[i] == bass;
            }
            // An inverted sixth chord is the seventh chord on its sixth.
            double inverted = ChordLabel.quality(label).numbered(6) == null ? MEMBER_IN_BASS : FOREIGN_BASS;
            cost += tones[0] == bass ? 0 : member ? inverted : FOREIGN_BASS;
            costs[label] = cost + misspelled(label);
        }
        return costs;
    }

    /** F♯–A♯–C♯ is no G♭ chord, and a diminished seventh has the root from which its thirds are written. */
    private double misspelled(int label) {
        if (names.isEmpty()) {
            return 0;
        }
        PitchClass root = names.get(ChordLabel.root(label));
        if (root == null) {
            return 0;
        }
        int wrong = 0;
        int[] tones = ChordLabel.tones(label);
        int[] fifths = ChordLabel.fifths(label);
        for (int i = 0; i < tones.length; i++) {
            PitchClass there = names.get(tones[i]);
            wrong += there != null && there.fifths() != root.fifths() + fifths[i] ? 1 : 0;
        }
        return SPELLED_OTHERWISE * wrong;
    }
}
