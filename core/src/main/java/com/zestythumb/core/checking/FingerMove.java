package com.zestythumb.core.checking;

import com.zestythumb.core.pitch.Interval;
import com.zestythumb.core.pitch.NoteNames;
import com.zestythumb.core.pitch.Pitch;

/**
 * What one finger does on the way to the next chord.
 *
 * @param fromFinger the finger that plays now, 1 to 5; 0 where a note is new
 * @param toFinger the finger that plays next; 0 where the finger is lifted
 * @param from the note now, null where new
 * @param to the note next, null where lifted
 */
public record FingerMove(int fromFinger, int toFinger, Pitch from, Pitch to) {

    /** How far a finger goes; the signs on the page are drawn by this. */
    public enum Motion {
        STAYS,
        STEP,
        LEAP,
        LIFTS,
        JOINS
    }

    public Motion motion() {
        if (to == null) {
            return Motion.LIFTS;
        }
        if (from == null) {
            return Motion.JOINS;
        }
        int semitones = Math.abs(semitones());
        return semitones == 0 ? Motion.STAYS : semitones <= 2 ? Motion.STEP : Motion.LEAP;
    }

    /** Keys moved, upward positive; 0 where a note is new or let go. */
    public int semitones() {
        return from == null || to == null ? 0 : to.midi() - from.midi();
    }

    /** The way in words, without the finger: {@code "up a step"}, {@code "stays"}. */
    String way() {
        return switch (motion()) {
            case STAYS -> "stays";
            case LIFTS -> "lifts";
            case JOINS -> "joins";
            case STEP, LEAP -> (semitones() > 0 ? "up " : "down ") + size();
        };
    }

    private String size() {
        int steps = Math.abs(to.staffStep() - from.staffStep());
        boolean plainStep = steps == 1 && motion() == Motion.STEP;
        if (plainStep) {
            return "a step";
        }
        if (Math.abs(semitones()) == 1) {
            return "a half step";
        }
        if (Math.abs(semitones()) == 2) {
            return "a whole step";
        }
        Pitch low = semitones() > 0 ? from : to;
        Pitch high = low == from ? to : from;
        String number = Interval.between(low, high).numberName();
        return (number.startsWith("o") || number.startsWith("8") || number.startsWith("11") ? "an " : "a ") + number;
    }

    /** A whole sentence: {@code "3 up a step to F"}, {@code "2 → 3 stays on E"}. */
    public String sentence(NoteNames names) {
        return finger() + " " + words(names);
    }

    /** What stands in it behind the finger: {@code "up a step to F"}. */
    public String words(NoteNames names) {
        Pitch note = to == null ? from : to;
        String name = names.fromEnglish(note.pitchClass().pretty());
        return switch (motion()) {
            case STAYS -> "stays on " + name;
            case LIFTS -> "lifts from " + name;
            case JOINS -> "joins on " + name;
            case STEP, LEAP -> way() + " to " + name;
        };
    }

    private String finger() {
        if (fromFinger == 0 || toFinger == 0) {
            return "" + Math.max(fromFinger, toFinger);
        }
        if (fromFinger == toFinger) {
            return "" + fromFinger;
        }
        boolean moves = motion() == Motion.STEP || motion() == Motion.LEAP;
        return fromFinger + " → " + toFinger + (moves ? " moves" : "");
    }
}
