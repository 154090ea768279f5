package com.zestythumb.core.arrangement;

import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.sheet.Bar;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/**
 * All that is played, on one line of time as it is written: the accompaniment in either hand and the tune. It tells what is
 * held at every time at which a key goes down.
 */
public final class Score {

    /** Whose a key is; what is written beneath the tune is of its staff and hand, and with it. */
    public enum Part {
        LEFT,
        RIGHT,
        TUNE
    }

    /**
     * A key that goes down once: notes tied to one another are one stroke.
     *
     * @param note where it is struck
     * @param place of a note of the tune its place among the notes and rests of its bar; −1 elsewhere
     * @param from quarter notes from the beginning of the tune as it is written
     * @param to when the key is let go
     */
    public record Sound(TimedNote note, Part part, int place, Fraction from, Fraction to) {

        public int key() {
            return note.pitch().midi();
        }

        private Sound until(Fraction other) {
            return new Sound(note, part, place, from, other);
        }
    }

    /**
     * A time at which a key goes down.
     *
     * @param held what is held then, what is struck among it, from the lowest
     */
    public record Moment(Fraction at, List<Sound> held) {

        public boolean strikes(Sound sound) {
            return sound.from().equals(at);
        }

        /** How many keys a part holds. */
        public int count(Part part) {
            int count = 0;
            for (Sound sound : held) {
                count += sound.part() == part ? 1 : 0;
            }
            return count;
        }

        /** What one part, or one hand, holds. */
        public List<Sound> held(Predicate<Sound> which) {
            return held.stream().filter(which).toList();
        }
    }

    private final List<Fraction> barStarts;
    private final List<Sound> sounds = new ArrayList<>();
    private final List<Moment> moments = new ArrayList<>();

    /** O(notes · keys held at one time). */
    Score(LeadSheet sheet, List<TimedNote> notes) {
        barStarts = sheet.barStarts();
        Map<List<Integer>, Integer> tied = new HashMap<>();
        for (Bar bar : sheet.bars()) {
            for (int place = 0; place < bar.melody().size(); place++) {
                SheetNote note = bar.melody().get(place);
                if (!note.isRest()) {
                    add(TimedNote.written(note, bar.index(), 0, Side.RIGHT), Part.TUNE, place, tied);
                }
            }
        }
        notes.stream().sorted(Comparator.comparing(this::at)).forEach(note -> add(note, part(sheet, note), -1, tied));
        sounds.sort(Comparator.comparing(Sound::from).thenComparingInt(Sound::key));
        addMoments();
    }

    private static Part part(LeadSheet sheet, TimedNote note) {
        boolean beneath = note.isBeneathTune(sheet);
        return beneath ? Part.TUNE : note.isRight() ? Part.RIGHT : Part.LEFT;
    }

    private void add(TimedNote note, Part part, int place, Map<List<Integer>, Integer> tied) {
        List<Integer> key = List.of(part.ordinal(), note.voice(), note.pitch().midi());
        Fraction from = at(note);
        Fraction to = from.plus(note.sounding());
        Integer before = tied.remove(key);
        boolean goesOn = before != null && sounds.get(before).to().equals(from);
        if (goesOn) {
            sounds.set(before, sounds.get(before).until(to));
        } else {
            sounds.add(new Sound(note, part, place, from, to));
        }
        if (note.tied()) {
            tied.put(key, goesOn ? before : sounds.size() - 1);
        }
    }

    private void addMoments() {
        List<Sound> held = new ArrayList<>();
        for (int next = 0; next < sounds.size(); ) {
            Fraction at = sounds.get(next).from();
            held.removeIf(sound -> !sound.to().isAfter(at));
            while (next < sounds.size() && sounds.get(next).from().equals(at)) {
                held.add(sounds.get(next));
                next++;
            }
            held.sort(Comparator.comparingInt(Sound::key));
            moments.add(new Moment(at, List.copyOf(held)));
        }
    }

    /** Every key that goes down, in time and from the lowest. */
    public List<Sound> sounds() {
        return sounds;
    }

    public List<Moment> moments() {
        return moments;
    }

    /** When a note is struck, in quarter notes from the beginning of the tune as it is written. */
    public Fraction at(TimedNote note) {
        return at(note.bar(), note.onset());
    }

    /** When a place in a bar comes. */
    public Fraction at(int bar, Fraction onset) {
        return barStarts.get(bar).plus(onset);
    }
}
