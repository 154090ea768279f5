package com.zestythumb.formats.musicxml;

import com.zestythumb.core.sheet.Fraction;
import com.zestythumb.core.sheet.Meter;
import java.util.ArrayList;
import java.util.List;

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

    private static final List<String> FLAGGED = List.of("eighth", "16th", "32nd", "64th");

    /** How many flags its stem bears. */
    int flags() {
        return FLAGGED.indexOf(type) + 1;
    }

    /** Writes a length as the composer did: in one head if there is one for it, else in few tied ones. */
    static List<NoteValue> plain(Fraction length) {
        List<NoteValue> values = new ArrayList<>();
        Fraction left = length;
        while (left.compareTo(Fraction.ZERO) > 0) {
            Fraction room = left;
            NoteValue value = ALL.stream()
                    .filter(v -> v.length().compareTo(room) <= 0)
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(length + " quarter notes cannot be written"));
            values.add(value);
            left = left.minus(value.length());
        }
        return values;
    }

    /**
     * Writes a length as few tied values, cut where the felt beat or the half bar should be seen: a
     * value begins on a multiple of its beat or stays within one.
     */
    static List<NoteValue> split(Fraction onset, Fraction duration, Meter meter) {
        if (duration.equals(EIGHTH.length())) {
            return List.of(EIGHTH);
        }
        List<NoteValue> values = new ArrayList<>();
        Fraction at = onset;
        Fraction left = duration;
        while (left.compareTo(Fraction.ZERO) > 0) {
            NoteValue value = longest(at, left, meter);
            values.add(value);
            at = at.plus(value.length());
            left = left.minus(value.length());
        }
        return values;
    }

    private static NoteValue longest(Fraction at, Fraction left, Meter meter) {
        Fraction beat = meter.beatLength();
        boolean onBeat = at.dividedBy(beat).isWhole();
        Fraction toBeat = beat.times(at.dividedBy(beat).floor() + 1).minus(at);
        Fraction room = onBeat ? left : left.min(toBeat);
        return ALL.stream()
                .filter(value -> value.length().compareTo(room) <= 0)
                .filter(value -> value.dots() == 0 || value.flags() == 0)
                .filter(value -> !meter.isCompound() || fitsCompound(value, onBeat, left))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(left + " quarter notes cannot be written"));
    }

    /** In 6/8 a plain half would hide the second beat. */
    private static boolean fitsCompound(NoteValue value, boolean onBeat, Fraction left) {
        boolean wholeBeats = value.length().dividedBy(Fraction.of(3, 2)).isWhole();
        return wholeBeats && onBeat || value.length().compareTo(Fraction.of(3, 2)) < 0;
    }
}
