package com.zestythumb.core.arrangement;

import com.zestythumb.core.fingering.Side;
import com.zestythumb.core.pitch.Pitch;
import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.SheetNote;
import com.zestythumb.core.sheet.Touch;
import com.zestythumb.core.sheet.Tuplet;

/**
 * A note of the left hand.
 *
 * @param id unique in the tune; the engraving bears it too
 * @param chord index of its {@link ArrangedChord}; −1 before the first
 * @param bar index of its written bar, from 0
 * @param onset quarter notes after the bar line
 * @param duration quarter notes
 * @param pitch the key
 * @param finger the finger on it, 1 to 5; 0 where it has none
 * @param fingerShown whether the finger is printed: at the first sounding of the note in its chord
 * @param tied whether it is held over into the next note of the same pitch in its voice
 * @param voice 0 for the upper voice of the hand, 1 and 2 for those below
 * @param touch how the key is played
 * @param tuplet its place in a tuplet, or null
 * @param side the hand that plays it
 * @param stress how much of it is heard among the notes around it
 */
public record TimedNote(
        String id,
        int chord,
        int bar,
        Fraction onset,
        Fraction duration,
        Pitch pitch,
        int finger,
        boolean fingerShown,
        boolean tied,
        int voice,
        Touch touch,
        Tuplet tuplet,
        Side side,
        Stress stress) {

    /** A note of a hand as it stands in one of its voices on the sheet, not yet taken to a chord. */
    static TimedNote written(SheetNote note, int bar, int voice, Side side) {
        return new TimedNote(
                "",
                -1,
                bar,
                note.onset(),
                note.duration(),
                note.pitch(),
                note.finger(),
                note.finger() > 0,
                note.tied(),
                voice,
                note.touch(),
                note.tuplet(),
                side,
                Stress.EVEN);
    }

    TimedNote at(int chord, String id) {
        return new TimedNote(
                id, chord, bar, onset, duration, pitch, finger, fingerShown, tied, voice, touch, tuplet, side, stress);
    }

    public boolean isRight() {
        return side == Side.RIGHT;
    }

    public boolean isSoft() {
        return stress == Stress.SOFT;
    }

    public boolean isBroughtOut() {
        return stress == Stress.BROUGHT_OUT;
    }

    /** How long the key is held down, in quarter notes. */
    public Fraction sounding() {
        return switch (touch) {
            case SHORT -> duration.dividedBy(Fraction.of(2));
            case DETACHED -> duration.times(Fraction.of(3, 4));
            default -> duration;
        };
    }

    /** How long it is written: a triplet eighth is an eighth. */
    public Fraction written() {
        return tuplet == null ? duration : tuplet.written(duration);
    }

    /** When it ends, in quarter notes after the bar line. */
    public Fraction end() {
        return onset.plus(duration);
    }

    TimedNote withTie(boolean tied) {
        return new TimedNote(
                id, chord, bar, onset, duration, pitch, finger, fingerShown, tied, voice, touch, tuplet, side, stress);
    }

    TimedNote lasting(Fraction other) {
        return new TimedNote(
                id, chord, bar, onset, other, pitch, finger, fingerShown, tied, voice, touch, tuplet, side, stress);
    }

    TimedNote withFinger(int other, boolean shown) {
        return new TimedNote(
                id, chord, bar, onset, duration, pitch, other, shown, tied, voice, touch, tuplet, side, stress);
    }

    /** The same key by another name. */
    TimedNote withPitch(Pitch other) {
        return new TimedNote(
                id, chord, bar, onset, duration, other, finger, fingerShown, tied, voice, touch, tuplet, side, stress);
    }
}
