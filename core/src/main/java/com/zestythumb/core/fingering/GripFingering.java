package com.zestythumb.core.fingering;

import com.zestythumb.core.voicing.Grip;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** Each grip has the fingers of its chord and keeps them while it is played: {@link ChordFingering}. */
public final class GripFingering implements FingerSearch {

    private static final int FINGERS = 5;

    @Override
    public Fingers search(List<Grip> grips, List<Strike> strikes) {
        Map<Grip, List<Integer>> known = new HashMap<>();
        List<List<Integer>> held = new ArrayList<>();
        grips.forEach(grip -> held.add(known.computeIfAbsent(grip, GripFingering::fingers)));
        return new Fingers(
                held,
                strikes.stream()
                        .map(strike -> held.get(strike.grip()).get(strike.note()))
                        .toList());
    }

    private static List<Integer> fingers(Grip grip) {
        int notes = grip.tones().size();
        return notes <= FINGERS
                ? ChordFingering.left(grip.pitches())
                : IntStream.range(0, notes).mapToObj(note -> 0).toList();
    }
}
