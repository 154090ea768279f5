package com.zestythumb.core.exercise;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.chord.Quality;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.pitch.Spelling;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Names what a student played where another chord was asked for. */
final class PlayedChord {

    private static final int KEYS = 12;
    private static final int FEWEST = 3;

    private PlayedChord() {}

    /**
     * The chord that has these notes and no others; of several the one on the root that was asked for, then the one on the lowest
     * note, then the plainest.
     *
     * @param semitones of the notes, from the lowest key
     */
    static Optional<Chord> of(List<Integer> semitones, Chord asked, Key key) {
        Set<Integer> played = Set.copyOf(semitones);
        if (played.size() < FEWEST) {
            return Optional.empty();
        }
        List<Integer> roots = new ArrayList<>(List.of(asked.root().semitone()));
        roots.addAll(semitones);
        for (int root : roots) {
            for (Quality quality : Quality.common()) {
                Set<Integer> tones = quality.intervals().stream()
                        .map(interval -> Math.floorMod(root + interval.semitones(), KEYS))
                        .collect(Collectors.toSet());
                if (tones.equals(played)) {
                    return Optional.of(Chord.of(name(root, asked, key), quality));
                }
            }
        }
        return Optional.empty();
    }

    private static PitchClass name(int semitone, Chord asked, Key key) {
        return asked.tones().stream()
                .filter(tone -> tone.semitone() == semitone)
                .findFirst()
                .orElseGet(() -> Spelling.of(semitone + 5 * KEYS, key).pitchClass());
    }
}
