package com.zestythumb.core.exercise;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.exercise.Exercise.Place;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.sheet.Heading;
import com.zestythumb.core.voicing.ChordTone;
import java.util.List;

/** How it is said which chord is to be played. */
final class Prompts {

    private static final List<ChordTone> MEMBERS =
            List.of(ChordTone.ROOT, ChordTone.THIRD, ChordTone.FIFTH, ChordTone.SEVENTH);
    private static final List<String> INVERSIONS =
            List.of("root position", "first inversion", "second inversion", "third inversion");

    private Prompts() {}

    static String of(Exercise exercise, Place place) {
        Heading heading = exercise.key().sheet().heading();
        Chord chord = place.event().chord();
        PitchClass lowest = place.voiced().first().lowest().pitchClass();
        int inversion = MEMBERS.indexOf(ChordTone.of(chord, lowest));
        String bass = heading.names().fromEnglish(lowest.pretty());
        if (exercise.asked() == ExerciseKind.INVERSIONS) {
            return heading.print(chord) + ", " + (inversion < 0 ? bass + " at the bottom" : INVERSIONS.get(inversion));
        }
        if (hasFigures(exercise)) {
            return (bass + " " + String.join("/", figures(exercise, place))).strip();
        }
        return heading.print(chord);
    }

    private static boolean hasFigures(Exercise exercise) {
        return exercise.asked() == ExerciseKind.FIGURES || exercise instanceof FourParts parts && parts.isOverBass();
    }

    /** What stands under its bass; none where no figures are asked for. */
    static List<String> figures(Exercise exercise, Place place) {
        if (!hasFigures(exercise)) {
            return List.of();
        }
        PitchClass bass = place.voiced().first().lowest().pitchClass();
        Key key = exercise.key().sheet().bars().get(place.event().bar()).key();
        List<String> before = exercise.places().stream()
                .filter(other -> other.event().bar() == place.event().bar()
                        && other.event().end().equals(place.event().start())
                        && other.voiced().first().lowest().pitchClass().equals(bass))
                .findFirst()
                .map(other -> figures(exercise, other))
                .orElse(List.of());
        return BassFigures.of(place.event().chord(), bass, key, before);
    }
}
