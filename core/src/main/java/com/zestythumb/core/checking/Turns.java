package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.checking.Parts.Instant;
import com.zestythumb.core.sheet.Transitions.Transition;
import com.zestythumb.core.voiceleading.Turn;
import com.zestythumb.core.voicing.Voicing;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Finds each chord between those that are played before it and behind it. */
final class Turns {

    private Turns() {}

    /** By the index of the chord in the middle; as the parts have it, or else the hands. */
    static Map<Integer, Turn> of(Arrangement arrangement, List<Instant> parts) {
        Map<Integer, Voicing> voicings = parts.isEmpty() ? new TreeMap<>() : Parts.firsts(parts);
        if (parts.isEmpty()) {
            arrangement.chords().stream()
                    .filter(chord -> !chord.voicing().isSilent())
                    .forEach(chord -> voicings.put(chord.index(), Passages.inVoices(chord)));
        }
        Map<Integer, Integer> before = new TreeMap<>();
        Map<Integer, Integer> after = new TreeMap<>();
        for (Transition pair : arrangement.transitions().pairs()) {
            before.putIfAbsent(pair.to(), pair.from());
            after.putIfAbsent(pair.from(), pair.to());
        }
        Map<Integer, Turn> turns = new TreeMap<>();
        voicings.forEach((chord, here) -> turns.put(
                chord,
                new Turn(
                        voicings.get(before.getOrDefault(chord, -1)),
                        here,
                        voicings.get(after.getOrDefault(chord, -1)))));
        return turns;
    }
}
