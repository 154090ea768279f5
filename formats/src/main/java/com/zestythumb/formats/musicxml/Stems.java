package com.zestythumb.formats.musicxml;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.BeamValue;
import org.audiveris.proxymusic.ClefSign;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.Pitch;
import org.audiveris.proxymusic.StemValue;

/**
 * Turns stems by the middle line of the staff (common practice): those of a chord, and of all notes under one beam, by the note
 * farthest from it, and down where two are as far. Where two voices share a staff their stems are turned already.
 */
final class Stems {

    /** The places of the middle lines, counted in letters from C0: B4 in the treble clef, D3 in the bass clef. */
    private static final int TREBLE = 34;

    private static final int BASS = 22;

    /** By the number of the staff. */
    private final Map<Integer, Integer> middles = new HashMap<>();

    /** Writes them to the content of the next measure. */
    void write(List<Object> content) {
        Map<String, List<Note>> open = new HashMap<>();
        List<Note> last = new ArrayList<>();
        for (Object item : content) {
            if (item instanceof Attributes attributes) {
                attributes
                        .getClef()
                        .forEach(clef -> middles.put(
                                clef.getNumber() == null ? 1 : clef.getNumber().intValue(),
                                clef.getSign() == ClefSign.F ? BASS : TREBLE));
            } else if (item instanceof Note note && note.getPitch() != null) {
                if (note.getChord() != null) {
                    last.add(note);
                    continue;
                }
                last = open.computeIfAbsent(note.getStaff() + " " + note.getVoice(), voice -> new ArrayList<>());
                if (!goesOnUnderABeam(note)) {
                    turn(last);
                    last.clear();
                }
                last.add(note);
            }
        }
        open.values().forEach(this::turn);
    }

    static boolean has(Note note) {
        return !note.getType().getValue().equals("whole");
    }

    private static boolean goesOnUnderABeam(Note note) {
        return !note.getBeam().isEmpty() && note.getBeam().get(0).getValue() != BeamValue.BEGIN;
    }

    private void turn(List<Note> notes) {
        int farthest = 0;
        for (Note note : notes) {
            int far = far(note);
            farthest = Math.abs(far) > Math.abs(farthest) || far == -farthest && far > 0 ? far : farthest;
        }
        for (Note note : notes) {
            if (note.getStem() == null && has(note)) {
                Notes.stem(note, farthest < 0 ? StemValue.UP : StemValue.DOWN);
            }
        }
    }

    /** How many places above the middle line, below it less than 0. */
    private int far(Note note) {
        Pitch pitch = note.getPitch();
        int staff = note.getStaff() == null ? 1 : note.getStaff().intValue();
        return "CDEFGAB".indexOf(pitch.getStep().name()) + 7 * pitch.getOctave() - middles.getOrDefault(staff, TREBLE);
    }
}
