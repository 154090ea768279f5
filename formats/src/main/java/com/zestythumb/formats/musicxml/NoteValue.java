package com.zestythumb.formats.musicxml;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;

/**
 * A length that one note head can be written in.
 *
 * @param type MusicXML's word for the head: {@code "half"}
 * @param dots dots behind it
 * @param length quarter notes
 */
record NoteValue(String type, int dots, Fraction length) {

    private static final NoteValue EIGHTH = new NoteValue("eighth", 0, Fraction.of(1, 2));

    private static final List<NoteValue> ALL = List.of(
            new NoteValue("whole", 1, Fraction.of(6)),
            new NoteValue("whole", 0, Fraction.of(4)),
            new NoteValue("half", 1, Fraction.of(3)),
            new NoteValue("half", 0, Fraction.of(2)),
            new NoteValue("quarter", 1, Fraction.of(3, 2)),
            new NoteValue("quarter", 0, Fraction.of(1)),
            new NoteValue("eighth", 1, Fraction.of(3, 4)),
            EIGHTH,
            new NoteValue("16th", 1, Fraction.of(3, 8)),
            new NoteValue("16th", 0, Fraction.of(1, 4)),
            new NoteValue("32nd", 1, Fraction.of(3, 16)),
            new NoteValue("32nd", 0, Fraction.of(1, 8)),
            new NoteValue("64th", 0, Fraction.of(1, 16)));

    /** Written where they begin on a beat and leave the middle of the bar to be seen. */
    private static final List<NoteValue> DOUBLE_DOTTED =
            List.of(new NoteValue("half", 2, Fraction.of(7, 2)), new NoteValue("quarter", 2, Fraction.of(7, 4)));

    private static final List<String> FLAGGED = List.of("eighth", "16th", "32nd", "64th");

    /** How many flags its stem bears. */
    int flags() {
        return FLAGGED.indexOf(type) + 1;
    }

    /** Writes a length as the composer did: in one head if there is one for it, else in few tied ones. */
    static List<NoteValue> plain(Fraction length) {
        List<NoteValue> values = new ArrayList<>();
        Fraction left = length;
        while (left.isPositive()) {
            Fraction room = left;
            NoteValue value = ALL.stream()
                    .filter(v -> !v.length().isAfter(room))
                    .findFirst()
                    .orElseThrow(() -> unwritten(length));
            values.add(value);
            left = left.minus(value.length());
        }
        return values;
    }

    /** Writes a length as somebody wrote it: in one head if there is one for it, else where it falls in its bar. */
    static List<NoteValue> written(Fraction onset, Fraction length, Meter meter) {
        List<NoteValue> plain = plain(length);
        if (plain.size() == 1) {
            return plain;
        }
        return DOUBLE_DOTTED.stream()
                .filter(value -> value.length().equals(length) && value.isSeenAt(onset, meter))
                .findFirst()
                .map(List::of)
                .orElseGet(() -> tied(onset, length, meter));
    }

    /** What no one head can be written in is tied over the middle of a bar that has halves. */
    private static List<NoteValue> tied(Fraction onset, Fraction length, Meter meter) {
        Fraction end = onset.plus(length);
        Fraction middle = meter.figureGroup();
        boolean halves = !meter.isCompound() && middle.isBefore(meter.barLength());
        if (!halves || !onset.isBefore(middle) || !end.isAfter(middle)) {
            return split(onset, length, meter);
        }
        List<NoteValue> values = new ArrayList<>(written(onset, middle.minus(onset), meter));
        values.addAll(written(middle, end.minus(middle), meter));
        return values;
    }

    /** Whether twice dotted and with what follows it fills a half of the bar, or two of three beats. */
    private boolean isSeenAt(Fraction onset, Meter meter) {
        Fraction whole = length.times(Fraction.of(8, 7));
        boolean fits = !onset.plus(whole).isAfter(meter.barLength());
        boolean threeFour =
                meter.count() == 3 && onset.dividedBy(meter.beatLength()).isWhole();
        boolean halves =
                Integer.bitCount(meter.count()) == 1 && onset.dividedBy(whole).isWhole();
        return meter.unit() <= 4 && fits && (threeFour || halves);
    }

