package com.zestythumb.core.arrangement;

import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.solving.VoicingTask;
import com.zestythumb.core.voicing.Voicing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;

/**
 * Wishes for one chord that cannot all be kept.
 *
 * @param chord index of the chord
 */
public record Contradiction(Kind kind, int chord) {

    /** What contradicts what. */
    public enum Kind {
        FIXED_TWICE("is fixed twice; the later one counts"),
        FIXED_AND_FORBIDDEN("is fixed with a note that is not to be played; it is played all the same"),
        NOTHING_LEFT("has no note left but those that are not to be played; they are played all the same"),
        NOT_TO_BE_HAD("cannot be played with the note you want at its edge; it is played as it can"),
        FINGER_TWICE("has one finger given to two notes");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** Behind the name of the chord. */
        public String words() {
            return words;
        }
    }

    /** All of a tune, in its order. */
    static List<Contradiction> all(
            VoicingTask task, Map<Integer, KeptVoicing> pins, List<Contradiction> known, List<Voicing> solved) {
        List<Contradiction> all = new ArrayList<>(known);
        for (int i = 0; i < task.chords().size(); i++) {
            KeptVoicing pin = pins.get(i);
            if (pin != null && pin.notes().stream().anyMatch(note -> isForbidden(note.pitchClass(), task))) {
                all.add(new Contradiction(Kind.FIXED_AND_FORBIDDEN, i));
            }
            if (pin != null
                    && new HashSet<>(pin.fingers().values()).size()
                            < pin.fingers().size()) {
                all.add(new Contradiction(Kind.FINGER_TWICE, i));
            }
            if (!task.keeps(i, solved.get(i))) {
                all.add(new Contradiction(Kind.NOT_TO_BE_HAD, i));
            }
            if (pin == null && task.chords().get(i).tones().stream().allMatch(note -> isForbidden(note, task))) {
                all.add(new Contradiction(Kind.NOTHING_LEFT, i));
            }
        }
        all.sort(Comparator.comparingInt(Contradiction::chord));
        return all;
    }

    private static boolean isForbidden(PitchClass note, VoicingTask task) {
        return task.forbidden().stream().anyMatch(note::soundsLike);
    }
}
