package com.zestythumb.core.harmonising;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import java.util.List;

/**
 * Chords for a whole tune, the best there are under a level.
 *
 * @param level how rich they may be
 * @param key the key they are in
 * @param sheet the tune with its chords, marked as guesses but for those that the teacher set
 * @param chords one for each proposed chord, in order
 * @param cost what the whole costs, for comparing ways of one level; lower is better
 */
public record Proposal(Level level, Key key, LeadSheet sheet, List<Proposed> chords, double cost) {

    /**
     * A chord that is proposed.
     *
     * @param bar index of its bar
     * @param start quarter notes after the bar line
     * @param others the other chords that might stand there, the cheapest first
     */
    public record Proposed(int bar, Fraction start, Fraction duration, Chord chord, List<Priced> others) {}

    /**
     * Another chord.
     *
     * @param price what the whole would cost more with it, everything else solved anew around it
     */
    public record Priced(Chord chord, double price) {}

    public Proposal {
        chords = List.copyOf(chords);
    }
}
