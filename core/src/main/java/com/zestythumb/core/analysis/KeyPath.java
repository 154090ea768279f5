package com.zestythumb.core.analysis;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Letter;
import com.zestythumb.core.pitch.Mode;
import com.zestythumb.core.pitch.PitchClass;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Finds the keys that a row of chords goes through: of all ways to give each chord one of the 24 keys, the
 * one with the lowest price. A chord costs what {@link Fit} says, a change of key more than a short
 * tonicisation would save, and a dominant that resolves earns something. Exact, by dynamic programming over
 * the chords (Viterbi 1967): O(chords × 24²).
 */
final class KeyPath {

    /**
     * A chord with what speaks for its key.
     *
     * @param stated the key written in the chart where it stands
     * @param weight how much it counts, 1 for an ordinary one
     * @param tune how long each of the twelve keys from C sounds in the tune meanwhile, together 1; empty
     *     where nothing is sung
     * @param last whether it ends a phrase
     * @param fixed the key in which the teacher hears it, or null
     */
    record Heard(Chord chord, Key stated, double weight, double[] tune, boolean last, Key fixed) {}

    private static final int KEYS = 24;
    private static final double CHANGE = 3.6;
    private static final double FARTHER = 0.18;
    private static final double RESOLVED = 1.0;
    private static final double STATED = 0.15;
    private static final double BEGINS_ELSEWHERE = 3.0;
    private static final double AGAINST_THE_TEACHER = 1000;
    private static final int PLAINLY_MODAL = 4;
    private static final double MODAL = 1.7;
    private static final double RESTS = 0.8;
    private static final double FOREIGN_NOTE = 1.5;

    private static final double[][] CHANGES = changes();
    private static final int[] MAJOR_SCALE = {0, 2, 4, 5, 7, 9, 11};
    private static final int[] MINOR_SCALES = {0, 2, 3, 5, 7, 8, 9, 10, 11};

    private final List<Heard> chords;
    private final int[] roots;
    private final Kind[] kinds;
    private final boolean blues;
    /** Price of each chord in each key, and what its arrival from the chord before earns there. */
    private final double[][] prices;

    private final double[][] arrivals;

    private KeyPath(List<Heard> chords) {
        this.chords = chords;
        this.roots = chords.stream()
                .mapToInt(heard -> heard.chord().root().semitone())
                .toArray();
        this.kinds = chords.stream().map(heard -> Kind.of(heard.chord())).toArray(Kind[]::new);
        long dominants = Arrays.stream(kinds).filter(Kind.DOMINANT::equals).count();
        // Where nearly all chords have a minor seventh it is a colour and tells no direction.
        this.blues = dominants * 4 > 3L * kinds.length;
        this.prices = new double[kinds.length][KEYS];
        this.arrivals = new double[kinds.length][KEYS];
        for (int i = 0; i < kinds.length; i++) {
            for (int key = 0; key < KEYS; key++) {
                prices[i][key] = price(i, key);
                arrivals[i][key] = i == 0 ? 0 : resolution(i, key);
            }
        }
    }

    /** The keys in their order; none where there are no chords. */
    static List<KeySpan> find(List<Heard> chords) {
        return chords.isEmpty() ? List.of() : new KeyPath(chords).find();
    }

    private List<KeySpan> find() {
        int n = chords.size();
        double[][] best = new double[n][KEYS];
        int[][] before = new int[n][KEYS];
        for (int key = 0; key < KEYS; key++) {
            best[0][key] = prices[0][key] + (isStated(0, key) ? 0 : BEGINS_ELSEWHERE);
        }
        for (int i = 1; i < n; i++) {
            for (int key = 0; key < KEYS; key++) {
                best[i][key] = Double.POSITIVE_INFINITY;
                for (int from = 0; from < KEYS; from++) {
                    double way = best[i - 1][from] + CHANGES[from][key] - (from == key ? arrivals[i][key] : 0);
                    if (way < best[i][key]) {
                        best[i][key] = way;
                        before[i][key] = from;
                    }
                }
                best[i][key] += prices[i][key];
            }
        }
        int[] path = new int[n];
        for (int key = 1; key < KEYS; key++) {
            path[n - 1] = best[n - 1][key] < best[n - 1][path[n - 1]] ? key : path[n - 1];
        }
        for (int i = n - 1; i > 0; i--) {
            path[i - 1] = before[i][path[i]];
        }
        return spans(path);
    }

