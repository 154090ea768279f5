package com.zestythumb.core.arrangement;

import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.solving.VoicingTask;
import com.zestythumb.core.voicing.Voicing;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What the left hand plays: computed from the chords and the teacher's choices, but where somebody wrote it.
 *
 * @param task what was asked of the solver
 * @param solved the solution for each chord
 * @param notes every note, by chord, in time and from the lowest; the fingers are those that are written
 * @param written the chords whose notes somebody wrote
 * @param gap by how many half steps at most another hand could be better under the same wishes
 * @param kept the pins that hold, by the chords for which they do
 * @param lostPins pins that fit no chord any more
 * @param thinned chords that the hand cannot play as their style means them
 * @param contradictions wishes that cannot all be kept
 */
public record LeftHand(
        VoicingTask task,
        List<Solved> solved,
        List<TimedNote> notes,
        Set<Integer> written,
        int gap,
        Map<Integer, KeptVoicing> kept,
        List<KeptVoicing> lostPins,
        Set<Integer> thinned,
        List<Contradiction> contradictions) {

    public LeftHand {
        solved = List.copyOf(solved);
        notes = List.copyOf(notes);
        written = Set.copyOf(written);
        kept = Map.copyOf(kept);
        lostPins = List.copyOf(lostPins);
        thinned = Set.copyOf(thinned);
        contradictions = List.copyOf(contradictions);
    }

    /** What lies under the hand at each sounding chord. */
    public List<Voicing> voicings() {
        return solved.stream().map(Solved::voicing).toList();
    }
}
