package com.zestythumb.app.backup;

import java.util.HashMap;
import java.util.Map;

/** By which numbers the things of a file name one another: rows have others in each database. */
public final class Numbers {

    private final Map<String, Map<Long, Integer>> numbers = new HashMap<>();
    private final Map<String, Map<Integer, Long>> rows = new HashMap<>();

    /** The next number of a list, for a row that is written. */
    public int give(String list, long row) {
        Map<Long, Integer> given = numbers.computeIfAbsent(list, name -> new HashMap<>());
        return given.computeIfAbsent(row, id -> given.size());
    }

    /** The number that a row was given; null for none. */
    public Integer of(String list, Long row) {
        return row == null ? null : numbers.getOrDefault(list, Map.of()).get(row);
    }

    /** Tells where a thing of the file stands now. */
    public void put(String list, int number, long row) {
        rows.computeIfAbsent(list, name -> new HashMap<>()).put(number, row);
    }

    /**
     * Where a thing of the file stands now.
     *
     * @throws IllegalArgumentException where the file does not hold it
     */
    public long row(String list, int number) {
        Long row = rows.getOrDefault(list, Map.of()).get(number);
        if (row == null) {
            throw new IllegalArgumentException(
                    "this backup is damaged: it names number " + number + " of its " + list + " and does not hold it");
        }
        return row;
    }
}
