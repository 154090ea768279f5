package com.zestythumb.core.solving;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Transitions.Transition;
import com.zestythumb.core.solving.Cost.Charge;
import com.zestythumb.core.solving.LayeredPath.Steps;
import com.zestythumb.core.voiceleading.School;
import com.zestythumb.core.voiceleading.Shift;
import com.zestythumb.core.voiceleading.Sonority;
import com.zestythumb.core.voiceleading.Step;
import com.zestythumb.core.voicing.ChordContext;
import com.zestythumb.core.voicing.DistanceTable;
import com.zestythumb.core.voicing.StyleChoice;
import com.zestythumb.core.voicing.TransitionTerm;
import com.zestythumb.core.voicing.TransitionTerms;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * What the hand pays from chord to chord: the half steps of its fingers, from the last grip of the one to the first of
 * the other, and what the school charges for the rules broken on the way.
 */
final class TransitionCosts {

    /**
     * Keys of the candidates of a chord: those that are the same for several are measured once.
     *
     * @param left those of the left hand, each once together with those of the right
     * @param right those of the right hand, by the same count; none where no candidate has any
     * @param of for each candidate which of them it has
     */
    private record Grips(int[][] left, int[][] right, int[] of) {

        private static final String APART = "\u0000";

        static Grips of(List<Voicing> layer, Function<Voicing, int[]> keys) {
            // Keys as letters of a word, which are compared quicker than lists of numbers.
            Map<String, Integer> places = new HashMap<>();
            List<int[]> left = new ArrayList<>();
            List<int[]> right = new ArrayList<>();
            int[] of = new int[layer.size()];
            for (int i = 0; i < of.length; i++) {
                int[] here = keys.apply(layer.get(i));
                int[] other = TransitionTerm.right(layer.get(i));
                of[i] = places.computeIfAbsent(word(here) + APART + word(other), k -> {
                    left.add(here);
                    right.add(other);
                    return left.size() - 1;
                });
            }
            boolean none = right.stream().allMatch(other -> other.length == 0);
            return new Grips(left.toArray(int[][]::new), none ? new int[0][] : right.toArray(int[][]::new), of);
        }

        private static String word(int[] keys) {
            return new String(keys, 0, keys.length);
        }

        /** Half steps from each to each of the others; a hand that comes in or falls silent does not move. */
        int[][] moved(Grips to) {
            int[][] moved = new DistanceTable(to.left).from(left);
            if (right.length > 0 && to.right.length > 0) {
                int[][] other = new DistanceTable(to.right).from(right);
                for (int i = 0; i < moved.length; i++) {
                    for (int j = 0; j < moved[i].length; j++) {
                        moved[i][j] += other[i][j];
                    }
                }
            }
            return moved;
        }
    }

    /**
     * What there is for a way.
     *
     * @param journey whether the style goes from root to root
     * @param tune the tune's last note on the way; null where it rests or a phrase ends
     * @param tuneThen its first behind it; null where it rests
     * @param times how often it is paid for
     */
    private record Time(double seconds, boolean journey, Pitch tune, Pitch tuneThen, Key key, int times) {}

    private Time time(Transition pair) {
        boolean journey = task.style(pair.from()).style().keepsPlace()
                || task.style(pair.to()).style().keepsPlace();
        ChordContext from = task.around(pair.from());
        return new Time(
                task.seconds().applyAsDouble(pair),
                journey,
                from.lastOfTune(),
                task.around(pair.to()).firstOfTune(),
                from.key(),
                task.transitions().times(pair));
    }

    /** The keys with which each candidate of a chord is come to and left. */
    private record Keys(Grips first, Grips last) {}

    private final VoicingTask task;
    private final List<List<Voicing>> layers;
    private final List<School.Entry> charged;
    private final List<TransitionTerm> turned;
    private final int motion;
    private final Map<List<Voicing>, Keys> keys = new IdentityHashMap<>();
    private final Map<List<Voicing>, Map<List<Voicing>, Map<Time, Steps>>> known = new IdentityHashMap<>();

    private final Map<Steps, int[][]> whole = new IdentityHashMap<>();

    TransitionCosts(VoicingTask task, List<List<Voicing>> layers) {
        this.task = task;
        this.layers = layers;
        this.motion = task.weights().of(TransitionTerm.MOTION);
        this.turned = TransitionTerms.ALL.stream()
                .filter(term -> term != TransitionTerm.MOTION && task.weights().of(term) > 0)
                .toList();
        this.charged = task.school().entries().stream()
                .filter(entry -> entry.rule().isOnTheWay() && weight(entry) > 0)
                .toList();
    }

    /** From each candidate (row) to each (column). */
    int[][] costs(Transition pair) {
        return whole.computeIfAbsent(steps(pair), steps -> {
            int[][] costs = new int[steps.rows().length][steps.columns().length];
            for (int i = 0; i < costs.length; i++) {
                gather(steps.costs()[steps.rows()[i]], steps.columns(), costs[i]);
            }
            return costs;
        });
    }

    /** The same where candidates share ways. The same two chords come again and again and are measured once. */
    Steps steps(Transition pair) {
        List<Voicing> from = layers.get(pair.from());
        List<Voicing> to = layers.get(pair.to());
        // Where no rule is charged the time does not matter.
        Time time = charged.isEmpty()
                ? new Time(0, false, null, null, null, task.transitions().times(pair))
                : time(pair);
        return known.computeIfAbsent(from, here -> new IdentityHashMap<>())
                .computeIfAbsent(to, other -> new HashMap<>())
                .computeIfAbsent(
                        time, there -> steps(from, to, there, terms(pair)).times(there.times()));
    }

