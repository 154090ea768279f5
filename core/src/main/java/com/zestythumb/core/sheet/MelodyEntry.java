package com.zestythumb.core.sheet;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Letter;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.pitch.Spelling;
import java.util.ArrayList;
import java.util.List;

/** Writes a tune note by note: each goes where the last one ended, and what stood there gives way. */
public final class MelodyEntry {

    /** Where a note goes: a bar's index and quarter notes after its bar line. */
    public record Place(int bar, Fraction onset) {}

    /** The sheet with its new note, and where the next one goes. */
    public record Result(LeadSheet sheet, Place next) {}

    private static final int OCTAVE_ABOVE_MIDDLE_C = 5;
    private static final int LOWEST = 36;
    private static final int HIGHEST = 96;
    private static final Fraction LONGEST = Fraction.of(64);

    private final LeadSheet sheet;

    public MelodyEntry(LeadSheet sheet) {
        this.sheet = sheet;
    }

    /** The name of a key of the keyboard in the key of its bar. */
    public Pitch spelled(Place place, int midi) {
        return Spelling.of(midi, key(place));
    }

    /** The note with this letter that lies nearest to the one before, as the signature has it. */
    public Pitch nearest(Place place, char letter, int accidental) {
        Letter name = Letter.valueOf(String.valueOf(letter));
        int alteration = key(place).signatureOf(name) + accidental;
        PitchClass note = new PitchClass(name, Math.max(-2, Math.min(2, alteration)));
        Pitch before = before(place);
        Pitch best = new Pitch(note, OCTAVE_ABOVE_MIDDLE_C);
        if (before != null) {
            for (int octave = 2; octave <= 7; octave++) {
                Pitch candidate = new Pitch(note, octave);
                boolean nearer = Math.abs(candidate.staffStep() - before.staffStep())
                        < Math.abs(best.staffStep() - before.staffStep());
                best = nearer ? candidate : best;
            }
        }
        return best;
    }

    private Key key(Place place) {
        return sheet.bars().isEmpty()
                ? sheet.key()
                : sheet.bars()
                        .get(Math.min(place.bar(), sheet.bars().size() - 1))
                        .key();
    }

    /** The last pitch that begins before a place. */
    private Pitch before(Place place) {
        for (int bar = Math.min(place.bar(), sheet.bars().size() - 1); bar >= 0; bar--) {
            List<SheetNote> notes = sheet.bars().get(bar).melody();
            for (int i = notes.size() - 1; i >= 0; i--) {
                boolean earlier = bar < place.bar() || notes.get(i).onset().compareTo(place.onset()) < 0;
                if (earlier && !notes.get(i).isRest()) {
                    return notes.get(i).pitch();
                }
            }
        }
        return null;
    }

    /**
     * Puts a note, or a rest where the pitch is null; over a bar line it is tied.
     *
     * @param tied whether the note before is tied to this one
     * @throws IllegalArgumentException if the place is not in the tune or the note not for a tune
     */
    public Result put(Place place, Pitch pitch, Fraction duration, boolean tied) {
        if (place.bar() >= sheet.bars().size()) {
            throw new IllegalArgumentException(
                    "the tune has no bar there; write the chords of the bar first, as in | C |");
        }
        if (duration.compareTo(Fraction.ZERO) <= 0
                || duration.compareTo(LONGEST) > 0
                || !BarFilling.isWritable(duration)
                || place.onset().compareTo(sheet.bars().get(place.bar()).length()) >= 0) {
            throw new IllegalArgumentException("a note of " + duration + " quarter notes does not go there");
        }
        if (pitch != null && (pitch.midi() < LOWEST || pitch.midi() > HIGHEST)) {
            throw new IllegalArgumentException(pitch.pretty() + " lies too far off for a tune; take C2 to C7");
        }
        List<Bar> bars = new ArrayList<>(sheet.bars());
        if (tied && pitch != null) {
            tieBefore(bars, place, pitch);
        }
        int bar = place.bar();
        Fraction at = place.onset();
        Fraction left = duration;
        while (left.compareTo(Fraction.ZERO) > 0 && bar < bars.size()) {
            Bar here = bars.get(bar);
            Fraction fits = left.min(here.length().minus(at));
            left = left.minus(fits);
            boolean goesOn = pitch != null && left.compareTo(Fraction.ZERO) > 0 && bar + 1 < bars.size();
            bars.set(bar, here.withMelody(with(here, new SheetNote(pitch, at, fits, goesOn, null, ""))));
            at = at.plus(fits);
            if (at.equals(here.length())) {
                bar++;
                at = Fraction.ZERO;
            }
        }
        return new Result(new LeadSheet(sheet.heading(), bars), new Place(bar, at));
    }

    private static void tieBefore(List<Bar> bars, Place place, Pitch pitch) {
        int bar = place.onset().equals(Fraction.ZERO) ? place.bar() - 1 : place.bar();
        if (bar < 0) {
            return;
        }
        Fraction end = bar < place.bar() ? bars.get(bar).length() : place.onset();
        bars.set(
                bar,
                bars.get(bar)
                        .withMelody(bars.get(bar).melody().stream()
                                .map(n -> n.end().equals(end) && pitch.equals(n.pitch()) ? n.withTie(true) : n)
                                .toList()));
    }

    /** The bar's notes with a new one; others make room, and rests fill what is left. */
    private static List<SheetNote> with(Bar bar, SheetNote added) {
        List<SheetNote> kept = new ArrayList<>();
        for (SheetNote note : bar.melody()) {
            boolean before = note.onset().compareTo(added.onset()) < 0;
            boolean reaches = note.end().compareTo(added.onset()) > 0;
            if (before && !reaches || note.onset().compareTo(added.end()) >= 0) {
                kept.add(note);
            } else if (before && note.tuplet() == null) {
                kept.add(
                        note.at(note.onset(), added.onset().minus(note.onset())).withTie(false));
            }
        }
        kept.add(added);
        kept.sort((a, b) -> a.onset().compareTo(b.onset()));
        return BarFilling.withRests(kept, bar.length());
    }
}