    private double price(int i, int key) {
        Heard heard = chords.get(i);
        if (heard.fixed() != null && !isKey(heard.fixed(), key)) {
            return AGAINST_THE_TEACHER;
        }
        boolean tonic = degree(i, key) == 0 && kinds[i] == (isMinor(key) ? Kind.MINOR : Kind.MAJOR);
        double rests = heard.last() && tonic ? RESTS : 0;
        double stated = isStated(i, key) ? STATED : 0;
        int degree = degree(i, key);
        boolean coloured = blues && kinds[i] == Kind.DOMINANT && (degree == 0 || degree == 5);
        double fit = Fit.price(degree, coloured ? Kind.MAJOR : kinds[i], isMinor(key));
        // In a church mode that the chart states, its own chords are at home.
        if (isStated(i, key)
                && heard.stated().mode() != Mode.MAJOR
                && heard.stated().mode() != Mode.MINOR) {
            boolean inside = heard.chord().tones().stream().allMatch(heard.stated()::contains);
            fit = inside ? Math.min(fit, MODAL) : fit;
        }
        return heard.weight() * fit + FOREIGN_NOTE * foreign(heard.tune(), key) - rests - stated;
    }

    private static double foreign(double[] tune, int key) {
        if (tune.length == 0) {
            return 0;
        }
        int[] scale = isMinor(key) ? MINOR_SCALES : MAJOR_SCALE;
        double inside = 0;
        double all = 0;
        for (double weight : tune) {
            all += weight;
        }
        for (int step : scale) {
            inside += tune[(key % 12 + step) % 12];
        }
        return all - inside;
    }

    private double resolution(int i, int key) {
        boolean home = degree(i, key) == 0 && (kinds[i] == Kind.MAJOR || kinds[i] == Kind.MINOR);
        int from = degree(i - 1, key);
        boolean dominant = from == 7 && kinds[i - 1].canLead() || from == 11 && kinds[i - 1].isDiminished();
        return home && dominant && (kinds[i] == Kind.MINOR) == isMinor(key) ? RESOLVED : 0;
    }

    private static double[][] changes() {
        double[][] changes = new double[KEYS][KEYS];
        for (int from = 0; from < KEYS; from++) {
            for (int to = 0; to < KEYS; to++) {
                int distance = Math.abs(onLineOfFifths(from) - onLineOfFifths(to)) % 12;
                changes[from][to] = from == to ? 0 : CHANGE + FARTHER * Math.min(distance, 12 - distance);
            }
        }
        return changes;
    }

    /** Signature of a key, as a place on the circle of fifths. */
    private static int onLineOfFifths(int key) {
        int tonic = key % 12;
        return Math.floorMod((isMinor(key) ? tonic + 3 : tonic) * 7, 12);
    }

    private int degree(int i, int key) {
        return Math.floorMod(roots[i] - key, 12);
    }

    private static boolean isMinor(int key) {
        return key >= 12;
    }

    private boolean isStated(int i, int key) {
        return isKey(chords.get(i).stated(), key);
    }

    private static boolean isKey(Key named, int key) {
        return named.tonic().semitone() == key % 12 && soundsMinor(named.mode()) == isMinor(key);
    }

    private static boolean soundsMinor(Mode mode) {
        return mode.degree(3).semitones() == 3;
    }

    private List<KeySpan> spans(int[] path) {
        List<KeySpan> spans = new ArrayList<>();
        for (int from = 0; from < path.length; ) {
            int to = from;
            while (to < path.length && path[to] == path[from]) {
                to++;
            }
            int pivot = from > 0 && belongs(from - 1, path[from]) ? from - 1 : -1;
            spans.add(new KeySpan(
                    inItsMode(named(path[from], from), from, to), from, to, pivot, confidence(from, to, path[from])));
            from = to;
        }
        return spans;
    }

