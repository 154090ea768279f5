package com.zestythumb.formats.musicxml;

import com.zestythumb.core.sheet.Fraction;
import java.util.ArrayList;
import java.util.List;
import org.audiveris.proxymusic.Beam;
import org.audiveris.proxymusic.BeamValue;
import org.audiveris.proxymusic.Note;

/** Joins the short notes of a group by beams, as many as their values have flags. */
final class Beams {

    private record Flagged(Note note, int flags) {}

    private final Fraction group;
    private final List<Flagged> open = new ArrayList<>();
    private long openGroup;

    /** Beams never reach over the end of a group of this length. */
    Beams(Fraction group) {
        this.group = group;
    }

    /** Takes the next written value; a null note is a rest and ends the beam. */
    void add(Fraction onset, NoteValue value, Note note) {
        long here = onset.dividedBy(group).floor();
        boolean beamable = note != null && value.flags() > 0;
        if (!beamable || here != openGroup) {
            close();
        }
        if (beamable) {
            open.add(new Flagged(note, value.flags()));
            openGroup = here;
        }
    }

    /** Writes the beams over the notes gathered so far; a single note keeps its flag. */
    void close() {
        for (int i = 0; i < open.size() && open.size() > 1; i++) {
            for (int level = 1; level <= open.get(i).flags(); level++) {
                Beam beam = new Beam();
                beam.setNumber(level);
                beam.setValue(value(i, level));
                open.get(i).note().getBeam().add(beam);
            }
        }
        open.clear();
    }

    private BeamValue value(int i, int level) {
        boolean before = i > 0 && open.get(i - 1).flags() >= level;
        boolean after = i + 1 < open.size() && open.get(i + 1).flags() >= level;
        if (before) {
            return after ? BeamValue.CONTINUE : BeamValue.END;
        }
        if (after) {
            return BeamValue.BEGIN;
        }
        return i > 0 ? BeamValue.BACKWARD_HOOK : BeamValue.FORWARD_HOOK;
    }
}
