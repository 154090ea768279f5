package com.zestythumb.formats.musicxml;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Letter;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.audiveris.proxymusic.Accidental;
import org.audiveris.proxymusic.AccidentalValue;
import org.audiveris.proxymusic.Backup;
import org.audiveris.proxymusic.Forward;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.Pitch;
import org.audiveris.proxymusic.StartStop;

/**
 * Writes the accidentals of a bar (common practice): where a note is not what the signature, or an accidental before
 * it in the bar, says of its line or space. A note that is tied over has none, and the next one there is told anew.
 */
final class PrintedAccidentals {

    /** What no note has: whatever comes next is to be told. */
    private static final int DOUBTFUL = Integer.MAX_VALUE;

    private PrintedAccidentals() {}

    /** A note at its place in the bar. */
    private record Placed(BigDecimal onset, Note note) {}

    /** Writes them to the content of one measure. */
    static void write(List<Object> content, Key key) {
        Map<String, Integer> said = new HashMap<>();
        for (Placed placed : inTime(content)) {
            Note note = placed.note();
            Pitch pitch = note.getPitch();
            int alter = pitch.getAlter() == null ? 0 : pitch.getAlter().intValue();
            String place = note.getStaff() + " " + pitch.getStep() + pitch.getOctave();
            int before = said.getOrDefault(place, signature(key, pitch));
            if (alter == before) {
                continue;
            }
            said.put(place, isTiedOver(note) ? DOUBTFUL : alter);
            if (!isTiedOver(note)) {
                Accidental accidental = new Accidental();
                accidental.setValue(sign(alter));
                note.setAccidental(accidental);
            }
        }
    }

    /** The notes as they sound: the voices of a staff are written one after another. */
    private static List<Placed> inTime(List<Object> content) {
        List<Placed> placed = new ArrayList<>();
        BigDecimal at = BigDecimal.ZERO;
        BigDecimal before = BigDecimal.ZERO;
        for (Object item : content) {
            if (item instanceof Backup backup) {
                at = at.subtract(backup.getDuration());
            } else if (item instanceof Forward forward) {
                at = at.add(forward.getDuration());
            } else if (item instanceof Note note) {
                BigDecimal onset = note.getChord() == null ? at : before;
                if (note.getPitch() != null) {
                    placed.add(new Placed(onset, note));
                }
                if (note.getChord() == null) {
                    before = at;
                    at = at.add(note.getDuration());
                }
            }
        }
        placed.sort(Comparator.comparing(Placed::onset));
        return placed;
    }

    private static boolean isTiedOver(Note note) {
        return note.getTie().stream().anyMatch(tie -> tie.getType() == StartStop.STOP);
    }

    private static int signature(Key key, Pitch pitch) {
        return key.signatureOf(Letter.valueOf(pitch.getStep().name()));
    }

    private static AccidentalValue sign(int alter) {
        return switch (alter) {
            case -2 -> AccidentalValue.FLAT_FLAT;
            case -1 -> AccidentalValue.FLAT;
            case 0 -> AccidentalValue.NATURAL;
            case 1 -> AccidentalValue.SHARP;
            default -> AccidentalValue.DOUBLE_SHARP;
        };
    }
}
