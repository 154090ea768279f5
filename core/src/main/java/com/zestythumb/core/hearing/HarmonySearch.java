package com.zestythumb.core.hearing;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.stopping.StoppedException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * The search over where chords change, which they are and in which key, all together: a segmental model (S. Sarawagi
 * and W. Cohen, Semi-Markov Conditional Random Fields, NIPS 2004). A way through the music costs what each
 * {@link Segment} costs as its chord, how strange the chord is in the key, what a change costs at its place, and what
 * a change of key costs; a dominant that goes where it leads earns something. A forward and a backward pass weigh all
 * ways, so that each chord has its odds at each place. Exact but for chords that are no match for the notes;
 * O(places × places in a bar).
 */
final class HarmonySearch {

    /** The place of silence among the labels. */
    static final int SILENT = ChordLabel.COUNT;

    private static final int KEYS = ChordLabel.KEYS;
    /** What it earns to arrive where the chord before leads, by {@link ChordLabel#WAYS_TO_ARRIVE}. */
    private static final double[] ARRIVES = {0.8, 0.8, 1.3, 0.25};

    private static final double KEY_CHANGES = 5.0;
    private static final double KEY_FARTHER = 0.4;
    /** The logarithm of odds that no sum would show. */
    private static final double NEGLIGIBLE = -30;

    private final HarmonyGrid grid;
    private final List<List<Segment>> beginning;
    private final List<List<Segment>> ending;
    private final double[] firstKeys;
    private final double sharpness;
    private final double[] arrives;
    private final double[][] keyToKey;
    private final Map<Segment, double[]> forward = new IdentityHashMap<>();
    private final Map<Segment, double[]> backward = new IdentityHashMap<>();

    /** How likely each label is at each place, silence last; and each key. */
    final double[][] labels;

    final double[][] keys;

    /** How likely a segment begins at each place. */
    final double[] begins;

    /**
     * Searches.
     *
     * @param firstKeys what it costs to begin in each key
     * @param sharpness by what all prices are multiplied: 1 for odds, more to tell the cheapest way from all others
     */
    HarmonySearch(HarmonyGrid grid, List<Segment> segments, double[] firstKeys, double sharpness) {
        this.sharpness = sharpness;
        this.arrives = Arrays.stream(ARRIVES)
                .map(price -> Math.exp(price * sharpness) - 1)
                .toArray();
        this.keyToKey = keyToKey(sharpness);
        this.grid = grid;
        this.firstKeys = firstKeys;
        this.beginning = new ArrayList<>();
        this.ending = new ArrayList<>();
        for (int i = 0; i <= grid.size(); i++) {
            beginning.add(new ArrayList<>());
            ending.add(new ArrayList<>());
        }
        for (Segment segment : segments) {
            beginning.get(segment.from).add(segment);
            ending.get(segment.to).add(segment);
        }
        this.labels = new double[grid.size()][ChordLabel.COUNT + 1];
        this.keys = new double[grid.size()][KEYS];
        this.begins = new double[grid.size()];
        goForward();
        goBackward();
        weigh();
    }

    private static double[][] keyToKey(double sharpness) {
        double[][] chances = new double[KEYS][KEYS];
        for (int from = 0; from < KEYS; from++) {
            for (int to = 0; to < KEYS; to++) {
                int away = Math.floorMod(7 * (relativeMajor(to) - relativeMajor(from)), 12);
                double cost = from == to ? 0 : KEY_CHANGES + KEY_FARTHER * Math.min(away, 12 - away);
                chances[from][to] = Math.exp(-cost * sharpness);
            }
        }
        return chances;
    }

    private static int relativeMajor(int key) {
        return key < 12 ? key : (key + 3) % 12;
    }

    private static int choices(Segment segment) {
        return segment.silent ? 1 : segment.labels.length;
    }

    private static int label(Segment segment, int choice) {
        return segment.silent ? SILENT : segment.labels[choice];
    }

    private double cost(Segment segment, int choice, int key) {
        return segment.silent
                ? 0
                : sharpness * (segment.costs[choice] + ChordLabel.STRANGENESS[segment.labels[choice]][key]);
    }

    private static final int[] NOWHERE = {};

    private static int[] arrivals(int label) {
        return label == SILENT ? NOWHERE : ChordLabel.arrives(label);
    }

    private static int[] goals(int label) {
        return label == SILENT ? NOWHERE : ChordLabel.leadsTo(label);
    }

    private static boolean leads(int label, int key) {
        return label != SILENT && ChordLabel.leads(label, key);
    }

    private void goForward() {
        for (int place = 0; place < grid.size(); place++) {
            StoppedException.ifInterrupted();
            Meeting meeting = place == 0 ? null : new Meeting(place);
            if (meeting != null) {
                meeting.gather(ending.get(place), forward, true);
            }
            for (Segment segment : beginning.get(place)) {
                double[] values = new double[choices(segment) * KEYS];
                for (int choice = 0; choice < choices(segment); choice++) {
                    int label = label(segment, choice);
                    double[] into = meeting == null ? null : meeting.ways(label, arrivals(label), true);
                    for (int key = 0; key < KEYS; key++) {
                        double before = into == null ? -sharpness * firstKeys[key] : into[key];
                        values[choice * KEYS + key] = before - cost(segment, choice, key);
                    }
                }
                forward.put(segment, values);
            }
        }
    }

