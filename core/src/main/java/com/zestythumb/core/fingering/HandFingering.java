package com.zestythumb.core.fingering;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.solving.LayeredPath;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Reach;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Fingers for a whole left hand: the exact minimum, over all rows of fingers of every grip, of what the grips cost
 * ({@link ChordFingering}), of fingers exchanged on notes that stay, and, where the hand plays one note after another,
 * of a joined line ({@link LineCosts}). The same shape after the same shape has the same fingers; a finger that is
 * written stays, and the others are found around it. In time that grows with the number of notes.
 */
public final class HandFingering implements FingerSearch {

    /** A finger that is lifted from a note which stays, for another. */
    private static final int EXCHANGE = 6;

    /** The same where the hand's comfort counts more than the books. */
    private static final int EXCHANGE_IN_COMFORT = 24;

    /** For each semitone by which two fingers are spread beyond three quarters of what they reach. */
    private static final int SPREAD = 12;

    /** Keys struck again sooner than after so many seconds are struck with another finger each time. */
    private static final double QUICK = 0.18;

    private final int exchange;
    /** What the fingers of this hand reach; null where the hand is any. */
    private final Reach reach;

    private final double secondsPerQuarter;

    private HandFingering(int exchange, Reach reach, double secondsPerQuarter) {
        this.exchange = exchange;
        this.reach = reach;
        this.secondsPerQuarter = secondsPerQuarter;
    }

    /** As the method books finger, with time enough. */
    public HandFingering() {
        this(EXCHANGE, null, 1);
    }

    /** As it suits one hand: its fingers are spread with ease, and what stays is not lifted. */
    public static HandFingering suiting(Reach reach) {
        return new HandFingering(EXCHANGE_IN_COMFORT, reach, 1);
    }

    /** The same at a tempo. */
    public HandFingering at(double seconds) {
        return new HandFingering(exchange, reach, seconds);
    }

    /** As many notes with another finger outside: the hand keeps its shape where it can. */
    private static final int OTHER_OUTER = 8;

    /** What a lone note costs each finger: a bass belongs to the little one. */
    private static final int[] LONE = {0, 4, 2, 2, 2, 0};

    /** Farther than so many semitones a hand leaps, whatever its fingers. */
    private static final int JOINED = 9;

    private static final int LEAP = 40;
    private static final int LINE = 3;

    /**
     * Notes that lie under the hand at one time, and the fingers they may have.
     *
     * @param repeated whether it is the same key as before, struck again quickly
     * @param onBeat whether it begins a quarter
     * @param out which notes are to be brought out
     */
    private record Layer(
            int grip,
            int strike,
            List<Pitch> notes,
            int[][] rows,
            boolean repeated,
            boolean onBeat,
            Set<Integer> out) {}

    @Override
    public Fingers search(List<Grip> grips, List<Strike> strikes) {
        List<Layer> layers = layers(grips, strikes);
        int[][] own = new int[layers.size()][];
        int[][][] ways = new int[layers.size()][][];
        // The same chords come again and again.
        Map<List<Pitch>, int[]> knownOwn = new HashMap<>();
        Map<List<List<Pitch>>, int[][]> knownWays = new HashMap<>();
        for (int i = 0; i < own.length; i++) {
            Layer here = layers.get(i);
            own[i] = isFree(here) && here.strike() < 0
                    ? knownOwn.computeIfAbsent(here.notes(), notes -> own(here))
                    : own(here);
            if (i > 0) {
                Layer before = layers.get(i - 1);
                ways[i - 1] = isFree(before) && isFree(here)
                        ? knownWays.computeIfAbsent(List.of(before.notes(), here.notes()), pair -> ways(before, here))
                        : ways(before, here);
            }
        }
        LayeredPath path = LayeredPath.through(layers.size(), new LayeredPath.Costs() {
            @Override
            public int[] of(int layer) {
                return own[layer];
            }

            @Override
            public int[][] toNext(int layer) {
                return ways[layer];
            }
        });
        Integer[][] held = new Integer[grips.size()][];
        for (int i = 0; i < held.length; i++) {
            held[i] = new Integer[grips.get(i).tones().size()];
            Arrays.fill(held[i], 0);
        }
        Integer[] struck = new Integer[strikes.size()];
        Arrays.fill(struck, 0);
        for (int i = 0; i < layers.size(); i++) {
            Layer layer = layers.get(i);
            int[] row = layer.rows()[path.choice(i)];
            if (layer.strike() >= 0) {
                Strike strike = strikes.get(layer.strike());
                struck[layer.strike()] = row[0];
                held[strike.grip()][strike.note()] = row[0];
            } else {
                held[layer.grip()] = Arrays.stream(row).boxed().toArray(Integer[]::new);
            }
        }
        for (int i = 0; i < struck.length; i++) {
            Strike strike = strikes.get(i);
            struck[i] = struck[i] == 0 ? held[strike.grip()][strike.note()] : struck[i];
        }
        return new Fingers(Arrays.stream(held).map(List::of).toList(), List.of(struck));
    }

    private static boolean isFree(Layer layer) {
        boolean any = layer.rows() == ChordFingering.rows(layer.notes().size());
        return any && !layer.repeated() && layer.out().isEmpty();
    }

