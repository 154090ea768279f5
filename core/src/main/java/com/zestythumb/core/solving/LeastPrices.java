package com.zestythumb.core.solving;

import java.util.Arrays;
import java.util.List;
import java.util.function.BiFunction;

/** The few lowest of many prices, each with the place it belongs to. */
final class LeastPrices {

    private static final long PLACES = 1 << 16;

    /** Price and place in one number, so that sorting needs no objects; rising. The last is only for what falls out. */
    private final long[] least;

    private int count;

    /**
     * Begins without any.
     *
     * @param most how many are kept
     */
    LeastPrices(int most) {
        this.least = new long[most + 1];
    }

    /** Keeps it if it is among the least. */
    void add(int price, int place) {
        long number = price * PLACES + place;
        int i = count;
        while (i > 0 && least[i - 1] > number) {
            least[i] = least[i - 1];
            i--;
        }
        least[i] = number;
        count = Math.min(count + 1, least.length - 1);
    }

    /** The least first, each made of its price and its place. */
    <T> List<T> each(BiFunction<Integer, Integer, T> made) {
        return Arrays.stream(least, 0, count)
                .mapToObj(n -> made.apply((int) Math.floorDiv(n, PLACES), (int) Math.floorMod(n, PLACES)))
                .toList();
    }
}
