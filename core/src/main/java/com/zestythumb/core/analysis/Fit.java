package com.zestythumb.core.analysis;

import static com.zestythumb.core.analysis.ChordKind.AUGMENTED;
import static com.zestythumb.core.analysis.ChordKind.DIMINISHED;
import static com.zestythumb.core.analysis.ChordKind.DIMINISHED_SEVENTH;
import static com.zestythumb.core.analysis.ChordKind.DOMINANT;
import static com.zestythumb.core.analysis.ChordKind.HALF_DIMINISHED;
import static com.zestythumb.core.analysis.ChordKind.MAJOR;
import static com.zestythumb.core.analysis.ChordKind.MINOR;

import java.util.Arrays;

/**
 * How readily a chord is heard in a key: a price for each kind of chord on each of the twelve degrees, low
 * for those that make the key, high for those that leave it. The order is common practice; the sizes were
 * set so that a dominant and its resolution alone change no key, and a phrase that stays does.
 */
public final class Fit {

    private static final double STRANGE = 4.5;
    private static final double[][] IN_MAJOR = table();
    private static final double[][] IN_MINOR = table();
    private static final double[][] IN_DORIAN = table();
    private static final double[][] IN_MIXOLYDIAN = table();
    private static final double[][] IN_PHRYGIAN = table();
    private static final double[][] IN_LYDIAN = table();
    private static final double[][][] IN_ALL = {IN_MAJOR, IN_MINOR, IN_DORIAN, IN_MIXOLYDIAN, IN_PHRYGIAN, IN_LYDIAN};

    static {
        set(IN_MAJOR, MAJOR, "0=1.0 5=1.5 7=1.4 2=2.8 4=2.8 9=2.8 10=3.0 8=3.1 3=3.2 1=3.3 11=3.1");
        set(IN_MAJOR, DOMINANT, "7=1.1 5=2.2 0=2.4 2=2.7 4=2.8 9=2.7 11=3.0 10=3.0 1=3.2 8=3.1 6=3.7 3=3.7");
        set(IN_MAJOR, MINOR, "2=1.8 9=1.8 4=2.3 5=2.8 7=3.1 0=3.2 11=3.4 6=3.8");
        set(IN_MAJOR, DIMINISHED, "11=2.1 2=3.2 6=2.9 1=3.0 4=3.2 8=3.0 3=3.0");
        set(IN_MAJOR, HALF_DIMINISHED, "11=2.2 2=2.9 6=2.9 4=3.2 9=3.4");
        set(IN_MAJOR, DIMINISHED_SEVENTH, "11=2.3 6=2.8 1=2.8 8=2.8 3=2.9 4=2.9 2=2.6 5=2.4 0=2.9 7=3.0 9=3.0 10=3.0");
        set(IN_MAJOR, AUGMENTED, "7=2.0 0=2.4");
        set(IN_MINOR, MINOR, "0=1.0 5=1.5 7=2.0 2=2.9 10=3.3");
        set(IN_MINOR, MAJOR, "7=1.3 8=1.7 3=1.8 10=1.9 5=2.4 1=2.8 0=3.0 2=3.0");
        set(IN_MINOR, DOMINANT, "7=1.0 10=2.2 5=2.5 0=2.7 8=2.7 2=2.9 3=2.8 1=3.2");
        set(IN_MINOR, DIMINISHED, "2=1.9 11=1.9 9=2.8 6=2.9 4=3.1");
        set(IN_MINOR, HALF_DIMINISHED, "2=1.7 9=2.7 6=3.0 11=3.2");
        set(IN_MINOR, DIMINISHED_SEVENTH, "11=1.7 2=1.8 5=1.8 8=1.8 6=2.7 9=2.9 0=2.9 3=2.9 4=2.9 7=2.9 10=2.9 1=2.9");
        set(IN_MINOR, AUGMENTED, "3=2.3 7=1.8");
        set(IN_DORIAN, MINOR, "0=1.0 2=1.7 7=2.0 9=3.0");
        set(IN_DORIAN, MAJOR, "5=1.4 10=1.9 3=1.8 7=2.9 8=3.2");
        set(IN_DORIAN, DOMINANT, "5=1.4 7=2.9 10=2.4 0=3.0");
        set(IN_DORIAN, DIMINISHED, "9=2.2 2=3.2");
        set(IN_DORIAN, HALF_DIMINISHED, "9=2.2 2=3.2");
        set(IN_MIXOLYDIAN, MAJOR, "0=1.0 10=1.4 5=1.6 7=3.6 3=3.4");
        set(IN_MIXOLYDIAN, DOMINANT, "0=1.4 10=2.4 5=2.4 7=3.8");
        set(IN_MIXOLYDIAN, MINOR, "7=1.7 2=1.9 9=1.9");
        set(IN_MIXOLYDIAN, DIMINISHED, "4=2.3");
        set(IN_MIXOLYDIAN, HALF_DIMINISHED, "4=2.3");
        set(IN_PHRYGIAN, MINOR, "0=1.0 10=1.8 5=2.0");
        set(IN_PHRYGIAN, MAJOR, "1=1.4 3=1.9 8=1.9 0=1.4 7=3.4");
        set(IN_PHRYGIAN, DOMINANT, "3=2.4 0=2.2 7=3.4");
        set(IN_PHRYGIAN, DIMINISHED, "7=2.4");
        set(IN_PHRYGIAN, HALF_DIMINISHED, "7=2.4");
        set(IN_LYDIAN, MAJOR, "0=1.0 2=1.4 7=1.7");
        set(IN_LYDIAN, MINOR, "9=2.0 11=2.0 4=2.0");
        set(IN_LYDIAN, DOMINANT, "2=1.8");
        set(IN_LYDIAN, DIMINISHED, "6=2.5");
        set(IN_LYDIAN, HALF_DIMINISHED, "6=2.5");
        for (double[][] table : IN_ALL) {
            for (int aboveTonic = 0; aboveTonic < 12; aboveTonic++) {
                double[] kinds = table[aboveTonic];
                kinds[ChordKind.OPEN.ordinal()] = Math.min(kinds[MAJOR.ordinal()], kinds[MINOR.ordinal()]);
                kinds[ChordKind.SUSPENDED.ordinal()] =
                        Math.min(kinds[ChordKind.OPEN.ordinal()], kinds[DOMINANT.ordinal()]);
            }
        }
    }

    private Fit() {}

    private static double[][] table() {
        double[][] table = new double[12][ChordKind.values().length];
        Arrays.stream(table).forEach(row -> Arrays.fill(row, STRANGE));
        return table;
    }

    private static void set(double[][] table, ChordKind kind, String prices) {
        for (String price : prices.split(" ")) {
            String[] parts = price.split("=");
            table[Integer.parseInt(parts[0])][kind.ordinal()] = Double.parseDouble(parts[1]);
        }
    }

    /**
     * The price of a chord in a mode.
     *
     * @param aboveTonic half steps from the tonic up to its root
     * @param mode 0 major, 1 minor, 2 Dorian, 3 Mixolydian, 4 Phrygian, 5 Lydian
     */
    public static double price(int aboveTonic, ChordKind kind, int mode) {
        return IN_ALL[mode][aboveTonic][kind.ordinal()];
    }

    /**
     * The price of a chord.
     *
     * @param aboveTonic half steps from the tonic up to its root
     */
    static double price(int aboveTonic, ChordKind kind, boolean minor) {
        return (minor ? IN_MINOR : IN_MAJOR)[aboveTonic][kind.ordinal()];
    }
}
