package com.zestythumb.formats.musicxml;

import org.audiveris.proxymusic.Clef;
import org.audiveris.proxymusic.ClefSign;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.Pitch;

/** Lines and spaces of a staff, counted in letters from C0. */
final class StaffPlace {

    /** From the middle line to the outer ones. */
    static final int TO_THE_EDGE = 4;

    static final int LETTERS = 7;

    /** The middle lines of the treble clef, B4, and of the bass clef, D3. */
    static final int TREBLE = 34;

    static final int BASS = 22;

    private StaffPlace() {}

    static int of(Pitch pitch) {
        return "CDEFGAB".indexOf(pitch.getStep().name()) + LETTERS * pitch.getOctave();
    }

    static int middle(Clef clef) {
        return clef.getSign() == ClefSign.F ? BASS : TREBLE;
    }

    /** The number of the staff on which a note is written; an only one is the first. */
    static int staff(Note note) {
        return note.getStaff() == null ? 1 : note.getStaff().intValue();
    }
}
