package com.zestythumb.core.arrangement;

import com.zestythumb.core.analysis.Numeral;
import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.sheet.ChordEvent;
import com.zestythumb.core.voicing.Cost;
import com.zestythumb.core.voicing.Voicing;
import com.zestythumb.core.voicing.VoicingSolver.Alternative;
import java.util.List;

/**
 * One chord of the tune under the hand.
 *
 * @param index place among the sounding chords, from 0
 * @param event when it sounds
 * @param voicing its notes
 * @param fingers a finger for each note, lowest note first
 * @param numeral what it is in the key, figures by the note that sounds lowest
 * @param cost what the hand pays to come here
 * @param pinned whether the teacher fixed it
 * @param alternatives other ways to play it, cheapest first
 */
public record ArrangedChord(
        int index,
        ChordEvent event,
        Voicing voicing,
        List<Integer> fingers,
        Numeral numeral,
        Cost cost,
        boolean pinned,
        List<Alternative> alternatives) {

    public Chord chord() {
        return event.chord();
    }
}
