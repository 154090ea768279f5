package com.zestythumb.core.sheet;

import com.zestythumb.core.chord.Chord;

/**
 * A chord that sounds for a while, or a silence.
 *
 * @param chord the chord; null where the bar says N.C. or could not be read
 * @param bar index of its bar in the written order, from 0
 * @param start quarter notes after the bar line
 * @param duration quarter notes
 * @param timing when and how it is struck
 * @param guess what else it might be, if it was guessed from notes and not yet confirmed; else null
 * @param heardAs how the teacher hears it, if she said so; else null
 * @param text where its symbol stands in the chart; null where it has none of its own
 * @param unread the symbol as it was written, if it could not be read and so is silent; else empty
 */
public record ChordEvent(
        Chord chord,
        int bar,
        Fraction start,
        Fraction duration,
        Timing timing,
        Guess guess,
        HeardAs heardAs,
        TextSpan text,
        String unread) {

    /** How a chart writes a place for which a chord is to be found. */
    public static final String OPEN = "?";

    /** When and how a chord is struck. */
    public enum Timing {
        PLAIN,
        /** Struck once and held, whatever the pattern. */
        HELD,
        /** Struck an eighth before its place and held over. */
        PUSHED
    }

    public ChordEvent(Chord chord, int bar, Fraction start, Fraction duration) {
        this(chord, bar, start, duration, Timing.PLAIN, null, null, null);
    }

    public ChordEvent(
            Chord chord,
            int bar,
            Fraction start,
            Fraction duration,
            Timing timing,
            Guess guess,
            HeardAs heardAs,
            TextSpan text) {
        this(chord, bar, start, duration, timing, guess, heardAs, text, "");
    }

    /** Its symbol in plain text: {@code N.C.} for a silence, and what could not be read as it was written. */
    public String written() {
        if (chord != null) {
            return chord.toString();
        }
        return unread.isEmpty() ? "N.C." : unread;
    }

    /** A symbol that could not be read: it is silent and stays as it was written. */
    public static ChordEvent unread(String symbol, int bar, Fraction start, Fraction duration, TextSpan text) {
        return new ChordEvent(null, bar, start, duration, Timing.PLAIN, null, null, text, symbol);
    }

    public boolean isSilent() {
        return chord == null;
    }

    /** Whether the teacher left it open, for a chord to be found. */
    public boolean isOpen() {
        return chord == null && OPEN.equals(unread);
    }

    public boolean isGuess() {
        return guess != null;
    }

    public Fraction end() {
        return start.plus(duration);
    }

    ChordEvent longer(Fraction more) {
        return new ChordEvent(chord, bar, start, duration.plus(more), timing, guess, heardAs, text, unread);
    }

    /** The same in another bar, as a repeated bar has it. */
    ChordEvent inBar(int other) {
        return new ChordEvent(chord, other, start, duration, timing, guess, heardAs, null, unread);
    }

    /** Another chord in the same place. */
    public ChordEvent with(Chord other) {
        return new ChordEvent(other, bar, start, duration, timing, guess, heardAs, text);
    }

    public ChordEvent with(Guess other) {
        return new ChordEvent(chord, bar, start, duration, timing, other, heardAs, text);
    }

    public ChordEvent with(HeardAs other) {
        return new ChordEvent(chord, bar, start, duration, timing, guess, other, text);
    }
}
