package com.zestythumb.core.sheet;

import com.zestythumb.core.pitch.Key;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

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
 * @param beneath what stands beneath the tune on its staff: first what is struck with its notes, then each other voice, filling
 *     the bar; nothing where the tune is alone
 * @param left the voices of the left hand as somebody wrote it, each filling the bar; none where it is to be computed
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
        List<List<SheetNote>> beneath,
        List<List<SheetNote>> left,
        BarText text) {

    public Bar {
        events = List.copyOf(events);
        melody = List.copyOf(melody);
        beneath = beneath.stream().map(List::copyOf).toList();
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
        return length.isBefore(meter.barLength());
    }

    /** Whether it leads into the next bar, and so ends where a full bar would. */
    public boolean isPickup() {
        return offset.isPositive();
    }

    /** The count, from 1, that a place in the bar falls on. */
    public int countAt(Fraction start) {
        return meter.countAt(start.plus(offset));
    }

    public Bar with(BarSigns other) {
        return new Bar(index, number, key, meter, length, offset, other, events, melody, beneath, left, text);
    }

    public Bar with(BarText other) {
        return new Bar(index, number, key, meter, length, offset, signs, events, melody, beneath, left, other);
    }

    public Bar withEvents(List<ChordEvent> others) {
        return new Bar(index, number, key, meter, length, offset, signs, others, melody, beneath, left, text);
    }

    /** The voices of the upper staff, the tune with what is struck with its notes first; none where there is no tune. */
    public List<List<SheetNote>> upper() {
        List<List<SheetNote>> voices = new ArrayList<>();
        if (!melody.isEmpty()) {
            voices.add(beneath.isEmpty() ? melody : SheetNote.merged(melody, beneath.get(0)));
            voices.addAll(beneath.isEmpty() ? List.of() : beneath.subList(1, beneath.size()));
        }
        return voices;
    }

    /** With these voices on its upper staff; the tune is the highest of the first. */
    public Bar withUpper(List<List<SheetNote>> voices) {
        if (voices.isEmpty()) {
            return new Bar(index, number, key, meter, length, offset, signs, events, List.of(), List.of(), left, text);
        }
        List<SheetNote> tune = SheetNote.highest(voices.get(0));
        List<SheetNote> more = SheetNote.beneath(voices.get(0));
        List<List<SheetNote>> under = new ArrayList<>();
        if (!more.isEmpty() || voices.size() > 1) {
            under.add(more);
            under.addAll(voices.subList(1, voices.size()));
        }
        return new Bar(index, number, key, meter, length, offset, signs, events, tune, under, left, text);
    }

    /** With every voice of either staff changed in one way. */
    public Bar mapVoices(UnaryOperator<List<SheetNote>> change) {
        return withUpper(upper().stream().map(change).toList())
                .withLeft(left.stream().map(change).toList());
    }

    /** All notes of the upper staff, voice after voice. */
    public List<SheetNote> allOfUpper() {
        return upper().stream().flatMap(List::stream).toList();
    }

    public Bar withLeft(List<List<SheetNote>> voices) {
        return new Bar(index, number, key, meter, length, offset, signs, events, melody, beneath, voices, text);
    }

    /** In its place with nothing in it. */
    public Bar emptied() {
        return new Bar(
                index,
                number,
                key,
                meter,
                length,
                offset,
                BarSigns.NONE,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                text);
    }

    /** The same by itself in another place, played once. */
    Bar at(int place) {
        return new Bar(
                place,
                number,
                key,
                meter,
                length,
                offset,
                BarSigns.NONE,
                events.stream().map(event -> event.inBar(place)).toList(),
                melody,
                beneath,
                left,
                text);
    }

    public Bar withKey(Key other) {
        return new Bar(index, number, other, meter, length, offset, signs, events, melody, beneath, left, text);
    }

    /** Its meter with the groups that its chords show: 2 + 3 where in five a chord begins with the third count and none with the fourth. */
    public Meter groupedMeter() {
        Meter other = meter.turnedAbout();
        return beginsGroup(other) && !beginsGroup(meter) ? other : meter;
    }

    private boolean beginsGroup(Meter grouped) {
        Fraction first = grouped.valueEnds().get(0).minus(offset);
        return events.stream().anyMatch(event -> event.start().equals(first));
    }

    /** Whether a place is on one and, in four, on three; in compound meters on any felt beat. */
    public boolean isStrong(Fraction onset) {
        Fraction group = meter.isCompound() ? meter.beatLength() : meter.figureGroup();
        return onset.plus(offset).dividedBy(group).isWhole();
    }
}
