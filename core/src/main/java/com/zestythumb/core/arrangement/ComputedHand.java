package com.zestythumb.core.arrangement;

import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.voicing.Voicing;
import java.util.List;

/**
 * A left hand that was reckoned from the chords and the teacher's choices.
 *
 * @param solved the solution for each chord
 * @param lostPins pins that fit no chord any more
 */
public record ComputedHand(List<Solved> solved, List<TimedNote> notes, List<Pin> lostPins) implements LeftHand {

    public ComputedHand {
        solved = List.copyOf(solved);
        notes = List.copyOf(notes);
        lostPins = List.copyOf(lostPins);
    }

    @Override
    public List<Voicing> voicings() {
        return solved.stream().map(Solved::voicing).toList();
    }
}
