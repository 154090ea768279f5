package com.zestythumb.core.arrangement;

import com.zestythumb.core.voicing.Voicing;

/** What is heard over what: the tune over the bass, the bass over its chords (common practice). */
public final class Balance {

    private Balance() {}

    /** Whether a note is the bass of its chord, or the second bass that comes by turns with it. */
    public static boolean isBass(TimedNote note, Arrangement arrangement) {
        if (note.chord() < 0 || note.isRight()) {
            return false;
        }
        Voicing voicing = arrangement.chords().get(note.chord()).voicing();
        if (voicing.isSilent()) {
            return false;
        }
        boolean byTurns = voicing.grips().size() > 2;
        return note.pitch().equals(voicing.first().lowest())
                || byTurns
                        && voicing.grips().stream()
                                .filter(grip -> grip.tones().size() == 1)
                                .anyMatch(grip -> grip.lowest().equals(note.pitch()));
    }
}
