package com.zestythumb.formats.musicxml;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import java.util.ArrayList;
import java.util.List;
import org.audiveris.proxymusic.Beam;
import org.audiveris.proxymusic.BeamValue;
import org.audiveris.proxymusic.Note;

/** Joins neighbouring eighths by a beam: in 6/8 in threes, in 4/4 by the half bar, else by the bar. */
final class Beams {

    private static final Fraction EIGHTH = Fraction.of(1, 2);

    private final Fraction group;
    private final List<Note> open = new ArrayList<>();
    private long openGroup;

    Beams(Meter meter) {
        group = meter.isCompound() ? meter.beatLength() : meter.figureGroup();
    }

    /** Takes the next written value; a null note is a rest and ends the beam. */
    void add(Fraction onset, NoteValue value, Note note) {
        long here = onset.dividedBy(group).floor();
        boolean beamable = note != null && value.length().equals(EIGHTH);
        if (!beamable || here != openGroup) {
            close();
        }
        if (beamable) {
            open.add(note);
            openGroup = here;
        }
    }

    /** Writes the beam over the notes gathered so far; a single note keeps its flag. */
    void close() {
        for (int i = 0; i < open.size() && open.size() > 1; i++) {
            Beam beam = new Beam();
            beam.setNumber(1);
            beam.setValue(i == 0 ? BeamValue.BEGIN : i == open.size() - 1 ? BeamValue.END : BeamValue.CONTINUE);
            open.get(i).getBeam().add(beam);
        }
        open.clear();
    }
}