    private List<Layer> layers(List<Grip> grips, List<Strike> strikes) {
        Map<Integer, List<Integer>> byGrip = new HashMap<>();
        for (int i = 0; i < strikes.size(); i++) {
            byGrip.computeIfAbsent(strikes.get(i).grip(), grip -> new ArrayList<>())
                    .add(i);
        }
        List<Layer> layers = new ArrayList<>();
        for (int grip = 0; grip < grips.size(); grip++) {
            List<Pitch> notes = grips.get(grip).pitches();
            List<Integer> here = byGrip.getOrDefault(grip, List.of());
            if (isLine(notes, here, strikes)) {
                here.forEach(strike -> layers.add(ofLine(strike, notes, strikes)));
            } else if (notes.size() <= LineCosts.FINGERS) {
                int[] given = new int[notes.size()];
                here.forEach(strike ->
                        given[strikes.get(strike).note()] = strikes.get(strike).given());
                Set<Integer> out = here.stream()
                        .map(strikes::get)
                        .filter(Strike::broughtOut)
                        .map(Strike::note)
                        .collect(Collectors.toSet());
                layers.add(new Layer(grip, -1, notes, rows(notes.size(), given), false, false, out));
            }
        }
        return layers;
    }

    private Layer ofLine(int number, List<Pitch> notes, List<Strike> strikes) {
        Strike strike = strikes.get(number);
        return new Layer(
                strike.grip(),
                number,
                List.of(notes.get(strike.note())),
                rows(1, new int[] {strike.given()}),
                number > 0 && isQuick(strikes.get(number - 1), strike),
                strike.time().isWhole(),
                strike.broughtOut() ? Set.of(0) : Set.of());
    }

    /** Whether the same key is struck again before one finger could do it with ease. */
    private boolean isQuick(Strike before, Strike strike) {
        double quarters = strike.time().minus(before.time()).toDouble();
        return before.grip() == strike.grip() && before.note() == strike.note() && quarters * secondsPerQuarter < QUICK;
    }

    /** Whether notes follow one another step by step, or one quickly itself, so that the hand walks and does not stand. */
    private boolean isLine(List<Pitch> notes, List<Integer> here, List<Strike> strikes) {
        if (notes.size() == 1) {
            return IntStream.range(1, here.size())
                    .anyMatch(i -> isQuick(strikes.get(here.get(i - 1)), strikes.get(here.get(i))));
        }
        if (notes.size() < LINE || here.size() < LINE) {
            return false;
        }
        return IntStream.range(1, here.size()).allMatch(i -> {
            Strike before = strikes.get(here.get(i - 1));
            Strike strike = strikes.get(here.get(i));
            int steps = notes.get(strike.note()).staffStep()
                    - notes.get(before.note()).staffStep();
            return (Math.abs(steps) == 1 || isQuick(before, strike))
                    && before.time().compareTo(strike.time()) < 0;
        });
    }

    /** The rows in which every given finger is on its note; all rows where none is. */
    private static int[][] rows(int notes, int[] given) {
        int[][] all = ChordFingering.rows(notes);
        if (Arrays.stream(given).allMatch(finger -> finger == 0)) {
            return all;
        }
        int[][] some = Arrays.stream(all)
                .filter(row -> IntStream.range(0, notes).allMatch(i -> given[i] == 0 || given[i] == row[i]))
                .toArray(int[][]::new);
        return some.length == 0 ? all : some;
    }

    private int[] own(Layer layer) {
        int[] costs = new int[layer.rows().length];
        for (int i = 0; i < costs.length; i++) {
            int[] row = layer.rows()[i];
            costs[i] = row.length > 1
                    ? ChordFingering.cost(row, layer.notes()) + spread(row, layer.notes())
                    : layer.strike() < 0
                            ? lone(row[0], layer.notes().get(0))
                            : LineCosts.own(row[0], layer.notes().get(0));
            for (int note : layer.out()) {
                // The lowest note of a chord is the little finger's all the same.
                boolean lowest = row.length > 1 && row[note] == LineCosts.FINGERS;
                costs[i] += lowest ? 0 : LineCosts.broughtOut(row[note]);
            }
        }
        return costs;
    }

    private int spread(int[] row, List<Pitch> notes) {
        int beyond = 0;
        for (int i = 1; reach != null && i < row.length; i++) {
            Pitch low = notes.get(i - 1);
            Pitch high = notes.get(i);
            int most = reach.most(row[i], row[i - 1], low.isBlackKey() && high.isBlackKey());
            beyond += Math.max(0, high.midi() - low.midi() - most * 3 / 4);
        }
        return SPREAD * beyond;
    }

    /** A bass is the little finger's on a black key too. */
    private static int lone(int finger, Pitch key) {
        return LONE[finger] + (finger == 1 ? LineCosts.own(finger, key) : 0);
    }

    private int[][] ways(Layer from, Layer to) {
        int[][] costs = new int[from.rows().length][to.rows().length];
        for (int i = 0; i < costs.length; i++) {
            for (int j = 0; j < costs[i].length; j++) {
                costs[i][j] = to.repeated()
                        ? LineCosts.repeated(from.rows()[i][0], to.rows()[j][0], to.onBeat())
                        : way(from.notes(), from.rows()[i], to.notes(), to.rows()[j]);
            }
        }
        return costs;
    }

    private int way(List<Pitch> from, int[] fingers, List<Pitch> to, int[] next) {
        if (from.size() == 1 && to.size() == 1) {
            int step = LineCosts.step(Side.LEFT, fingers[0], from.get(0), next[0], to.get(0));
            boolean leap = Math.abs(to.get(0).midi() - from.get(0).midi()) > JOINED;
            return leap ? Math.min(step, LEAP) : step;
        }
        int cost = 0;
        if (fingers.length == next.length) {
            cost += fingers[0] == next[0] ? 0 : OTHER_OUTER;
            cost += fingers[fingers.length - 1] == next[next.length - 1] ? 0 : OTHER_OUTER;
        }
        for (int i = 0; i < fingers.length; i++) {
            for (int j = 0; j < next.length; j++) {
                if (from.get(i).midi() == to.get(j).midi() && fingers[i] != next[j]) {
                    cost += exchange;
                }
            }
        }
        return cost;
    }
}
