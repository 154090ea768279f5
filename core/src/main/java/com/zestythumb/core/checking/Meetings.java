package com.zestythumb.core.checking;

import com.zestythumb.core.arrangement.Arrangement;
import com.zestythumb.core.arrangement.Surroundings;
import com.zestythumb.core.arrangement.TimedNote;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.MelodyNote;
import com.zestythumb.core.voiceleading.Meeting;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** Finds where the accompaniment and the tune sound together. */
final class Meetings {

    private Meetings() {}

    /** By the index of the chord, each meeting of two pitches once. O(notes of a bar squared). */
    static Map<Integer, Set<Meeting>> of(Arrangement arrangement) {
        Map<Integer, Set<Meeting>> meetings = new TreeMap<>();
        if (!arrangement.sheet().hasMelody()) {
            return meetings;
        }
        Map<Integer, List<TimedNote>> byBar =
                arrangement.notes().stream().collect(Collectors.groupingBy(TimedNote::bar));
        byBar.forEach((index, notes) -> {
            Bar bar = arrangement.sheet().bars().get(index);
            for (MelodyNote tune : bar.melody()) {
                for (TimedNote note : notes) {
                    if (!tune.isRest() && note.chord() >= 0 && isTogether(note, tune)) {
                        meetings.computeIfAbsent(note.chord(), chord -> new LinkedHashSet<>())
                                .add(meeting(arrangement, bar, note, tune));
                    }
                }
            }
        });
        return meetings;
    }

    private static boolean isTogether(TimedNote note, MelodyNote tune) {
        Fraction end = note.onset().plus(note.duration());
        return tune.onset().compareTo(end) < 0 && tune.end().compareTo(note.onset()) > 0;
    }

    private static Meeting meeting(Arrangement arrangement, Bar bar, TimedNote note, MelodyNote tune) {
        Fraction from = tune.onset().compareTo(note.onset()) > 0 ? tune.onset() : note.onset();
        PitchClass leading = Surroundings.leadingTone(arrangement.analysis(), note.chord());
        boolean leads = leading != null
                && note.pitch().pitchClass().soundsLike(leading)
                && tune.pitch().pitchClass().soundsLike(leading);
        return new Meeting(note.pitch(), tune.pitch(), Surroundings.isStrong(bar, from), note.soft(), leads);
    }
}
