package com.zestythumb.core.sheet;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Letter;
import com.zestythumb.core.pitch.Pitch;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** Writes the notes of a bar in ABC notation (standard 2.1), so that {@link NoteReader} reads them back. */
public final class NoteWriter {

    private NoteWriter() {}

    /** What is written before a note, for example a chord symbol in quotes; empty for nothing. */
    public interface Before {
        String note(SheetNote note);
    }

    /** The bar's notes, one space between beats. */
    public static String write(List<SheetNote> notes, Key key, Meter meter, Fraction unit) {
        return write(notes, List.of(), key, meter, unit, Fraction.ZERO, note -> "");
    }

    /**
     * The bar's notes.
     *
     * @param barBefore the notes of the same hand before it: what is tied over the bar line keeps its accidental
     * @param offset quarter notes of the meter's bar that lie before this one, in a pickup
     */
    public static String write(
            List<SheetNote> notes,
            List<SheetNote> barBefore,
            Key key,
            Meter meter,
            Fraction unit,
            Fraction offset,
            Before before) {
        StringBuilder out = new StringBuilder();
        Map<Integer, Integer> inForce = new HashMap<>();
        List<Pitch> tied = BarAccidentals.tied(barBefore);
        for (List<SheetNote> struck : SheetNote.struckTogether(notes)) {
            SheetNote note = struck.get(0);
            boolean onBeat =
                    note.onset().plus(offset).dividedBy(meter.beatLength()).isWhole();
            boolean inTuplet = note.tuplet() != null && note.tuplet().place() > 0;
            if (!out.isEmpty() && onBeat && !inTuplet) {
                out.append(' ');
            }
            out.append(before.note(note));
            if (note.tuplet() != null && note.tuplet().place() == 0) {
                out.append(tuplet(note.tuplet(), meter));
            }
            Set<NoteSign> signs = SheetNote.signs(struck);
            signs.stream().filter(sign -> sign != NoteSign.SLUR_END).forEach(out::append);
            // A dot stands right before its note.
            out.append(struck.size() == 1 ? finger(note) : "").append(touch(note.touch()));
            if (note.isWith(notes.get(0))) {
                struck.forEach(one -> forceSign(one, tied, inForce));
            }
            out.append(struck(struck, key, inForce, length(note.written().dividedBy(unit))));
            out.append(signs.contains(NoteSign.SLUR_END) ? NoteSign.SLUR_END : "");
        }
        return out.toString();
    }

    /** Without a sign it would be read as what is tied into the bar. */
    private static void forceSign(SheetNote note, List<Pitch> tied, Map<Integer, Integer> inForce) {
        for (Pitch held : tied) {
            boolean other = !note.isRest() && place(held) == place(note.pitch()) && !held.equals(note.pitch());
            if (other) {
                inForce.put(place(held), held.pitchClass().alteration());
            }
        }
    }

    /** Fingers and ties stand at each note of a chord. */
    private static String struck(List<SheetNote> notes, Key key, Map<Integer, Integer> inForce, String length) {
        boolean one = notes.size() == 1;
        StringBuilder out = new StringBuilder(one ? "" : "[");
        for (SheetNote note : notes) {
            out.append(one ? "" : finger(note));
            out.append(note.isRest() ? "z" : pitch(note.pitch(), key, inForce));
            out.append(one ? length : "").append(note.tied() ? "-" : "");
        }
        return out.append(one ? "" : "]" + length).toString();
    }

    private static String finger(SheetNote note) {
        return note.finger() > 0 ? "!" + note.finger() + "!" : "";
    }

    private static String touch(Touch touch) {
        return switch (touch) {
            case PLAIN -> "";
            case SHORT -> ".";
            case DETACHED -> ".!tenuto!";
            case ROLLED -> "!arpeggio!";
        };
    }

    private static String tuplet(Tuplet tuplet, Meter meter) {
        return "(" + tuplet.actual() + ":" + tuplet.normal() + ":" + tuplet.size();
    }

    /** An accidental is written unless the signature or the bar already has it, in any octave. */
    private static String pitch(Pitch pitch, Key key, Map<Integer, Integer> inForce) {
        Letter letter = pitch.pitchClass().letter();
        int alteration = pitch.pitchClass().alteration();
        int place = place(pitch);
        boolean otherwise = inForce.entrySet().stream()
                .anyMatch(e -> e.getKey() % 7 == letter.ordinal() && e.getValue() != alteration);
        boolean plain = inForce.getOrDefault(place, key.signatureOf(letter)) == alteration && !otherwise;
        String sign = "";
        if (!plain) {
            inForce.put(place, alteration);
            sign = alteration == 0 ? "=" : alteration > 0 ? "^".repeat(alteration) : "_".repeat(-alteration);
        }
        String name = pitch.octave() >= 5
                ? letter.name().toLowerCase(Locale.ROOT) + "'".repeat(pitch.octave() - 5)
                : letter.name() + ",".repeat(4 - pitch.octave());
        return sign + name;
    }

    private static int place(Pitch pitch) {
        return pitch.pitchClass().letter().ordinal() + 7 * pitch.octave();
    }

    private static String length(Fraction units) {
        if (units.equals(Fraction.of(1))) {
            return "";
        }
        return units.isWhole()
                ? units.toString()
                : (units.numerator() == 1 ? "" : units.numerator()) + "/" + units.denominator();
    }
}
