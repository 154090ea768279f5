package com.zestythumb.core.sheet;

import java.util.ArrayList;
import java.util.List;

/** Whether notes fill a bar, and can be written. */
final class BarFilling {

    private static final Fraction HALF = Fraction.of(1, 2);

    private BarFilling() {}

    /** Fills a bar that is too short with a rest, where the notes stop; null where it is too long. */
    static List<MelodyNote> filled(List<MelodyNote> notes, Fraction length) {
        Fraction end =
                notes.isEmpty() ? Fraction.ZERO : notes.get(notes.size() - 1).end();
        if (end.compareTo(length) > 0) {
            return null;
        }
        List<MelodyNote> all = new ArrayList<>(notes);
        if (end.compareTo(length) < 0) {
            all.add(new MelodyNote(null, end, length.minus(end)));
        }
        return all;
    }

    /** The shortest value that a melody may have is a sixty-fourth; longer ones are made of those. */
    static boolean isWritable(Fraction duration) {
        return duration.times(Fraction.of(16)).isWhole() && duration.compareTo(HALF.times(Fraction.of(1, 8))) >= 0;
    }
}