    /**
     * Writes a length as few tied values, cut where a group of the meter, the felt beat or the half bar should be seen: a
     * value begins on a multiple of its beat, stays within one, or fills the rest of a half bar.
     */
    static List<NoteValue> split(Fraction onset, Fraction duration, Meter meter) {
        if (duration.equals(EIGHTH.length())) {
            return List.of(EIGHTH);
        }
        return cut(onset, duration, meter, (place, left) -> longest(place, left, meter));
    }

    /** Writes a silence as few rests: none goes over the middle of a bar or of a group, nor is dotted but for whole dotted beats. */
    static List<NoteValue> rests(Fraction onset, Fraction duration, Meter meter) {
        return cut(onset, duration, meter, (place, left) -> longestRest(place, left, meter));
    }

    /** Where a value begins: so far from the beginning of its group, which is so long. */
    private record Place(Fraction from, Fraction group) {

        /** Whether the group consists of so long values. */
        boolean isEven(NoteValue value) {
            return group.dividedBy(value.length()).isWhole();
        }
    }

    private static List<NoteValue> cut(
            Fraction onset, Fraction duration, Meter meter, BiFunction<Place, Fraction, NoteValue> longest) {
        List<NoteValue> values = new ArrayList<>();
        Fraction at = onset;
        Fraction end = onset.plus(duration);
        while (at.isBefore(end)) {
            Fraction begin = Fraction.ZERO;
            Fraction until = end;
            for (Fraction one : meter.valueEnds()) {
                if (one.isAfter(at)) {
                    until = one;
                    break;
                }
                begin = one;
            }
            NoteValue value = longest.apply(
                    new Place(at.minus(begin), until.minus(begin)),
                    end.min(until).minus(at));
            values.add(value);
            at = at.plus(value.length());
        }
        return values;
    }

    private static NoteValue longest(Place place, Fraction left, Meter meter) {
        Fraction beat = meter.beatLength();
        Fraction from = place.from();
        boolean onBeat = from.dividedBy(beat).isWhole();
        Fraction toBeat = beat.times(from.dividedBy(beat).floor() + 1).minus(from);
        Fraction room = onBeat || fillsHalf(from, left, meter) ? left : left.min(toBeat);
        return ALL.stream()
                .filter(value -> !value.length().isAfter(room))
                .filter(value -> value.dots() == 0 || value.flags() == 0 || onBeat && !meter.isCompound())
                .filter(value -> !meter.isCompound() || fitsCompound(value, onBeat))
                .findFirst()
                .orElseThrow(() -> unwritten(left));
    }

    /** A dotted quarter behind the first eighth of two quarters. */
    private static boolean fillsHalf(Fraction from, Fraction left, Meter meter) {
        boolean even = !meter.isCompound() && meter.unit() == 4 && meter.count() % 2 == 0;
        Fraction half = Fraction.of(2);
        Fraction inHalf = from.minus(half.times(from.dividedBy(half).floor()));
        return even && left.equals(Fraction.of(3, 2)) && inHalf.equals(EIGHTH.length());
    }

    /** In 6/8 a plain half would hide the second beat. */
    private static boolean fitsCompound(NoteValue value, boolean onBeat) {
        boolean wholeBeats = value.length().dividedBy(Fraction.of(3, 2)).isWhole();
        return wholeBeats && onBeat || value.length().isBefore(Fraction.of(3, 2));
    }

    private static NoteValue longestRest(Place place, Fraction left, Meter meter) {
        Fraction beat = meter.beatLength();
        Fraction from = place.from();
        Fraction inBeat = from.minus(beat.times(from.dividedBy(beat).floor()));
        return ALL.stream()
                .filter(value -> !value.length().isAfter(left))
                .filter(value -> value.length().isBefore(beat)
                        ? value.dots() == 0
                                && isAligned(value, inBeat)
                                && !inBeat.plus(value.length()).isAfter(beat)
                        : value.length().dividedBy(beat).isWhole()
                                && (value.dots() == 0 || meter.isCompound())
                                && isAligned(value, from)
                                && (value.length().equals(beat) || place.isEven(value)))
                .findFirst()
                .orElseThrow(() -> unwritten(left));
    }

    private static boolean isAligned(NoteValue value, Fraction from) {
        return from.dividedBy(value.length()).isWhole();
    }

    private static IllegalArgumentException unwritten(Fraction length) {
        return new IllegalArgumentException(length + " quarter notes cannot be written");
    }
}