    private Steps steps(List<Voicing> from, List<Voicing> to, Time time, List<TransitionTerm> terms) {
        Grips last = keys(from).last();
        Grips first = keys(to).first();
        int[][] moved = charged(last.moved(first));
        List<TransitionTerm> here = terms.stream()
                .filter(term ->
                        from.stream().anyMatch(term.left()) || to.stream().anyMatch(term.met()))
                .toList();
        if (charged.isEmpty() && here.isEmpty()) {
            return new Steps(moved, last.of(), first.of());
        }
        int[][] costs = new int[from.size()][to.size()];
        for (int i = 0; i < costs.length; i++) {
            gather(moved[last.of()[i]], first.of(), costs[i]);
            for (int j = 0; !charged.isEmpty() && j < costs[i].length; j++) {
                costs[i][j] += charge(from.get(i), to.get(j), time, List.of());
            }
        }
        here.forEach(term -> charge(term, from, to, costs));
        return Steps.each(costs, to.size());
    }

    /** Adds what a wish charges, where it may charge anything. */
    private void charge(TransitionTerm term, List<Voicing> from, List<Voicing> to, int[][] costs) {
        int weight = task.weights().of(term);
        boolean[] met = new boolean[to.size()];
        for (int j = 0; j < met.length; j++) {
            met[j] = term.met().test(to.get(j));
        }
        for (int i = 0; i < costs.length; i++) {
            boolean left = term.left().test(from.get(i));
            for (int j = 0; j < met.length; j++) {
                if (left || met[j]) {
                    costs[i][j] += weight * term.count().of(from.get(i), to.get(j), task.hand());
                }
            }
        }
    }

    private static void gather(int[] values, int[] places, int[] into) {
        for (int j = 0; j < into.length; j++) {
            into[j] = values[places[j]];
        }
    }

    private int[][] charged(int[][] moved) {
        for (int[] row : moved) {
            for (int j = 0; j < row.length; j++) {
                row[j] *= motion;
            }
        }
        return moved;
    }

    private Keys keys(List<Voicing> layer) {
        return keys.computeIfAbsent(
                layer, list -> new Keys(Grips.of(list, TransitionTerm::first), Grips.of(list, TransitionTerm::last)));
    }

    /** Half steps moved by all fingers. */
    static int semitones(Voicing from, Voicing to) {
        return TransitionTerm.moved(from, to);
    }

    int cost(Voicing from, Voicing to, Transition pair) {
        int once = motion * semitones(from, to) + charge(from, to, time(pair), terms(pair));
        return once * task.transitions().times(pair);
    }

    /** What a style charges for on the way is charged between its own voicings. */
    private List<TransitionTerm> terms(Transition pair) {
        StyleChoice style = task.style(pair.to());
        if (style.style().ways().isEmpty() || !task.style(pair.from()).equals(style)) {
            return turned;
        }
        return Stream.concat(
                        turned.stream(),
                        style.style().ways().stream()
                                .filter(term -> task.weights().of(term) > 0))
                .toList();
    }

    private int charge(Voicing from, Voicing to, Time time, List<TransitionTerm> terms) {
        int sum = 0;
        for (TransitionTerm term : terms) {
            sum += task.weights().of(term) * term.count().of(from, to, task.hand());
        }
        if (!charged.isEmpty() && !from.isSilent() && !to.isSilent()) {
            Shift shift = shift(from, to, time);
            Step step = step(from, to, time);
            for (School.Entry entry : charged) {
                sum += weight(entry) * units(entry, shift, step);
            }
        }
        return sum;
    }

    private int weight(School.Entry entry) {
        return task.weights().ofRule(entry.rule().id(), entry.weight());
    }

    private static int units(School.Entry entry, Shift shift, Step step) {
        int[] units = {0};
        Object subject = entry.rule().subject() == Shift.class ? shift : step;
        entry.rule().look(subject, entry.limits(), fault -> units[0]++);
        return units[0];
    }

    private static Shift shift(Voicing from, Voicing to, Time time) {
        boolean journey = from.grips().size() > 1 || to.grips().size() > 1 || time.journey();
        return new Shift(from.last(), to.first(), time.seconds(), journey, false);
    }

    private static Step step(Voicing from, Voicing to, Time time) {
        return new Step(
                Sonority.ofHands(from, time.tune(), time.key()), Sonority.ofHands(to, time.tuneThen(), time.key()));
    }

    /** What a half step costs. */
    int motion() {
        return motion;
    }

    /** What each rule and each wish charges, for those that do. */
    List<Charge> charges(Voicing from, Voicing to, Transition pair) {
        List<Charge> charges = new ArrayList<>();
        for (TransitionTerm term : terms(pair)) {
            int units = term.count().of(from, to, task.hand());
            if (units > 0) {
                charges.add(new Charge(term.id(), units, units * task.weights().of(term)));
            }
        }
        boolean silent = from.isSilent() || to.isSilent();
        for (School.Entry entry : charged) {
            int units = silent ? 0 : units(entry, shift(from, to, time(pair)), step(from, to, time(pair)));
            if (units > 0) {
                charges.add(new Charge(entry.rule().id(), units, units * weight(entry)));
            }
        }
        return charges;
    }
}
