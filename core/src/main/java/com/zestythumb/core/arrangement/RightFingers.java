package com.zestythumb.core.arrangement;

import com.zestythumb.core.fingering.ChordFingering;
import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.voicing.Grip;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Fingers for what the right hand plays of the accompaniment, held as one chord, together with the note of the tune that it
 * has then.
 *
 * @param byChord for each chord of the tune a finger for each key
 */
record RightFingers(Map<Integer, Map<Integer, Integer>> byChord) {

    private static final int FINGERS = 5;

    static RightFingers of(List<TimedNote> notes, LeadSheet sheet) {
        Map<Integer, Map<Integer, Integer>> byChord = new HashMap<>();
        notes.stream()
                .filter(note -> note.isRight() && !note.isBeneathTune(sheet))
                .collect(Collectors.groupingBy(TimedNote::chord))
                .forEach((chord, some) -> byChord.put(chord, held(some, sheet)));
        return new RightFingers(byChord);
    }

    private static Map<Integer, Integer> held(List<TimedNote> notes, LeadSheet sheet) {
        TimedNote first = notes.get(0);
        Stream<Pitch> tune = sheet.bars().get(first.bar()).melody().stream()
                .filter(note -> !note.isRest() && isTogether(note, first))
                .map(SheetNote::pitch);
        List<Pitch> keys = Stream.concat(notes.stream().map(TimedNote::pitch), tune)
                .distinct()
                .sorted(Comparator.comparingInt(Pitch::midi))
                .toList();
        Map<Integer, Integer> held = new HashMap<>();
        if (keys.size() <= FINGERS) {
            // A lone note is the thumb's, which is next to the left hand.
            List<Integer> fingers = keys.size() == 1 ? List.of(1) : ChordFingering.of(Side.RIGHT, keys);
            for (int i = 0; i < keys.size(); i++) {
                held.put(keys.get(i).midi(), fingers.get(i));
            }
        }
        return held;
    }

    private static boolean isTogether(SheetNote tune, TimedNote note) {
        return !tune.onset().isAfter(note.onset()) && note.onset().isBefore(tune.end());
    }

    /** The finger on a note; 0 where none is told. */
    int of(TimedNote note) {
        return byChord.getOrDefault(note.chord(), Map.of())
                .getOrDefault(note.pitch().midi(), 0);
    }

    List<Integer> of(int chord, Grip grip) {
        return grip.pitches().stream()
                .map(pitch -> byChord.getOrDefault(chord, Map.of()).getOrDefault(pitch.midi(), 0))
                .toList();
    }
}
