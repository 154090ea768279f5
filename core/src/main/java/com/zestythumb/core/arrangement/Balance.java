package com.zestythumb.core.arrangement;

/** What is heard over what: the tune over the bass, the bass over its chords (common practice). */
public final class Balance {

    private Balance() {}

    /** Whether a note is the bass of its chord. */
    public static boolean isBass(TimedNote note, Arrangement arrangement) {
        return note.chord() >= 0
                && !note.isRight()
                && !arrangement.chords().get(note.chord()).voicing().isSilent()
                && note.pitch()
                        .equals(arrangement
                                .chords()
                                .get(note.chord())
                                .voicing()
                                .first()
                                .lowest());
    }
}
