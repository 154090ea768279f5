package com.zestythumb.core.voiceleading;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Pitch;
import java.util.List;

/**
 * What somebody wrote where a symbol says which chord it is to be.
 *
 * @param notes what sounds while the chord lasts, in time and from the lowest
 * @param slashes whether the chart writes basses, so that a plain symbol stands for its root in the bass
 * @param sung whether the page is in parts
 * @param last whether nothing follows
 * @param key null where none is clear
 */
public record ChordWritten(Chord chord, List<Note> notes, boolean slashes, boolean sung, boolean last, Key key) {

    public ChordWritten {
        notes = List.copyOf(notes);
    }

    /**
     * One of them.
     *
     * @param left whether the left hand, or one of the lower parts, has it
     * @param atOnce whether it is struck where the chord begins
     * @param steps whether a note next to it, a step away, comes behind it or went before: it passes, or leans; or it is held over
     *     from the chord before, or into the next
     * @param altered whether the same line of the staff had a sharp, flat or natural before in this bar that it has not
     */
    public record Note(Voice voice, Pitch pitch, boolean left, boolean atOnce, boolean steps, boolean altered) {}

    /** Those of the left hand; all where the page is sung. */
    List<Note> own() {
        return sung ? notes : notes.stream().filter(Note::left).toList();
    }
}
