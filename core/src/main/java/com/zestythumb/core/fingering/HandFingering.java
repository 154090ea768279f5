package com.zestythumb.core.fingering;

import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.solving.LayeredPath;
import com.zestythumb.core.voicing.Grip;
import com.zestythumb.core.voicing.Reach;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Fingers for a whole left hand: the exact minimum, over all rows of fingers of every grip, of what the grips cost
 * ({@link ChordFingering}), of fingers exchanged on notes that stay, and, where the hand plays one note after another,
 * of a joined line ({@link LineCosts}). The same shape after the same shape has the same fingers; a finger that is
 * written stays, and the others are found around it. That a chord comes back with the same fingers is favoured in a second
 * round, as exact as the first. In time that grows with the number of notes.
 */
public final class HandFingering implements FingerSearch {

    private static final int EXCHANGE = 6;

    /** The same where the hand's comfort counts more than the books. */
    private static final int EXCHANGE_IN_COMFORT = 24;

    /** A chord with other fingers than it mostly has in the tune. */
    private static final int OTHER_THAN_USUAL = 60;

    private final HandCosts costs;
    private final double secondsPerQuarter;

    private HandFingering(HandCosts costs, double secondsPerQuarter) {
        this.costs = costs;
        this.secondsPerQuarter = secondsPerQuarter;
    }

    /** As the method books finger, with time enough. */
    public HandFingering() {
        this(new HandCosts(EXCHANGE, null), 1);
    }

    /** As it suits one hand: its fingers are spread with ease, and what stays is not lifted. */
    public static HandFingering suiting(Reach reach) {
        return new HandFingering(new HandCosts(EXCHANGE_IN_COMFORT, reach), 1);
    }

    /** The same at a tempo. */
    public HandFingering at(double seconds) {
        return new HandFingering(costs, seconds);
    }

    @Override
    public Fingers search(List<Grip> grips, List<Strike> strikes) {
        List<HandLayer> layers = HandLayer.of(grips, strikes, secondsPerQuarter);
        int[][] own = new int[layers.size()][];
        int[][][] ways = new int[layers.size()][][];
        // The same chords come again and again.
        Map<List<Pitch>, int[]> knownOwn = new HashMap<>();
        Map<List<List<Pitch>>, int[][]> knownWays = new HashMap<>();
        for (int i = 0; i < own.length; i++) {
            HandLayer here = layers.get(i);
            own[i] = here.isFree() && here.strike() < 0
                    ? knownOwn.computeIfAbsent(here.notes(), notes -> costs.own(here))
                    : costs.own(here);
            if (i > 0) {
                HandLayer before = layers.get(i - 1);
                ways[i - 1] = before.isFree() && here.isFree()
                        ? knownWays.computeIfAbsent(
                                List.of(before.notes(), here.notes()), pair -> costs.ways(before, here))
                        : costs.ways(before, here);
            }
        }
        LayeredPath path = through(own, ways);
        if (favoursAlike(layers, path, own)) {
            path = through(own, ways);
        }
        Integer[][] held = new Integer[grips.size()][];
        for (int i = 0; i < held.length; i++) {
            held[i] = new Integer[grips.get(i).tones().size()];
            Arrays.fill(held[i], 0);
        }
        Integer[] struck = new Integer[strikes.size()];
        Arrays.fill(struck, 0);
        for (int i = 0; i < layers.size(); i++) {
            HandLayer layer = layers.get(i);
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

    private static LayeredPath through(int[][] own, int[][][] ways) {
        return LayeredPath.through(own.length, new LayeredPath.Costs() {
            @Override
            public int[] of(int layer) {
                return own[layer];
            }

            @Override
            public int[][] toNext(int layer) {
                return ways[layer];
            }
        });
    }

    /** Charges chords that have other fingers than they mostly have in this tune; false where none has. */
    private static boolean favoursAlike(List<HandLayer> layers, LayeredPath path, int[][] own) {
        Map<List<Pitch>, int[]> votes = new HashMap<>();
        for (int i = 0; i < own.length; i++) {
            HandLayer layer = layers.get(i);
            if (layer.isFreeChord()) {
                votes.computeIfAbsent(layer.notes(), notes -> new int[layer.rows().length])[path.choice(i)]++;
            }
        }
        boolean any = votes.values().stream()
                .anyMatch(rows -> Arrays.stream(rows).filter(count -> count > 0).count() > 1);
        for (int i = 0; any && i < own.length; i++) {
            if (layers.get(i).isFreeChord()) {
                int[] rows = votes.get(layers.get(i).notes());
                int most = Arrays.stream(rows).max().orElse(0);
                int[] plain = own[i];
                own[i] = IntStream.range(0, rows.length)
                        .map(row -> plain[row] + (rows[row] == most ? 0 : OTHER_THAN_USUAL))
                        .toArray();
            }
        }
        return any;
    }
}
