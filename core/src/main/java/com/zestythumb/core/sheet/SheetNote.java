package com.zestythumb.core.sheet;

import com.zestythumb.core.pitch.Pitch;
import java.util.ArrayList;
import java.util.List;

/**
 * A note or rest as it stands in a voice of the sheet; notes struck together follow one another with one onset and length.
 *
 * @param pitch the pitch; null for a rest
 * @param onset quarter notes after the bar line
 * @param duration quarter notes that it sounds
 * @param tied whether it is tied to the next note
 * @param tuplet its place in a tuplet, or null
 * @param syllable the syllable sung to it; empty where there is none
 * @param finger the finger written to it, 1 to 5; 0 where there is none
 * @param touch how its key is played
 */
public record SheetNote(
        Pitch pitch,
        Fraction onset,
        Fraction duration,
        boolean tied,
        Tuplet tuplet,
        String syllable,
        int finger,
        Touch touch) {

    public SheetNote(Pitch pitch, Fraction onset, Fraction duration) {
        this(pitch, onset, duration, false, null, "");
    }

    /** A note with no finger written to it. */
    public SheetNote(Pitch pitch, Fraction onset, Fraction duration, boolean tied, Tuplet tuplet, String syllable) {
        this(pitch, onset, duration, tied, tuplet, syllable, 0, Touch.PLAIN);
    }

    public boolean isRest() {
        return pitch == null;
    }

    public Fraction end() {
        return onset.plus(duration);
    }

    /** How long it is written: a triplet eighth is an eighth. */
    public Fraction written() {
        return tuplet == null ? duration : tuplet.written(duration);
    }

    /** Whether it is struck with another one of its voice. */
    public boolean isWith(SheetNote other) {
        return onset.equals(other.onset);
    }

    /** The notes of a voice by what is struck at one time. */
    public static List<List<SheetNote>> struckTogether(List<SheetNote> voice) {
        List<List<SheetNote>> struck = new ArrayList<>();
        for (int from = 0; from < voice.size(); ) {
            int to = from + 1;
            while (to < voice.size() && voice.get(to).isWith(voice.get(from))) {
                to++;
            }
            struck.add(voice.subList(from, to));
            from = to;
        }
        return struck;
    }

    public SheetNote with(Pitch other) {
        return new SheetNote(other, onset, duration, tied, tuplet, syllable, finger, touch);
    }

    public SheetNote withSyllable(String sung) {
        return new SheetNote(pitch, onset, duration, tied, tuplet, sung, finger, touch);
    }

    public SheetNote withTie(boolean toNext) {
        return new SheetNote(pitch, onset, duration, toNext, tuplet, syllable, finger, touch);
    }

    public SheetNote withTuplet(Tuplet other) {
        return new SheetNote(pitch, onset, duration, tied, other, syllable, finger, touch);
    }

    public SheetNote withFinger(int other) {
        return new SheetNote(pitch, onset, duration, tied, tuplet, syllable, other, touch);
    }

    public SheetNote withTouch(Touch other) {
        return new SheetNote(pitch, onset, duration, tied, tuplet, syllable, finger, other);
    }

    /** The same at another time. */
    public SheetNote at(Fraction otherOnset, Fraction otherDuration) {
        return new SheetNote(pitch, otherOnset, otherDuration, tied, tuplet, syllable, finger, touch);
    }
}
