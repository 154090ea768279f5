package com.zestythumb.core.sheet;

import com.zestythumb.core.pitch.Key;
import com.zestythumb.core.pitch.Letter;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.pitch.PitchClass;
import com.zestythumb.core.pitch.Spelling;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;

/** Writes the tune or the left hand note by note: each goes where the last one ended, and what stood there gives way. */
public final class NoteEntry {

    /** Whose notes are written, and where those lie. */
    public enum Hand {
        TUNE(5, 36, 96, "too far off for a tune; take C2 to C7"),
        LEFT(3, 21, 84, "too far off for the left hand; take A0 to C6");

        private final int octave;
        private final int lowest;
        private final int highest;
        private final String tooFar;

        Hand(int octave, int lowest, int highest, String tooFar) {
            this.octave = octave;
            this.lowest = lowest;
            this.highest = highest;
            this.tooFar = tooFar;
        }

        private List<List<SheetNote>> voices(Bar bar) {
            return this == TUNE ? bar.upper() : bar.left();
        }

        private List<SheetNote> notes(Bar bar) {
            List<List<SheetNote>> voices = voices(bar);
            return voices.isEmpty() ? List.of() : voices.get(0);
        }

        /** The bar with other notes in its first voice. */
        private Bar with(Bar bar, List<SheetNote> notes) {
            List<List<SheetNote>> voices = new ArrayList<>(voices(bar));
            if (voices.isEmpty()) {
                voices.add(notes);
            } else {
                voices.set(0, notes);
            }
            return this == TUNE ? bar.withUpper(voices) : bar.withLeft(voices);
        }
    }

    /** Where a note goes: a bar's index and quarter notes after its bar line. */
    public record Place(int bar, Fraction onset) {}

    /** The sheet with its new note, and where the next one goes. */
    public record Result(LeadSheet sheet, Place next) {}

    private static final int FINGERS = 5;
    private static final Fraction LONGEST = Fraction.of(64);

    private final LeadSheet sheet;
    private final Hand hand;

    public NoteEntry(LeadSheet sheet, Hand hand) {
        this.sheet = sheet;
        this.hand = hand;
    }

    /** The name of a key of the keyboard in the key of its bar. */
    public Pitch spelled(Place place, int midi) {
        return Spelling.of(midi, key(place));
    }

