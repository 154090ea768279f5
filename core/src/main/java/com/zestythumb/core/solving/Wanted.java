package com.zestythumb.core.solving;

import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.voicing.Voicing;
import java.util.Comparator;

/**
 * A note that is wanted at an edge of a chord, whatever its octave, so that a line is heard.
 *
 * @param top the highest note; null where any may be
 * @param bass the lowest; null where any may be
 */
public record Wanted(PitchClass top, PitchClass bass) {

    boolean allows(Voicing voicing) {
        var pitches = voicing.pitches().stream()
                .sorted(Comparator.comparingInt(pitch -> pitch.midi()))
                .toList();
        return !pitches.isEmpty()
                && (bass == null || bass.soundsLike(pitches.get(0).pitchClass()))
                && (top == null
                        || top.soundsLike(pitches.get(pitches.size() - 1).pitchClass()));
    }
}
