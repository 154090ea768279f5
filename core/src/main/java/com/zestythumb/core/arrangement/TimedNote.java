package com.zestythumb.core.arrangement;

import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.LeadSheet;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.sheet.Touch;
import com.zestythumb.core.sheet.Tuplet;

/**
 * A note of the accompaniment.
 *
 * @param id unique in the tune; the engraving bears it too
 * @param chord index of its {@link ArrangedChord}; −1 before the first
 * @param bar index of its written bar, from 0
 * @param voice {@link #WITH_TUNE} for what is struck with a note of the tune, 0 for the upper voice of the hand, 1 and 2 for those below
 * @param side the hand that plays it
 * @param stress how much of it is heard among the notes around it
 * @param fingerShown whether the finger is printed: at the first sounding of the note in its chord
 * @param note the note in its bar, never a rest
 */
public record TimedNote(
        String id, int chord, int bar, int voice, Side side, Stress stress, boolean fingerShown, SheetNote note) {

    public static final int WITH_TUNE = -1;

    /** A note of a hand as it stands in one of its voices on the sheet, not yet taken to a chord. */
    static TimedNote written(SheetNote note, int bar, int voice, Side side) {
        return new TimedNote("", -1, bar, voice, side, Stress.EVEN, note.finger() > 0, note);
    }

    /** A note of the left hand that somebody's pattern has, without finger. */
    static TimedNote left(String id, int chord, int bar, SheetNote note) {
        return new TimedNote(id, chord, bar, 0, Side.LEFT, Stress.EVEN, false, note);
    }

    TimedNote at(int chord, String id) {
        return new TimedNote(id, chord, bar, voice, side, stress, fingerShown, note);
    }

    TimedNote with(SheetNote other) {
        return new TimedNote(id, chord, bar, voice, side, stress, fingerShown, other);
    }

    TimedNote withFinger(int other, boolean shown) {
        return new TimedNote(id, chord, bar, voice, side, stress, shown, note.withFinger(other));
    }

    /** Quarter notes after the bar line. */
    public Fraction onset() {
        return note.onset();
    }

    /** Quarter notes. */
    public Fraction duration() {
        return note.duration();
    }

    public Pitch pitch() {
        return note.pitch();
    }

    /** The finger on it, 1 to 5; 0 where it has none. */
    public int finger() {
        return note.finger();
    }

    /** Whether it is held over into the next note of the same pitch in its voice. */
    public boolean tied() {
        return note.tied();
    }

    public Touch touch() {
        return note.touch();
    }

    /** Its place in a tuplet, or null. */
    public Tuplet tuplet() {
        return note.tuplet();
    }

    public boolean isRight() {
        return side == Side.RIGHT;
    }

    /** Whether it is written beneath the tune on its staff, and is no accompaniment. */
    boolean isBeneathTune(LeadSheet sheet) {
        return isRight() && !sheet.bars().get(bar).beneath().isEmpty();
    }

    public boolean isSoft() {
        return stress == Stress.SOFT;
    }

    public boolean isBroughtOut() {
        return stress == Stress.BROUGHT_OUT;
    }

    /** How long the key is held down, in quarter notes: one that is tied until the next. */
    public Fraction sounding() {
        return duration().times(heldShare());
    }

    /** Of its length, for how much its key is held down. */
    Fraction heldShare() {
        if (tied()) {
            return Fraction.of(1);
        }
        return switch (touch()) {
            case SHORT -> Fraction.of(1, 2);
            case DETACHED -> Fraction.of(3, 4);
            default -> Fraction.of(1);
        };
    }

    /** How long it is written: a triplet eighth is an eighth. */
    public Fraction written() {
        return note.written();
    }

    /** When it ends, in quarter notes after the bar line. */
    public Fraction end() {
        return note.end();
    }
}
