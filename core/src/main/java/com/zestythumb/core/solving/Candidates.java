package com.zestythumb.core.solving;

import com.zestythumb.core.solving.VoicingTask.ChordInStyle;
import com.zestythumb.core.stopping.StoppedException;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The ways in which each chord of a task may be voiced. The same chord in the same style has the same list. */
public final class Candidates {

    private Candidates() {}

    /** For each chord all voicings of its style, and the pinned one if it is none of them; where somebody wrote it that alone. */
    public static List<List<Voicing>> of(VoicingTask task) {
        Map<ChordInStyle, List<Voicing>> known = new HashMap<>();
        List<List<Voicing>> layers = new ArrayList<>();
        for (int i = 0; i < task.chords().size(); i++) {
            StoppedException.ifInterrupted();
            if (task.written().containsKey(i)) {
                layers.add(List.of(task.written().get(i)));
                continue;
            }
            List<Voicing> layer = known.computeIfAbsent(
                    new ChordInStyle(task.chords().get(i), task.style(i)), voiced -> allowed(voiced, task));
            Wanted wanted = task.wanted().get(i);
            if (wanted != null && layer.stream().anyMatch(wanted::allows)) {
                layer = layer.stream().filter(wanted::allows).toList();
            }
            Voicing pin = task.pins().get(i);
            if (pin != null && !layer.contains(pin)) {
                layer = new ArrayList<>(layer);
                layer.add(pin);
            }
            layers.add(layer);
        }
        return layers;
    }

    /** The voicings of a chord without the forbidden notes, where any is left. */
    private static List<Voicing> allowed(ChordInStyle voiced, VoicingTask task) {
        List<Voicing> all = voiced.style().candidates(voiced.chord(), task.hand(), task.mostNotes());
        if (task.forbidden().isEmpty()) {
            return all;
        }
        List<Voicing> some = all.stream()
                .filter(voicing -> voicing.pitches().stream()
                        .noneMatch(pitch ->
                                task.forbidden().stream().anyMatch(note -> note.soundsLike(pitch.pitchClass()))))
                .toList();
        return some.isEmpty() ? all : some;
    }
}