    /**
     * A church mode, where all chords of a stretch belong to it and one of them tells it apart from major or
     * minor: the minor seventh degree in Mixolydian, the raised fourth in Lydian, the raised sixth in Dorian,
     * the lowered second in Phrygian (common practice).
     */
    private Key inItsMode(Key key, int from, int to) {
        boolean plain = key.mode() == Mode.MAJOR || key.mode() == Mode.MINOR;
        if (!plain || to - from < PLAINLY_MODAL) {
            return key;
        }
        for (Mode mode : List.of(Mode.MIXOLYDIAN, Mode.LYDIAN, Mode.DORIAN, Mode.PHRYGIAN)) {
            boolean fits = soundsMinor(mode) == soundsMinor(key.mode())
                    && Math.abs(key.tonic().fifths() + mode.fifthsFromMajor()) <= 7
                    && chords.subList(from, to).stream().allMatch(heard -> isWithin(heard, key.tonic(), mode))
                    && IntStream.range(from, to).anyMatch(i -> tellsTheMode(i, key));
            if (fits) {
                return new Key(key.tonic(), mode);
            }
        }
        return key;
    }

    /** A chord that major or minor do not have, unless it is the dominant of the next one. */
    private boolean tellsTheMode(int i, Key key) {
        boolean leads = i + 1 < roots.length && kinds[i].canLead() && Math.floorMod(roots[i + 1] - roots[i], 12) == 5;
        return !leads && !isWithin(chords.get(i), key.tonic(), key.mode());
    }

    private static boolean isWithin(Heard heard, PitchClass tonic, Mode mode) {
        boolean[] scale = new boolean[12];
        for (int i = 1; i <= 7; i++) {
            scale[mode.degree(i).semitones()] = true;
        }
        return heard.chord().tones().stream().allMatch(tone -> scale[Degrees.between(tonic, tone)]);
    }

    private boolean belongs(int i, int key) {
        return Fit.price(degree(i, key), kinds[i], isMinor(key)) < 2.4;
    }

    /** The key as the chart has it where it says so, else the spelling nearest to the chart's signature. */
    private Key named(int key, int at) {
        Key stated = chords.get(at).stated();
        if (isStated(at, key)) {
            return stated;
        }
        Key best = null;
        for (Letter letter : Letter.values()) {
            for (int alteration = -1; alteration <= 1; alteration++) {
                PitchClass tonic = new PitchClass(letter, alteration);
                Mode mode = isMinor(key) ? Mode.MINOR : Mode.MAJOR;
                int signature = tonic.fifths() + (isMinor(key) ? -3 : 0);
                if (tonic.semitone() == key % 12 && Math.abs(signature) <= 7) {
                    Key candidate = new Key(tonic, mode);
                    int away = Math.abs(signature - stated.signature());
                    if (best == null || away < Math.abs(best.signature() - stated.signature())) {
                        best = candidate;
                    }
                }
            }
        }
        return best;
    }

    /** How much cheaper the key is here than the next best, for each chord. */
    private double confidence(int from, int to, int key) {
        double here = 0;
        double[] others = new double[KEYS];
        for (int i = from; i < to; i++) {
            here += prices[i][key] - (i > from ? arrivals[i][key] : 0);
            for (int other = 0; other < KEYS; other++) {
                others[other] += prices[i][other] - (i > from ? arrivals[i][other] : 0);
            }
        }
        double next = Double.POSITIVE_INFINITY;
        for (int other = 0; other < KEYS; other++) {
            next = other == key ? next : Math.min(next, others[other]);
        }
        int count = to - from;
        double margin = Math.min(1, Math.max(0, (next - here) / Math.min(count, 4)));
        double plain = Math.min(1, Math.max(0, (3.6 - here / count) / 1.6));
        return plain * (0.5 + 0.5 * margin);
    }
}
