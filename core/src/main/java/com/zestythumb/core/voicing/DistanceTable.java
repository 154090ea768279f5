package com.zestythumb.core.voicing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.TreeMap;

/**
 * Many chords set side by side, so that the ways from other chords to all of them are measured in rows of numbers, as
 * processors like it; the same numbers as {@link Distance#between} for each.
 */
public final class DistanceTable {

    /**
     * Chords with the same number of notes.
     *
     * @param places where each stands in the whole
     * @param keys for each note, from the lowest, its key in each chord
     */
    private record Group(int[] places, int[][] keys) {}

    private final int size;
    private final List<Group> groups = new ArrayList<>();

    /** A table of chords, each given as rising MIDI keys. */
    public DistanceTable(int[][] chords) {
        this.size = chords.length;
        TreeMap<Integer, List<Integer>> byNotes = new TreeMap<>();
        for (int i = 0; i < size; i++) {
            byNotes.computeIfAbsent(chords[i].length, notes -> new ArrayList<>())
                    .add(i);
        }
        byNotes.forEach((notes, places) -> {
            int[][] keys = new int[notes][places.size()];
            for (int note = 0; note < notes; note++) {
                for (int j = 0; j < places.size(); j++) {
                    keys[note][j] = chords[places.get(j)][note];
                }
            }
            groups.add(new Group(places.stream().mapToInt(Integer::intValue).toArray(), keys));
        });
    }

    /** Semitones moved in all from each of these chords (row) to each of the table (column). */
    public int[][] from(int[][] chords) {
        int[][] all = new int[chords.length][size];
        for (Group group : groups) {
            int most = 0;
            for (int[] chord : chords) {
                most = Math.max(most, Math.abs(chord.length - group.keys().length));
            }
            int[][] sums = new int[most + 1][group.places().length];
            for (int i = 0; i < chords.length; i++) {
                int[] distances = distances(chords[i], group.keys(), sums);
                for (int j = 0; j < distances.length; j++) {
                    all[i][group.places()[j]] = distances[j];
                }
            }
        }
        return all;
    }

    /**
     * Each note of the smaller chord finds its own partner in the larger, in order. O(chords × notes × difference in
     * length).
     *
     * @param sums room to compute in: in row d the least sum so far when the last note went d places beyond its own or fewer
     */
    private static int[] distances(int[] chord, int[][] keys, int[][] sums) {
        boolean isSmaller = chord.length <= keys.length;
        int notes = Math.min(chord.length, keys.length);
        int slack = Math.abs(chord.length - keys.length);
        for (int d = 0; d <= slack; d++) {
            Arrays.fill(sums[d], 0);
        }
        for (int i = 0; i < notes; i++) {
            for (int d = 0; d <= slack; d++) {
                addAway(sums[d], keys[isSmaller ? i + d : i], chord[isSmaller ? i : i + d]);
                if (d > 0) {
                    lower(sums[d], sums[d - 1]);
                }
            }
        }
        return sums[slack];
    }

    private static void addAway(int[] sums, int[] keys, int key) {
        for (int j = 0; j < sums.length; j++) {
            sums[j] += Math.abs(keys[j] - key);
        }
    }

    /** To the lesser of the two, without a choice, so that many go at a time. */
    private static void lower(int[] row, int[] other) {
        for (int j = 0; j < row.length; j++) {
            int below = other[j] - row[j];
            row[j] += below & (below >> 31);
        }
    }
}
