package com.zestythumb.core.solving;

import com.zestythumb.core.voicing.ChordContext;
import com.zestythumb.core.voicing.CostTerm;
import com.zestythumb.core.voicing.Place;
import com.zestythumb.core.voicing.TuneTerms;
import com.zestythumb.core.voicing.Voicing;
import com.zestythumb.core.voicing.VoicingStyle;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What each voicing is charged by itself, at its place in the tune: by the terms of its style, the rules of the school and the tune above. */
final class OwnCosts {

    private final VoicingTask task;
    private final Map<VoicingStyle, List<CostTerm>> termsOf = new HashMap<>();
    private final Map<VoicingStyle, List<CostTerm>> termsAlone = new HashMap<>();

    /** For each chord of the solver the chords of the task that it stands for. */
    private final List<List<Integer>> members;

    OwnCosts(VoicingTask task, List<List<Integer>> members) {
        this.task = task;
        this.members = members;
    }

    /** For a solver that lays each chord by itself. */
    static OwnCosts each(VoicingTask task) {
        return new OwnCosts(
                task,
                IntStream.range(0, task.chords().size()).mapToObj(List::of).toList());
    }

    /** What one way to lay a chord is charged. */
    int of(int chord, Voicing voicing) {
        int sum = 0;
        for (int member : members.get(chord)) {
            sum += charge(voicing, placeOf(member), termsOf(member));
        }
        return sum;
    }

    /** What each candidate is charged; at places that are alike the same chord is charged the same. */
    int[][] of(List<List<Voicing>> layers) {
        Map<List<Voicing>, Map<Place, int[]>> known = new IdentityHashMap<>();
        int[][] charges = new int[layers.size()][];
        for (int layer = 0; layer < charges.length; layer++) {
            List<Voicing> here = layers.get(layer);
            for (int member : members.get(layer)) {
                int[] more = known.computeIfAbsent(here, list -> new HashMap<>())
                        .computeIfAbsent(
                                placeOf(member),
                                place -> here.stream()
                                        .mapToInt(voicing -> charge(voicing, place, termsOf(member)))
                                        .toArray());
                charges[layer] = charges[layer] == null ? more : Matrices.sum(charges[layer], more);
            }
        }
        return charges;
    }

    private int charge(Voicing voicing, Place place, List<CostTerm> terms) {
        int sum = 0;
        for (CostTerm term : terms) {
            sum += task.weights().of(term) * term.count().of(voicing, place);
        }
        return sum;
    }

    /** What a chord may be charged for. */
    List<CostTerm> terms(int chord) {
        return termsOf(members.get(chord).get(0));
    }

    Place place(int chord) {
        return placeOf(members.get(chord).get(0));
    }

    private List<CostTerm> termsOf(int chord) {
        // Where nothing goes on around a chord there is nothing to ask of it.
        boolean alone = task.around(chord) == ChordContext.NOTHING;
        return (alone ? termsAlone : termsOf)
                .computeIfAbsent(
                        task.style(chord).style(),
                        style -> Stream.of(style.terms(), task.school().charges(!alone), TuneTerms.ALL)
                                .flatMap(List::stream)
                                .filter(term -> task.weights().of(term) > 0)
                                .filter(term -> !alone || !TuneTerms.OF_THE_TUNE.contains(term))
                                .toList());
    }

    private Place placeOf(int chord) {
        return new Place(
                task.hand(),
                chord == task.transitions().opening(),
                // Where the tune goes round again it does not come to rest.
                chord == task.transitions().closing() && task.transitions().next(chord) < 0,
                task.around(chord),
                task.style(chord).strokes());
    }
}
