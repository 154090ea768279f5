package com.zestythumb.core.analysis;

import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.pitch.PitchClass;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Names the keys that were found, says how sure they are, and which others might be heard as well. */
final class KeySpans {

    /** Prices this far apart make one key e times as likely as the other. */
    private static final double TEMPERATURE = 0.6;

    private static final double WORTH_SAYING = 0.15;
    private static final int MOST_OTHERS = 2;
    private static final int SOON = 3;

    private final KeyEvidence evidence;

    KeySpans(KeyEvidence evidence) {
        this.evidence = evidence;
    }

    /** The spans of a row of keys, one for each chord. */
    List<KeySpan> of(int[] path) {
        int count = path.length;
        enterLate(path);
        List<KeySpan> spans = new ArrayList<>();
        for (int from = 0; from < count; ) {
            int to = from;
            while (to < count && path[to] == path[from]) {
                to++;
            }
            int key = path[from];
            double[] costs = costs(from, to);
            int pivot = from > 0 && evidence.belongs(from - 1, key) ? from - 1 : -1;
            spans.add(new KeySpan(
                    named(key, from, to),
                    from,
                    to,
                    pivot,
                    confidence(costs, key, from, to),
                    others(costs, key, from, to)));
            from = to;
        }
        return spans;
    }

    /**
     * Where the first chord that the old key does not have comes within three, what goes before it and belongs to both is heard in the
     * old one, and the last of it is the pivot (common practice).
     */
    private void enterLate(int[] path) {
        for (int i = 1; i < path.length; i++) {
            int old = path[i - 1];
            boolean said = evidence.heard(i).fixed() != null
                    || evidence.heard(i).told() != null
                            && !evidence.heard(i)
                                    .told()
                                    .equals(evidence.heard(i - 1).told());
            if (path[i] == old || said || areRelative(path[i], old)) {
                continue;
            }
            int foreign = i;
            while (foreign < path.length && path[foreign] == path[i] && evidence.belongs(foreign, old)) {
                foreign++;
            }
            boolean soon = foreign < path.length && path[foreign] == path[i] && foreign <= i + SOON;
            if (soon) {
                int key = path[i];
                for (int both = i; both < foreign && evidence.belongs(both, key) && !isDiminished(both); both++) {
                    path[both] = old;
                }
                i = foreign;
            }
        }
    }

    /** A diminished chord is one and the same in many keys, and the first of a new one. */
    private boolean isDiminished(int i) {
        Interval fifth = evidence.heard(i).chord().quality().numbered(5);
        return fifth != null && fifth.semitones() < 7;
    }

    /** Relative keys share all their chords. */
    private static boolean areRelative(int one, int other) {
        int up = Math.floorMod(KeyState.tonic(one) - KeyState.tonic(other), 12);
        int modes = KeyState.mode(one) - KeyState.mode(other);
        return modes == -1 && up == 3 || modes == 1 && up == 9;
    }

    /** The key as the chart has it where it says so, else as its chords are spelled. */
    private Key named(int key, int from, int to) {
        Key told = evidence.heard(from).told();
        Mode mode = KeyState.MODES.get(KeyState.mode(key));
        if (told != null && KeyState.isNamed(key, told)) {
            boolean spelled = Math.abs(told.tonic().fifths() + mode.fifthsFromMajor()) <= 7;
            boolean plain = told.mode() == Mode.MAJOR || told.mode() == Mode.MINOR;
            return plain && spelled ? new Key(told.tonic(), mode) : told;
        }
        Set<PitchClass> roots = new LinkedHashSet<>();
        double fifths = 0;
        for (int i = from; i < to; i++) {
            roots.add(evidence.heard(i).chord().root());
            fifths += evidence.heard(i).chord().root().fifths();
        }
        int signature = told != null ? told.signature() : (int) Math.round(fifths / (to - from));
        return KeyState.key(key, told != null ? Set.of() : roots, signature);
    }

    /** What a stretch would cost in each key; those not worth a thought cost without end. */
    private double[] costs(int from, int to) {
        double[] costs = new double[KeyState.COUNT];
        Arrays.fill(costs, Double.POSITIVE_INFINITY);
        for (int key : evidence.keys) {
            costs[key] = evidence.entering(from, key) - (from == 0 ? evidence.arrivals[0][key] : 0);
            for (int i = from; i < to; i++) {
                costs[key] += evidence.prices[i][key] - (i > from ? evidence.arrivals[i][key] : 0);
            }
        }
        return costs;
    }

    /** How much cheaper the key is than the next best, and how plainly its chords and the tune are its own. */
    private double confidence(double[] costs, int key, int from, int to) {
        int count = to - from;
        double fit = 0;
        for (int i = from; i < to; i++) {
            fit += evidence.fit(i, key);
        }
        double next = Double.POSITIVE_INFINITY;
        for (int other = 0; other < KeyState.COUNT; other++) {
            next = other == key ? next : Math.min(next, costs[other]);
        }
        double margin = Math.min(1, Math.max(0, (next - costs[key]) / Math.min(count, 4)));
        double plain = Math.min(1, Math.max(0, (3.3 - fit / count) / 1.3));
        return plain * (0.5 + 0.5 * margin) * evidence.tuneful(key, from, to);
    }

    private List<KeySpan.Other> others(double[] costs, int key, int from, int to) {
        if (evidence.heard(from).told() != null) {
            return List.of();
        }
        double least = Arrays.stream(costs).min().orElse(0);
        double all = Arrays.stream(costs).map(cost -> likelihood(cost - least)).sum();
        List<KeySpan.Other> others = new ArrayList<>();
        for (int other = 0; other < KeyState.COUNT; other++) {
            double odds = likelihood(costs[other] - least) / all;
            if (other != key && odds >= WORTH_SAYING) {
                others.add(new KeySpan.Other(named(other, from, to), odds));
            }
        }
        others.sort(Comparator.comparingDouble(other -> -other.odds()));
        return others.subList(0, Math.min(MOST_OTHERS, others.size()));
    }

    private static double likelihood(double price) {
        return Math.exp(-price / TEMPERATURE);
    }
}
