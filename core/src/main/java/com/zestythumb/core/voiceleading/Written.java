package com.zestythumb.core.voiceleading;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Pitch;
import java.util.List;

/**
 * What somebody wrote where a symbol says which chord it is to be.
 *
 * @param notes those of the left hand while the chord lasts, in time and from the lowest
 * @param above what else sounds meanwhile: the right hand and the tune
 */
public record Written(Chord chord, List<Note> notes, List<Pitch> above) {

    public Written {
        notes = List.copyOf(notes);
        above = List.copyOf(above);
    }

    /**
     * One of them.
     *
     * @param atOnce whether it is struck where the chord begins
     * @param steps whether a note next to it, a step away, comes behind it or went before: it passes, or leans
     * @param altered whether the same line of the staff had a sharp, flat or natural before in this bar that it has not
     */
    public record Note(Pitch pitch, boolean atOnce, boolean steps, boolean altered) {}
}
