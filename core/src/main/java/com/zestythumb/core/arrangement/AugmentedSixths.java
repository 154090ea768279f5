package com.zestythumb.core.arrangement;

import com.zestythumb.core.analysis.Analysis;
import com.zestythumb.core.analysis.Role;
import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.pitch.Spelling;
import java.util.List;
import java.util.stream.Stream;

/**
 * An augmented sixth is written as one, for its notes push apart to the dominant's octave: F sharp over A flat. What somebody
 * wrote stays as it is.
 */
record AugmentedSixths(Analysis analysis, WrittenHand written) {

    /** The notes of augmented sixths above the tonic. */
    private static final List<Interval> NOTES =
            Stream.of("m6", "P1", "M2", "m3", "A4").map(Interval::parse).toList();

    boolean isOne(int chord) {
        return chord >= 0 && analysis.readings().get(chord).role() == Role.AUGMENTED_SIXTH && !written.has(chord);
    }

    List<TimedNote> spelled(List<TimedNote> notes) {
        return notes.stream()
                .map(note ->
                        isOne(note.chord()) ? note.with(note.note().with(spelled(note.pitch(), note.chord()))) : note)
                .toList();
    }

    Pitch spelled(Pitch pitch, int chord) {
        PitchClass tonic = analysis.readings().get(chord).key().tonic();
        return NOTES.stream()
                .map(tonic::plus)
                .filter(name -> name.soundsLike(pitch.pitchClass()))
                .findFirst()
                .map(name -> Spelling.as(name, pitch.midi()))
                .orElse(pitch);
    }
}
