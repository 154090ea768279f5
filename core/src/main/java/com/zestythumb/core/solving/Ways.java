package com.zestythumb.core.solving;

import com.zestythumb.core.sheet.Transitions.Transition;
import com.zestythumb.core.solving.Cost.Charge;
import com.zestythumb.core.voiceleading.Fault;
import com.zestythumb.core.voiceleading.Passage;
import com.zestythumb.core.voiceleading.Rule;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voicing.Distance;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * What the hand pays from chord to chord: the half steps of its fingers, from the last grip of the one to the first of
 * the other, and what the school charges for the rules broken on the way.
 */
final class Ways {

    private static final int[] NO_KEYS = {};

    /** The keys with which each candidate of a chord is come to and left. */
    private record Keys(int[][] first, int[][] last) {}

    private final VoicingTask task;
    private final List<List<Voicing>> layers;
    private final List<School.Entry> charged;
    private final Map<List<Voicing>, Keys> keys = new IdentityHashMap<>();
    private final Map<List<Voicing>, Map<List<Voicing>, Map<Double, int[][]>>> known = new IdentityHashMap<>();

    Ways(VoicingTask task, List<List<Voicing>> layers) {
        this.task = task;
        this.layers = layers;
        this.charged = task.school().entries().stream()
                .filter(entry -> entry.weight() > 0 && entry.rule() instanceof Rule.OfPassage)
                .toList();
    }

    /** From each candidate (row) to each (column). The same two chords come again and again and are measured once. */
    int[][] costs(Transition pair) {
        List<Voicing> from = layers.get(pair.from());
        List<Voicing> to = layers.get(pair.to());
        // Where no rule is charged the time does not matter.
        double seconds = charged.isEmpty() ? 0 : task.seconds().applyAsDouble(pair);
        return known.computeIfAbsent(from, here -> new IdentityHashMap<>())
                .computeIfAbsent(to, there -> new HashMap<>())
                .computeIfAbsent(seconds, time -> costs(from, to, time));
    }

    private int[][] costs(List<Voicing> from, List<Voicing> to, double seconds) {
        int[][] last = keys(from).last();
        int[][] first = keys(to).first();
        int[][] costs = new int[last.length][first.length];
        for (int i = 0; i < last.length; i++) {
            for (int j = 0; j < first.length; j++) {
                costs[i][j] = Distance.between(last[i], first[j]);
                if (!charged.isEmpty()) {
                    costs[i][j] += charge(from.get(i), to.get(j), seconds);
                }
            }
        }
        return costs;
    }

    private Keys keys(List<Voicing> layer) {
        return keys.computeIfAbsent(
                layer,
                list -> new Keys(
                        list.stream().map(Ways::firstKeys).toArray(int[][]::new),
                        list.stream().map(Ways::lastKeys).toArray(int[][]::new)));
    }

    private static int[] firstKeys(Voicing voicing) {
        return voicing.isSilent() ? NO_KEYS : voicing.first().midiKeys();
    }

    private static int[] lastKeys(Voicing voicing) {
        return voicing.isSilent() ? NO_KEYS : voicing.last().midiKeys();
    }

    /** Half steps moved by all fingers. */
    static int semitones(Voicing from, Voicing to) {
        return Distance.between(lastKeys(from), firstKeys(to));
    }

    int cost(Voicing from, Voicing to, Transition pair) {
        int cost = semitones(from, to);
        return charged.isEmpty() ? cost : cost + charge(from, to, task.seconds().applyAsDouble(pair));
    }

    private int charge(Voicing from, Voicing to, double seconds) {
        int sum = 0;
        for (School.Entry entry : charged) {
            sum += entry.weight() * faults(entry, from, to, seconds).size();
        }
        return sum;
    }

    private static List<Fault> faults(School.Entry entry, Voicing from, Voicing to, double seconds) {
        List<Fault> found = new ArrayList<>(1);
        if (!from.isSilent() && !to.isSilent()) {
            Passage passage = new Passage(from.last(), to.first(), seconds, true);
            ((Rule.OfPassage) entry.rule()).check(passage, entry.limits(), found::add);
        }
        return found;
    }

    /** What each rule charges, for those that do. */
    List<Charge> charges(Voicing from, Voicing to, Transition pair) {
        List<Charge> charges = new ArrayList<>();
        for (School.Entry entry : charged) {
            int units =
                    faults(entry, from, to, task.seconds().applyAsDouble(pair)).size();
            if (units > 0) {
                charges.add(new Charge(entry.rule().id(), units, units * entry.weight()));
            }
        }
        return charges;
    }
}
