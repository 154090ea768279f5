package com.zestythumb.formats.musicxml;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.BeamValue;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.StemValue;
import org.audiveris.proxymusic.UpDownStopContinue;

/**
 * Turns stems by the middle line of the staff (common practice): those of a chord, and of all notes under one beam, by the note
 * farthest from it, and down where two are as far. Where two voices share a staff their stems are turned already.
 */
final class Stems {

    /** The place of the middle line, by the number of the staff. */
    private final Map<Integer, Integer> middles = new HashMap<>();

    /** How many places higher a staff sounds than it is written. */
    private final Map<Integer, Integer> shifts = new HashMap<>();

    /** Writes them to the content of the next measure. */
    void write(List<Object> content) {
        Map<String, List<Note>> open = new HashMap<>();
        List<Note> last = new ArrayList<>();
        for (Object item : content) {
            if (item instanceof Attributes attributes) {
                attributes
                        .getClef()
                        .forEach(clef -> middles.put(
                                clef.getNumber() == null ? 1 : clef.getNumber().intValue(), StaffPlace.middle(clef)));
            } else if (item instanceof Direction direction) {
                direction.getDirectionType().stream()
                        .filter(type -> type.getOctaveShift() != null)
                        .forEach(type -> shifts.put(
                                direction.getStaff().intValue(),
                                shift(type.getOctaveShift().getType())));
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
        int staff = StaffPlace.staff(note);
        return StaffPlace.of(note.getPitch())
                - shifts.getOrDefault(staff, 0)
                - middles.getOrDefault(staff, StaffPlace.TREBLE);
    }

    private static int shift(UpDownStopContinue type) {
        return switch (type) {
            case DOWN -> StaffPlace.LETTERS;
            case UP -> -StaffPlace.LETTERS;
            default -> 0;
        };
    }
}
