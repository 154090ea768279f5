package com.zestythumb.formats.musicxml;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.audiveris.proxymusic.Beam;
import org.audiveris.proxymusic.BeamValue;
import org.audiveris.proxymusic.Note;

/**
 * Joins the short notes of a group by beams, as many as their values have flags. Where some are shorter than an eighth, or are
 * in a tuplet, the quarters are seen (common practice).
 */
final class Beams {

    private record Flagged(Fraction onset, Note note, int flags) {}

    private final List<Fraction> ends;
    private final Fraction beat;
    private final List<Flagged> open = new ArrayList<>();
    private long openGroup;

    /** Beams never reach over the end of a group of this meter. */
    Beams(Meter meter) {
        this.ends = meter.beamEnds();
        this.beat = meter.unit() > 4 ? meter.barLength() : Fraction.of(1);
    }

    /** Takes the next written value; a null note is a rest and ends the beam. */
    void add(Fraction onset, NoteValue value, Note note) {
        long here = ends.stream().filter(end -> !end.isAfter(onset)).count();
        boolean beamable = note != null && value.flags() > 0;
        if (!beamable || here != openGroup) {
            close();
        }
        if (beamable) {
            open.add(new Flagged(onset, note, value.flags()));
            openGroup = here;
        }
    }

    /** Writes the beams over the notes gathered so far; a single note keeps its flag. */
    void close() {
        boolean byBeat =
                open.stream().anyMatch(one -> one.flags() > 1 || one.note().getTimeModification() != null);
        if (byBeat) {
            open.stream()
                    .collect(Collectors.groupingBy(
                            one -> one.onset().dividedBy(beat).floor(), TreeMap::new, Collectors.toList()))
                    .values()
                    .forEach(this::join);
        } else {
            join(open);
        }
        open.clear();
    }

    private void join(List<Flagged> notes) {
        if (notes.size() > 1) {
            Notes.bracketByBeam(notes.get(0).note(), notes.get(notes.size() - 1).note());
        }
        for (int i = 0; i < notes.size() && notes.size() > 1; i++) {
            for (int level = 1; level <= notes.get(i).flags(); level++) {
                Beam beam = new Beam();
                beam.setNumber(level);
                beam.setValue(value(notes, i, level));
                notes.get(i).note().getBeam().add(beam);
            }
        }
    }

    /** Among thirty-seconds and shorter notes all beams but the first are parted at the eighths. */
    private static boolean isParted(List<Flagged> notes, int i, int level) {
        boolean shortest = notes.stream().anyMatch(one -> one.flags() > 2);
        return level > 1 && shortest && notes.get(i).onset().times(2).isWhole();
    }

    private static BeamValue value(List<Flagged> notes, int i, int level) {
        boolean before = i > 0 && notes.get(i - 1).flags() >= level && !isParted(notes, i, level);
        boolean after = i + 1 < notes.size() && notes.get(i + 1).flags() >= level && !isParted(notes, i + 1, level);
        if (before) {
            return after ? BeamValue.CONTINUE : BeamValue.END;
        }
        if (after) {
            return BeamValue.BEGIN;
        }
        return i > 0 ? BeamValue.BACKWARD_HOOK : BeamValue.FORWARD_HOOK;
    }
}