    /**
     * The note with this letter that lies nearest to the one before, as the signature has it.
     *
     * @param withLast whether it is struck with that one: then it lies above it in the left hand, and beneath the tune
     */
    public Pitch nearest(Place place, char letter, int accidental, boolean withLast) {
        Letter name = Letter.valueOf(String.valueOf(letter));
        int alteration = key(place).signatureOf(name) + accidental;
        PitchClass note = new PitchClass(name, Math.max(-2, Math.min(2, alteration)));
        Pitch before = before(place);
        Pitch best = new Pitch(note, hand.octave);
        int least = Integer.MAX_VALUE;
        for (int octave = 1; before != null && octave <= 7; octave++) {
            int way = new Pitch(note, octave).staffStep() - before.staffStep();
            boolean fits = !withLast || (hand == Hand.LEFT ? way > 0 : way < 0);
            if (fits && Math.abs(way) < least) {
                least = Math.abs(way);
                best = new Pitch(note, octave);
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
            List<SheetNote> notes = hand.notes(sheet.bars().get(bar));
            for (int i = notes.size() - 1; i >= 0; i--) {
                boolean earlier = bar < place.bar() || notes.get(i).onset().isBefore(place.onset());
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
        if (!duration.isPositive()
                || duration.isAfter(LONGEST)
                || !BarFilling.isWritable(duration)
                || !place.onset().isBefore(sheet.bars().get(place.bar()).length())) {
            throw new IllegalArgumentException("a note of " + duration + " quarter notes does not go there");
        }
        check(pitch);
        List<Bar> bars = new ArrayList<>(sheet.bars());
        if (tied && pitch != null) {
            tieBefore(bars, place, pitch);
        }
        int bar = place.bar();
        Fraction at = place.onset();
        Fraction left = duration;
        while (left.isPositive() && bar < bars.size()) {
            Bar here = bars.get(bar);
            Fraction fits = left.min(here.length().minus(at));
            left = left.minus(fits);
            boolean goesOn = pitch != null && left.isPositive() && bar + 1 < bars.size();
            bars.set(bar, hand.with(here, with(here, new SheetNote(pitch, at, fits, goesOn, null, ""))));
            at = at.plus(fits);
            if (at.equals(here.length())) {
                bar++;
                at = Fraction.ZERO;
            }
        }
        return new Result(new LeadSheet(sheet.heading(), bars), new Place(bar, at));
    }

    /**
     * Strikes a note with what was struck last before a place, and holds it as long.
     *
     * @throws IllegalArgumentException if nothing was struck there, or more than a hand holds
     */
    public Result add(Place place, Pitch pitch) {
        check(pitch);
        List<Bar> bars = new ArrayList<>(sheet.bars());
        int bar = Math.min(place.bar(), bars.size() - 1);
        Fraction before =
                place.bar() < bars.size() ? place.onset() : bars.get(bar).length();
        boolean goesOn = false;
        boolean found = false;
        while (bar >= 0) {
            Fraction end = before;
            List<SheetNote> last = hand.notes(bars.get(bar)).stream()
                    .filter(note -> note.onset().isBefore(end))
                    .toList();
            SheetNote latest = last.isEmpty() ? null : last.get(last.size() - 1);
            if (latest == null && !found) {
                before = bar == 0 ? before : bars.get(bar - 1).length();
                bar--;
                continue;
            }
            boolean leads =
                    latest != null && (!found || latest.tied() && !latest.end().isBefore(end));
            if (!leads || latest.isRest()) {
                break;
            }
            found = true;
            bars.set(bar, hand.with(bars.get(bar), struckWith(hand.notes(bars.get(bar)), latest, pitch, goesOn)));
            goesOn = true;
            before = latest.onset();
            if (before.equals(Fraction.ZERO) && bar > 0) {
                bar--;
                before = bars.get(bar).length();
            } else if (before.equals(Fraction.ZERO)) {
                break;
            }
        }
        if (!found) {
            throw new IllegalArgumentException("there is no note before it to strike it with; write one first");
        }
        return new Result(new LeadSheet(sheet.heading(), bars), place);
    }

    /** The notes of a bar with one more struck with another. */
    private static List<SheetNote> struckWith(List<SheetNote> notes, SheetNote other, Pitch pitch, boolean tied) {
        List<SheetNote> struck =
                new ArrayList<>(notes.stream().filter(other::isWith).toList());
        if (struck.stream().noneMatch(note -> note.pitch().equals(pitch))) {
            struck.add(other.with(pitch)
                    .withTie(tied)
                    .withFinger(0)
                    .withVerses(List.of())
                    .withSigns(Set.of()));
        }
        if (struck.size() > FINGERS) {
            throw new IllegalArgumentException("a hand has five fingers; begin a new note with the next");
        }
        List<SheetNote> all = new ArrayList<>(
                notes.stream().filter(note -> !other.isWith(note)).toList());
        all.addAll(SheetNote.chord(struck));
        all.sort(Comparator.comparing(SheetNote::onset));
        return all;
    }

    private void check(Pitch pitch) {
        if (pitch != null && (pitch.midi() < hand.lowest || pitch.midi() > hand.highest)) {
            throw new IllegalArgumentException(pitch.pretty() + " lies " + hand.tooFar);
        }
    }

    private void tieBefore(List<Bar> bars, Place place, Pitch pitch) {
        int bar = place.onset().equals(Fraction.ZERO) ? place.bar() - 1 : place.bar();
        if (bar < 0) {
            return;
        }
        Fraction end = bar < place.bar() ? bars.get(bar).length() : place.onset();
        bars.set(
                bar,
                hand.with(
                        bars.get(bar),
                        hand.notes(bars.get(bar)).stream()
                                .map(n -> n.end().equals(end) && pitch.equals(n.pitch()) ? n.withTie(true) : n)
                                .toList()));
    }

    /** The bar's notes with a new one; others make room, and rests fill what is left. */
    private List<SheetNote> with(Bar bar, SheetNote added) {
        List<SheetNote> kept = new ArrayList<>();
        for (SheetNote note : hand.notes(bar)) {
            boolean before = note.onset().isBefore(added.onset());
            boolean reaches = note.end().isAfter(added.onset());
            if (before && !reaches || !note.onset().isBefore(added.end())) {
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
