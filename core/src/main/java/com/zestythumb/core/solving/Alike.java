package com.zestythumb.core.solving;

import com.zestythumb.core.sheet.Transitions.Transition;
import com.zestythumb.core.solving.VoicingSolver.Solution;
import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Chords that are voiced alike because their lines are: they are one chord to the solver, which pays for each of them and for
 * every way to and from them, as it does for a bar that is written once and played twice.
 */
final class Alike {

    private final VoicingTask task;
    /** For each chord which of the different ones it is. */
    private final int[] place;
    /** For each of the different ones the chords that are it. */
    private final List<List<Integer>> members = new ArrayList<>();

    Alike(VoicingTask task) {
        this.task = task;
        this.place = new int[task.chords().size()];
        Map<Integer, Integer> places = new HashMap<>();
        for (int chord = 0; chord < place.length; chord++) {
            // What is fixed is voiced for itself.
            boolean alone = task.alike().isEmpty()
                    || task.pins().containsKey(chord)
                    || task.written().containsKey(chord);
            int first = alone ? -1 - chord : task.alike().get(chord);
            place[chord] = places.computeIfAbsent(first, f -> {
                members.add(new ArrayList<>());
                return members.size() - 1;
            });
            members.get(place[chord]).add(chord);
        }
    }

    /** Whether every chord is alone. */
    boolean isNone() {
        return members.size() == place.length;
    }

    /** Whether they are voiced alike already. */
    boolean holds(Solution found) {
        for (List<Integer> some : members) {
            Voicing voiced = found.chords().get(some.get(0)).voicing();
            for (int chord : some) {
                if (!found.chords().get(chord).voicing().equals(voiced)) {
                    return false;
                }
            }
        }
        return true;
    }

    /** The chords of which each of the different ones stands for some. */
    List<List<Integer>> members() {
        return members;
    }

    /** The task with each of them once. */
    VoicingTask once() {
        List<Integer> first = members.stream().map(some -> some.get(0)).toList();
        Map<Transition, Double> seconds = new HashMap<>();
        for (Transition pair : task.transitions().pairs()) {
            seconds.merge(
                    new Transition(place[pair.from()], place[pair.to()]),
                    task.seconds().applyAsDouble(pair),
                    Math::min);
        }
        Map<Integer, Voicing> pins = new HashMap<>();
        task.pins().forEach((chord, voicing) -> pins.put(place[chord], voicing));
        Map<Integer, Voicing> written = new HashMap<>();
        task.written().forEach((chord, voicing) -> written.put(place[chord], voicing));
        Map<Integer, Wanted> wanted = new HashMap<>();
        task.wanted().forEach((chord, note) -> wanted.put(place[chord], note));
        return new VoicingTask(
                first.stream().map(task.chords()::get).toList(),
                task.transitions().merged(place, members.size()),
                first.stream().map(task.styles()::get).toList(),
                task.hand(),
                task.mostNotes(),
                task.school(),
                seconds::get,
                task.weights(),
                first.stream().map(task::around).toList(),
                task.forbidden(),
                wanted,
                pins,
                written,
                List.of());
    }

    /** What was found for each of them, for every chord. */
    Solution everywhere(Solution once) {
        List<Voicing> row = new ArrayList<>();
        for (int chord = 0; chord < place.length; chord++) {
            row.add(once.chords().get(place[chord]).voicing());
        }
        List<Cost> costs = VoicingSolver.costs(task, row);
        List<Solved> solved = new ArrayList<>();
        for (int chord = 0; chord < place.length; chord++) {
            Solved found = once.chords().get(place[chord]);
            boolean first = members.get(place[chord]).get(0) == chord;
            solved.add(new Solved(
                    row.get(chord),
                    first ? costs.get(chord).with(found.cost().shapes()) : costs.get(chord),
                    found.pinned(),
                    found.alternatives()));
        }
        return new Solution(solved, once.shapes(), once.gap());
    }
}