    private void goBackward() {
        for (int place = grid.size(); place > 0; place--) {
            StoppedException.ifInterrupted();
            Meeting meeting = place == grid.size() ? null : new Meeting(place);
            if (meeting != null) {
                meeting.gather(beginning.get(place), backward, false);
            }
            for (Segment segment : ending.get(place)) {
                double[] values = new double[choices(segment) * KEYS];
                for (int choice = 0; choice < choices(segment) && meeting != null; choice++) {
                    int label = label(segment, choice);
                    System.arraycopy(meeting.ways(label, goals(label), false), 0, values, choice * KEYS, KEYS);
                }
                backward.put(segment, values);
            }
        }
    }

    private void weigh() {
        double all = Double.NEGATIVE_INFINITY;
        for (Segment segment : ending.get(grid.size())) {
            all = Math.max(all, Arrays.stream(forward.get(segment)).max().orElse(all));
        }
        double sum = 0;
        for (Segment segment : ending.get(grid.size())) {
            for (double value : forward.get(segment)) {
                sum += Math.exp(value - all);
            }
        }
        all += Math.log(sum);
        for (List<Segment> segments : beginning) {
            for (Segment segment : segments) {
                double[] there = forward.get(segment);
                double[] behind = backward.get(segment);
                for (int at = 0; at < there.length; at++) {
                    double ways = there[at] + behind[at] - all;
                    if (ways > NEGLIGIBLE) {
                        add(segment, at, Math.exp(ways));
                    }
                }
            }
        }
    }

    private void add(Segment segment, int at, double odds) {
        begins[segment.from] += odds;
        for (int place = segment.from; place < segment.to; place++) {
            labels[place][label(segment, at / KEYS)] += odds;
            keys[place][at % KEYS] += odds;
        }
    }

    /** All ways that meet at a place, from one side, gathered so that each way on is computed at once. */
    private final class Meeting {

        private final double change;
        private final boolean atBarLine;
        private double most = Double.NEGATIVE_INFINITY;
        private final double[] any = new double[KEYS];
        private final double[][] leading = new double[ChordLabel.WAYS_TO_ARRIVE * ChordLabel.ROOTS][KEYS];
        private final Map<Integer, double[]> same = new HashMap<>();
        private final Map<Integer, double[]> known = new HashMap<>();
        private double[] anyOn;
        private final double[][] leadingOn = new double[leading.length][];

        Meeting(int place) {
            change = Math.exp(-sharpness * grid.change(place));
            atBarLine = grid.starts.get(place).equals(Fraction.ZERO);
        }

        /** Forward, segments that end here are known by where they lead; backward, those that begin by their root. */
        void gather(List<Segment> segments, Map<Segment, double[]> pass, boolean ends) {
            List<double[]> all = segments.stream()
                    .map(segment -> values(segment, pass, ends))
                    .toList();
            most = all.stream().flatMapToDouble(Arrays::stream).max().orElse(most);
            for (int i = 0; i < segments.size(); i++) {
                Segment segment = segments.get(i);
                double[] values = all.get(i);
                for (int choice = 0; choice < choices(segment); choice++) {
                    int label = label(segment, choice);
                    int[] meets = ends ? goals(label) : arrivals(label);
                    double[] its = same.computeIfAbsent(label, l -> new double[KEYS]);
                    for (int key = 0; key < KEYS; key++) {
                        double distance = values[choice * KEYS + key] - most;
                        double value = distance > NEGLIGIBLE ? Math.exp(distance) : 0;
                        any[key] += value;
                        its[key] += value;
                        if (!ends || leads(label, key)) {
                            for (int place : meets) {
                                leading[place][key] += value;
                            }
                        }
                    }
                }
            }
            anyOn = changingKey(any);
        }

        private double[] values(Segment segment, Map<Segment, double[]> pass, boolean ends) {
            if (ends) {
                return pass.get(segment);
            }
            double[] values = pass.get(segment).clone();
            for (int at = 0; at < values.length; at++) {
                values[at] -= cost(segment, at / KEYS, at % KEYS);
            }
            return values;
        }

        /** For each key the logarithm of all ways between the segments gathered and a label in that key. */
        double[] ways(int label, int[] meets, boolean into) {
            // Segments of many lengths bear the same labels, so each is computed once.
            return known.computeIfAbsent(label, l -> compute(l, meets, into));
        }

        private double[] compute(int label, int[] meets, boolean into) {
            double[] its = atBarLine && same.containsKey(label) ? changingKey(same.get(label)) : new double[KEYS];
            double[] ways = new double[KEYS];
            for (int key = 0; key < KEYS; key++) {
                double sum = change * anyOn[key] + (1 - change) * its[key];
                for (int place : into || leads(label, key) ? meets : NOWHERE) {
                    sum += change * arrives[place / ChordLabel.ROOTS] * leadingOn(place)[key];
                }
                ways[key] = Math.log(sum) + most;
            }
            return ways;
        }

        /** The ways that lead to a place of arrival, with the key changed behind them or not. */
        private double[] leadingOn(int place) {
            if (leadingOn[place] == null) {
                leadingOn[place] = changingKey(leading[place]);
            }
            return leadingOn[place];
        }

        private double[] changingKey(double[] ways) {
            double[] changed = new double[KEYS];
            for (int from = 0; from < KEYS; from++) {
                for (int to = 0; to < KEYS; to++) {
                    changed[to] += ways[from] * keyToKey[from][to];
                }
            }
            return changed;
        }
    }
}
