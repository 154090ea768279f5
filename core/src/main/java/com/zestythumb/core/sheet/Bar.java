package com.zestythumb.core.sheet;

import com.zestythumb.core.pitch.Key;
import java.util.List;

/**
 * One written bar.
 *
 * @param index place in the written order, from 0
 * @param number what a teacher calls it: from 1, and 0 for a pickup
 * @param key the key in force
 * @param meter the meter in force
 * @param length quarter notes; less than the meter's bar in a pickup or a short bar
 * @param offset quarter notes of the meter's bar that lie before this one; above 0 in a pickup
 * @param signs repeats, endings, jumps
 * @param events the chords and silences in it, in order, filling the bar
 * @param melody the notes and rests of the tune, in order, filling the bar; empty where none is written
 * @param left the voices of the left hand as somebody wrote it, each filling the bar; none where it is to be reckoned
 * @param text section name, notes, words
 */
public record Bar(
        int index,
        int number,
        Key key,
        Meter meter,
        Fraction length,
        Fraction offset,
        BarSigns signs,
        List<ChordEvent> events,
        List<SheetNote> melody,
        List<List<SheetNote>> left,
        BarText text) {

    public Bar {
        events = List.copyOf(events);
        melody = List.copyOf(melody);
        left = left.stream().map(List::copyOf).toList();
    }

    public String section() {
        return text.section();
    }

    public boolean startsRepeat() {
        return signs.startsRepeat();
    }

    public int timesPlayed() {
        return signs.timesPlayed();
    }

    public boolean endsRepeat() {
        return signs.endsRepeat();
    }

    /** The notes of the written left hand, voice after voice. */
    public List<SheetNote> allOfLeft() {
        return left.stream().flatMap(List::stream).toList();
    }

    /** Whether it is shorter than the meter asks. */
    public boolean isShort() {
        return length.compareTo(meter.barLength()) < 0;
    }

    /** Whether it leads into the next bar, and so ends where a full bar would. */
    public boolean isPickup() {
        return offset.compareTo(Fraction.ZERO) > 0;
    }

    /** The count, from 1, that a place in the bar falls on. */
    public int countAt(Fraction start) {
        return meter.countAt(start.plus(offset));
    }

    public Bar with(BarSigns other) {
        return new Bar(index, number, key, meter, length, offset, other, events, melody, left, text);
    }

    public Bar with(BarText other) {
        return new Bar(index, number, key, meter, length, offset, signs, events, melody, left, other);
    }

    public Bar withEvents(List<ChordEvent> others) {
        return new Bar(index, number, key, meter, length, offset, signs, others, melody, left, text);
    }

    public Bar withMelody(List<SheetNote> notes) {
        return new Bar(index, number, key, meter, length, offset, signs, events, notes, left, text);
    }

    public Bar withLeft(List<List<SheetNote>> voices) {
        return new Bar(index, number, key, meter, length, offset, signs, events, melody, voices, text);
    }

    public Bar withKey(Key other) {
        return new Bar(index, number, other, meter, length, offset, signs, events, melody, left, text);
    }

    /** Whether a place is on one and, in four, on three; in compound meters on any felt beat. */
    public boolean isStrong(Fraction onset) {
        Fraction group = meter.isCompound() ? meter.beatLength() : meter.figureGroup();
        return onset.plus(offset).dividedBy(group).isWhole();
    }
}
