package com.zestythumb.core.arrangement;

import com.zestythumb.core.analysis.Numeral;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.solving.VoicingSolver.Solved;
import com.zestythumb.core.voicing.Voicing;
import java.util.List;
import java.util.Optional;

/**
 * One chord of the tune under the hand.
 *
 * @param index place among the sounding chords, from 0
 * @param event when it sounds
 * @param voicing its notes
 * @param fingers for each grip a finger for each of its notes, lowest note first
 * @param numeral what it is in the key, figures by its sounding bass
 * @param solved what it costs and what else could be played; nothing where somebody wrote the notes
 */
public record ArrangedChord(
        int index,
        ChordEvent event,
        Voicing voicing,
        List<List<Integer>> fingers,
        Numeral numeral,
        Optional<Solved> solved) {

    public Chord chord() {
        return event.chord();
    }

    /** Whether somebody wrote its notes. */
    public boolean isWritten() {
        return solved.isEmpty();
    }

    /** A finger for each note of the voicing, in the order of its notes. */
    public List<Integer> allFingers() {
        return fingers.size() == 1
                ? fingers.get(0)
                : fingers.stream().flatMap(List::stream).toList();
    }
}
