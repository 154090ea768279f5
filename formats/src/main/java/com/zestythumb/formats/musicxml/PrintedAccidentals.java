package com.zestythumb.formats.musicxml;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Letter;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.audiveris.proxymusic.Accidental;
import org.audiveris.proxymusic.AccidentalValue;
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

    /**
     * Writes them.
     *
     * @param content of one measure, each staff in the order of time
     */
    static void write(List<Object> content, Key key) {
        Map<String, Integer> said = new HashMap<>();
        for (Object item : content) {
            if (item instanceof Note note && note.getPitch() != null) {
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
