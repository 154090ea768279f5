package com.zestythumb.core.solving;

import com.zestythumb.core.sheet.Transitions.Transition;
import com.zestythumb.core.solving.VoicingSolver.Alternative;
import com.zestythumb.core.solving.VoicingSolver.Solution;
import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.voicing.CostTerm;
import com.zestythumb.core.voicing.TransitionTerm;
import com.zestythumb.core.voicing.Voicing;
import com.zestythumb.core.voicing.Weights;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Why another way to play a chord is dearer: the whole tune, solved with it, against the whole tune as it is. */
public final class Prices {

    private Prices() {}

    /**
     * Another way to play a chord.
     *
     * @param price half steps that the whole tune costs more at best; below 0 where a chord is fixed otherwise and this way
     *     would be cheaper
     * @param terms which terms make it so, the dearest first: half steps more, or less
     */
    public record Price(Voicing voicing, int price, Map<String, Integer> terms) {}

    /**
     * The cheapest other ways to play one chord.
     *
     * @param most how many
     */
    public static List<Price> of(VoicingTask task, int chord, int most) {
        Solution now = VoicingSolver.solution(task, most);
        Map<String, Integer> here = byTerm(task, now);
        List<Price> prices = new ArrayList<>();
        for (Alternative other : now.chords().get(chord).alternatives()) {
            Map<Integer, Voicing> pins = new HashMap<>(task.pins());
            pins.put(chord, other.voicing());
            VoicingTask fixed = task.withPins(pins);
            Map<String, Integer> more = byTerm(fixed, VoicingSolver.solution(fixed, 0));
            here.forEach((id, semitones) -> more.merge(id, -semitones, Integer::sum));
            prices.add(new Price(
                    other.voicing(),
                    more.values().stream().mapToInt(Integer::intValue).sum(),
                    dearestFirst(more)));
        }
        prices.sort(Comparator.comparingInt(Price::price));
        return prices;
    }

    private static Map<String, Integer> dearestFirst(Map<String, Integer> terms) {
        Map<String, Integer> sorted = new LinkedHashMap<>();
        terms.entrySet().stream()
                .filter(term -> term.getValue() != 0)
                .sorted(Comparator.comparing((Map.Entry<String, Integer> term) -> -term.getValue())
                        .thenComparing(Map.Entry::getKey))
                .forEach(term -> sorted.put(term.getKey(), term.getValue()));
        return sorted;
    }

    /** What a whole left hand costs, by the ids of terms. */
    private static Map<String, Integer> byTerm(VoicingTask task, Solution solution) {
        List<Voicing> row = solution.chords().stream().map(Solved::voicing).toList();
        Map<String, Integer> sums = byTerm(task, row);
        sums.put(Weights.SHAPES, task.weights().ofShapes() * solution.shapes());
        return sums;
    }

    /** What a row of voicings costs, by the ids of terms; each way that is played is counted once, shapes are not. */
    static Map<String, Integer> byTerm(VoicingTask task, List<Voicing> row) {
        Map<String, Integer> sums = new HashMap<>();
        OwnCosts own = OwnCosts.each(task);
        for (int i = 0; i < row.size(); i++) {
            for (CostTerm term : own.terms(i)) {
                int units = term.count().of(row.get(i), own.place(i));
                sums.merge(term.id(), units * task.weights().of(term), Integer::sum);
            }
        }
        TransitionCosts ways =
                new TransitionCosts(task, row.stream().map(List::of).toList());
        for (Transition pair : task.transitions().pairs()) {
            Voicing from = row.get(pair.from());
            Voicing to = row.get(pair.to());
            sums.merge(TransitionTerm.MOTION.id(), ways.motion() * TransitionCosts.semitones(from, to), Integer::sum);
            ways.charges(from, to, pair).forEach(charge -> sums.merge(charge.id(), charge.semitones(), Integer::sum));
        }
        return sums;
    }
}
