package com.zestythumb.core.voiceleading;

import com.zestythumb.core.chord.Chord;
import com.zestythumb.core.voicing.Tone;

/**
 * A note of a part, or of the tune, between the different ones before and behind it.
 *
 * @param before null at the beginning and behind a rest
 * @param after null at the end and before a rest
 * @param chordBefore over which the one before is left
 * @param chord over which it is struck
 * @param held whether it sounds on into another chord, of which it is no note
 * @param chordHeld that chord; else null
 * @param sung whether it is a part of a page in parts
 */
public record Line(
        Voice voice,
        Tone before,
        Tone here,
        Tone after,
        Chord chordBefore,
        Chord chord,
        Chord chordHeld,
        boolean sung) {

    /** How it is come to. */
    Move in() {
        return before == null ? null : new Move(voice, before, here);
    }

    /** How it is left. */
    Move out() {
        return after == null ? null : new Move(voice, here, after);
    }
}
