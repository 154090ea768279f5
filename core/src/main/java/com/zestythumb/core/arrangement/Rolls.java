package com.zestythumb.core.arrangement;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Touch;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** When the notes of rolled chords sound: each a little after the one below it. */
public final class Rolls {

    private static final Fraction APART = Fraction.of(1, 12);

    private Rolls() {}

    /** By the ids of notes, how many quarter notes they come late; those that come in time are left out. */
    public static Map<String, Fraction> delays(List<TimedNote> notes) {
        Map<String, Fraction> delays = new HashMap<>();
        notes.stream()
                .filter(note -> note.touch() == Touch.ROLLED)
                .collect(Collectors.groupingBy(note -> List.of(note.bar(), note.onset())))
                .values()
                .forEach(chord -> {
                    List<TimedNote> rising = chord.stream()
                            .sorted(Comparator.comparing(TimedNote::pitch))
                            .toList();
                    for (int i = 1; i < rising.size(); i++) {
                        delays.put(rising.get(i).id(), APART.times(i));
                    }
                });
        return delays;
    }
}
